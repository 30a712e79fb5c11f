import { found } from '../src/regions.ts';
import { autumn, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const bogRosemary = plant({
  key: 'bog-rosemary', name: 'Bog rosemary',
  scientific: 'Andromeda polifolia L.',
  family: 'Ericaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope', 'easternAmerica', 'westernAmerica']),
  habit: 'shrub', lifeCycle: 'woody', severity: 'poisonous',
  about: 'A low upright heath of bogs among cranberries.',
  stages: [spring('flowering', 'pink bells', 6, 135, 12), spring('capsules', 'capsules', 8, 200, 16), autumn('rest', 'winter', 9, 310, 14)],
  signs: [['leaf', 'glance', 'Narrow, edges rolled under, blue-white beneath.'], ['fruit', 'glance', 'Dry capsules.']],
  shows: shows({ sap: 'clear', growth: 'bush', leafShape: { lance: 1, needle: RARELY }, leafEdge: 'smooth', leafBase: 'wedge', leafSet: 'alternate', leafVeins: 'net', leafUnder: { whiteFelt: OFTEN, dull: OFTEN }, hairs: 'bare', stemSkin: 'plain', flowerForm: 'bell', flowerSet: { umbel: OFTEN, flatHead: OFTEN }, flowerColour: 'pink', fruit: 'capsule', root: 'creeping', stemSection: 'solid', branching: 'alternateTwigs', bark: { smoothBark: OFTEN, peeling: SOMETIMES } }),
  cautions: [['notForEating', 'Poisonous: lowers blood pressure and stops the breath.']],
});
