import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, plant, pruning, shows, spring } from '../src/write.ts';

export const silverFir = plant({
  key: 'silver-fir', name: 'Silver fir',
  scientific: 'Abies alba Mill.',
  family: 'Pinaceae',
  regions: found(['atlanticEurope', 'continentalEurope', 'mountainsOfEurope', 'mediterranean'], 'slow'),
  habit: 'conifer', lifeCycle: 'woody', status: 'slow',
  about: 'Tips come two weeks after the spruce. Flat needles with two white bands, on round feet.',
  stages: [spring('swelling', 'buds swell', 0, 122, 8), spring('capsOff', 'caps off', 1, 136, 7), spring('fingerLong', 'finger-long', 3, 152, 8), spring('hard', 'hard', 4, 175, 10), autumn('cones', 'cones fall apart', 8, 275, 14), autumn('rest', 'winter', 9, 320, 14)],
  parts: [{ key: 'tip', name: 'tips', unit: 'tip', perPlant: [1200, 300, 4000], massG: [0.7, 0.4, 1.2], method: 'Side tips from low boughs; never the top, never of trees below head height.', effect: 'Deer do the rest: few, or none where it is browsed.', use: 'raw, syrup', eating: 'raw' }],
  windows: [{ part: 'tip', use: 'syrup', from: 'capsOff', to: 'fingerLong', best: 0.4, size: 'no longer than a finger joint' }],
  ceilings: [pruning(0.05)],
  signs: [['leaf', 'glance', 'Two white bands beneath, tip notched, the foot round like a sucker.'], ['smell', 'glance', 'Of resin and orange.'], ['bark', 'glance', 'Pale grey, smooth, with resin blisters.'], ['leaf', 'glance', 'A torn needle leaves a round flat scar, no bark with it.']],
  shows: shows({ growth: 'tree', leafShape: 'needle', needles: { suckers: MOSTLY, twoRows: NOW_AND_THEN }, leafUnder: { paleBands: MOSTLY }, smell: 'resin', cone: 'upright', bark: { smoothBark: MOSTLY, furrowed: NOW_AND_THEN }, branching: { tiers: MOSTLY, alternateTwigs: NOW_AND_THEN }, bud: { scaled: MOSTLY, sticky: NOW_AND_THEN } }),
  lookAlikes: [['Yew', 'Taxus baccata', 'deadly', 'Pale green beneath without white bands, pointed, no resin smell; needles run down the twig.']],
  cautions: [['lookAlike', 'Yew is the deadly twin: white bands, round foot and resin on every twig, or leave it.'], ['law', 'Tips are the owner’s, and young firs are often fenced for a reason.']],
});
