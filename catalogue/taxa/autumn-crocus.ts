import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const autumnCrocus = plant({
  key: 'autumn-crocus', name: 'Autumn crocus',
  scientific: 'Colchicum autumnale L.',
  family: 'Colchicaceae',
  regions: found(['atlanticEurope', 'continentalEurope', 'mountainsOfEurope', 'mediterranean']),
  habit: 'bulb', severity: 'deadly',
  about: 'A meadow plant turned round: leaves and fruit in spring, pale flowers straight from the bare ground in autumn. Every part kills.',
  stages: [spring('leaves', 'leaves with the fruit among them', 3, 88, 14), spring('fruiting', 'capsules ripen', 8, 155, 14), spring('dying', 'leaves gone', 9, 178, 12), autumn('flowering', 'flowers without leaves', 6, 248, 16), autumn('resting', 'nothing above ground', 9, 288, 16)],
  signs: [
    ['leaf', 'glance', 'Stiff, shining leaves without any stalk, several folded into each other from one point.'],
    ['fruit', 'glance', 'Last autumn’s flower sits as a swelling capsule in the middle of the leaves.'],
    ['root', 'cut', 'A brown corm deep in the ground, solid when cut.'],
    ['smell', 'glance', 'No smell of garlic, if fingers and plant were not beside ramsons.'],
  ],
  shows: shows({ sap: { clear: MOSTLY }, growth: { fromGround: MOSTLY, leafyStem: 0.3, rosette: NOW_AND_THEN }, leafShape: { lance: MOSTLY, strap: OFTEN, oval: SOMETIMES }, leafEdge: 'smooth', leafBase: { stalkless: MOSTLY, clasping: OFTEN, sheath: NOW_AND_THEN, wedge: 0.3 }, leafSet: { basal: MOSTLY, alternate: 0.3 }, leafVeins: { parallel: MOSTLY, arched: NOW_AND_THEN }, leafUnder: { glossy: MOSTLY, dull: NOW_AND_THEN }, hairs: 'bare', leafSection: { flat: 1, fan: SOMETIMES }, smell: { none: MOSTLY, garlic: 0.3, rank: NOW_AND_THEN }, flowerForm: 'star6', flowerSet: 'single', flowerColour: { pink: 1, white: SOMETIMES }, fruit: 'capsule', root: { corm: MOSTLY, bulb: OFTEN }, deadStalk: 'noStalk', stalkSection: { none: MOSTLY, grooved: RARELY } }),
  cautions: [['notForEating', 'Deadly in every part; there is no antidote, and signs come hours late.'], ['skin', 'Wash the hands after touching it.']],
});
