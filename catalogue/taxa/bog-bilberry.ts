import { found } from '../src/regions.ts';
import { autumn, OFTEN, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const bogBilberry = plant({
  key: 'bog-bilberry', name: 'Bog bilberry',
  scientific: 'Vaccinium uliginosum L.',
  family: 'Ericaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope', 'easternAmerica', 'westernAmerica']),
  habit: 'shrub', lifeCycle: 'woody', severity: 'harmful',
  about: 'The blue-green bilberry of bogs, its juice without colour. Some people fell ill after many of them.',
  stages: [spring('leaves', 'leaves', 1, 118, 10), spring('flowering', 'pink bells', 6, 145, 10), spring('berries', 'blue berries', 8, 212, 14), autumn('bare', 'leaf-fall', 9, 285, 12)],
  signs: [['fruit', 'cut', 'Flesh pale and juice clear; the bilberry stains purple.'], ['stem', 'glance', 'Twigs round and brown, not green and edged.'], ['leaf', 'glance', 'Blue-green, edge without teeth.']],
  shows: shows({ sap: 'clear', growth: 'bush', leafShape: { oval: 1, round: SOMETIMES }, leafEdge: 'smooth', leafBase: 'wedge', leafSet: 'alternate', leafVeins: 'net', leafUnder: 'dull', hairs: 'bare', stemSection: 'solid', stemSkin: 'plain', flowerForm: 'bell', flowerSet: 'single', flowerColour: { pink: OFTEN, white: OFTEN }, fruit: 'berry', root: 'creeping', branching: 'alternateTwigs', bud: 'scaled', berryColour: 'blueBloom' }),
  cautions: [['notForEating', 'Reports of drunkenness and sickness disagree; kept as not for eating.']],
});
