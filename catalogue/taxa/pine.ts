import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, pruning, shows, SOMETIMES, spring } from '../src/write.ts';

export const pine = plant({
  key: 'pine', name: 'Scots pine',
  scientific: 'Pinus sylvestris L.',
  family: 'Pinaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope', 'easternAmerica', 'westernAmerica']),
  habit: 'conifer', lifeCycle: 'woody',
  about: 'Candles and pollen in late spring.',
  stages: [spring('candles', 'candles stretch', 1, 122, 9), spring('pollen', 'pollen flies', 6, 146, 8), spring('needles', 'needles part', 2, 162, 9), spring('hard', 'shoots hard', 7, 200, 14), autumn('rest', 'winter', 9, 310, 14)],
  parts: [{ key: 'tip', name: 'candles', unit: 'tip', perPlant: [700, 200, 2500], massG: [4, 2, 8], method: 'Side candles from low boughs, spread round.', effect: 'A side shoot lost.', use: 'syrup', eating: 'cooked' }, { key: 'pollen', name: 'pollen', unit: 'gram', perPlant: [40, 10, 150], massG: null, method: 'Shake ripe catkins into a bag on a still day.', effect: 'None to speak of.', use: 'sieved', eating: 'raw' }],
  windows: [{ part: 'tip', use: 'syrup', from: 'candles+6', to: 'needles', size: 'no longer than a finger' }, { part: 'pollen', use: 'sieved', from: 'pollen-2', to: 'pollen+6' }],
  ceilings: [pruning(0.05, 'tip')],
  signs: [['leaf', 'glance', 'Needles in twos, blue-green, twisted.'], ['bark', 'glance', 'Fox-red and peeling in the upper half.']],
  shows: shows({ growth: 'tree', leafShape: 'needle', needles: 'pairs', smell: { resin: MOSTLY, none: NOW_AND_THEN }, cone: { hanging: MOSTLY, upright: NOW_AND_THEN }, bark: { peeling: OFTEN, furrowed: OFTEN }, branching: { tiers: OFTEN, alternateTwigs: SOMETIMES }, leafUnder: { dull: MOSTLY }, bud: { scaled: OFTEN, longPointed: SOMETIMES, sticky: SOMETIMES } }),
  lookAlikes: [['Yew', 'Taxus baccata', 'deadly', 'Single flat needles in two rows, no resin.']],
  cautions: [['lookAlike', 'Yew is deadly: needles in twos and resin, or leave it.'], ['people', 'Pollen allergy.'], ['law', 'Tips are the owner’s.']],
});
