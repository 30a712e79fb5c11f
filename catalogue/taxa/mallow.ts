import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, OFTEN, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const mallow = plant({
  key: 'mallow', name: 'Common mallow',
  scientific: 'Malva sylvestris L.',
  family: 'Malvaceae',
  regions: found(EVERYWHERE),
  habit: 'biennial',
  about: 'Round soft leaves and purple flowers by old walls and yards.',
  stages: [spring('leaves', 'leaves', 1, 95, 16), spring('flowering', 'flowers', 6, 160, 14), spring('seed', 'cheeses', 8, 205, 16), autumn('dying', 'dead', 9, 310, 14)],
  parts: [{ key: 'leaf', name: 'leaves', unit: 'leaf', perPlant: [14, 6, 25], massG: [1.6, 0.7, 3], method: 'A few of each stem; turn them and look for rust.', effect: 'Grows on.', use: 'cooked', eating: 'cooked' }, { key: 'flower', name: 'flowers', unit: 'blossom', perPlant: [20, 8, 50], massG: [0.3, 0.2, 0.5], method: 'Open ones in the morning.', effect: 'Flowers for months.', use: 'raw or dried', eating: 'raw', costsSeed: true }],
  windows: [{ part: 'leaf', use: 'cooked', from: 'leaves+14', to: 'seed' }, { part: 'flower', use: 'dried', from: 'flowering', to: 'flowering+60' }],
  ceilings: [share(0.3)],
  signs: [['leaf', 'glance', 'Round with five to seven shallow lobes, a dark spot at the stalk.'], ['fruit', 'glance', 'A small round cheese in sectors.']],
  shows: shows({ growth: { leafyStem: OFTEN, creeping: SOMETIMES, rosette: SOMETIMES }, leafShape: { round: OFTEN, hand: OFTEN }, leafEdge: { lobed: OFTEN, coarseTeeth: OFTEN }, leafBase: 'heartBase', leafSet: { alternate: 1, basal: SOMETIMES }, leafVeins: 'net', hairs: 'soft', stemSkin: 'hairy', stemSection: 'solid', smell: 'none', flowerForm: 'star5', flowerSet: { single: OFTEN, flatHead: SOMETIMES }, flowerColour: 'pink', fruit: { capsule: OFTEN, nut: SOMETIMES }, root: 'taproot', deadStalk: { podsLeft: OFTEN, noStalk: OFTEN } }),
  cautions: [['ground', 'Yards and muck heaps load it with nitrate.']],
});
