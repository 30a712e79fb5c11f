import { AMERICA, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const sweetFlag = plant({
  key: 'sweet-flag', name: 'Sweet flag',
  scientific: 'Acorus calamus L.',
  family: 'Acoraceae',
  regions: found([...AMERICA, 'atlanticEurope', 'northernEurope', 'continentalEurope']),
  habit: 'waterPlant', severity: 'harmful',
  about: 'Swords at the water’s edge with a crinkled margin, scented all through; some kinds carry what causes growths in animals.',
  stages: [spring('fans', 'fans of leaves', 1, 92, 14), spring('flowering', 'green spikes', 6, 170, 14), spring('seed', 'seed', 8, 215, 16), autumn('dying', 'leaves brown', 9, 300, 14)],
  signs: [['leaf', 'glance', 'Midrib off the middle, one edge crinkled across.'], ['smell', 'glance', 'Rubbed it smells of tangerine.'], ['flower', 'glance', 'A green finger that sticks out from the side of a leaf-like stem.']],
  shows: shows({ sap: { clear: MOSTLY }, stalkSection: { none: MOSTLY }, growth: { reed: 1, fromGround: OFTEN }, leafShape: 'strap', leafEdge: 'smooth', leafBase: { sheath: OFTEN, clasping: OFTEN, stalkless: OFTEN }, leafSet: { basal: 1 }, leafVeins: 'parallel', hairs: 'bare', leafSection: { fan: OFTEN, flat: OFTEN }, stemSection: { solid: OFTEN, threeEdged: OFTEN }, smell: { mint: NOW_AND_THEN, resin: SOMETIMES, none: NOW_AND_THEN, apricot: NOW_AND_THEN }, flowerForm: { star6: SOMETIMES }, flowerSet: { spike: MOSTLY }, flowerColour: 'green', fruit: { berry: SOMETIMES, capsule: SOMETIMES }, root: { creeping: MOSTLY }, deadStalk: 'noStalk' }),
  cautions: [['notForEating', 'What it holds causes growths in animals: left alone.']],
});
