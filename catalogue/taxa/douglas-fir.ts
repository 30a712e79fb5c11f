import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, pruning, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const douglasFir = plant({
  key: 'douglas-fir', name: 'Douglas fir',
  scientific: 'Pseudotsuga menziesii (Mirb.) Franco',
  family: 'Pinaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope', 'westernAmerica']),
  habit: 'conifer', lifeCycle: 'woody',
  about: 'Planted; its tips smell of orange peel.',
  stages: [spring('swelling', 'buds swell', 0, 112, 8), spring('capsOff', 'caps off', 1, 130, 7), spring('fingerLong', 'finger-long', 3, 147, 8), spring('hard', 'hard', 4, 170, 10), autumn('cones', 'cones', 8, 265, 14), autumn('rest', 'winter', 9, 320, 14)],
  parts: [{ key: 'tip', name: 'tips', unit: 'tip', perPlant: [1500, 400, 5000], massG: [0.6, 0.3, 1], method: 'Side tips from low boughs.', effect: 'Little, if few.', use: 'syrup, steeped', eating: 'raw' }],
  windows: [{ part: 'tip', use: 'syrup', from: 'capsOff', to: 'fingerLong', best: 0.4 }],
  ceilings: [pruning(0.05)],
  signs: [['fruit', 'glance', 'Cones with three-tipped tongues between the scales, under the tree all year.'], ['bud', 'glance', 'Long pointed buds like a beech’s.'], ['smell', 'glance', 'Of orange.']],
  shows: shows({ growth: 'tree', leafShape: 'needle', needles: { suckers: OFTEN, twoRows: SOMETIMES, allRound: OFTEN }, leafUnder: { paleBands: MOSTLY, dull: NOW_AND_THEN }, smell: 'resin', cone: { tongued: MOSTLY, hanging: NOW_AND_THEN }, bark: { furrowed: OFTEN, corky: SOMETIMES, smoothBark: OFTEN }, branching: { tiers: 1, alternateTwigs: SOMETIMES }, bud: { longPointed: MOSTLY, scaled: RARELY } }),
  lookAlikes: [['Yew', 'Taxus baccata', 'deadly', 'No resin, no pointed buds, red cups instead of cones.']],
  cautions: [['lookAlike', 'Yew is deadly: resin and pointed buds on every twig, or leave it.'], ['law', 'Planted: the owner’s leave, and not where it is sprayed.']],
});
