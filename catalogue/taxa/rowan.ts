import { about, en, firstFrost } from '../src/figures.ts';
import { EUROPE, found } from '../src/regions.ts';
import { autumn, OFTEN, others, plant, pruning, shows, SOMETIMES, spring } from '../src/write.ts';

export const rowan = plant({
  key: 'rowan', name: 'Rowan',
  scientific: 'Sorbus aucuparia L.',
  family: 'Rosaceae',
  regions: found([...EUROPE, 'easternAmerica', 'westernAmerica']),
  habit: 'tree', lifeCycle: 'woody',
  about: 'Orange berries that birds strip in a day; milder after frost.',
  stages: [spring('leafing', 'leaves', 1, 102, 9), spring('flowering', 'white heads', 6, 138, 9), autumn('red', 'berries red', 8, 232, 12), { key: 'frosted', name: en('after the first frost'), bbch: 8, calendar: about(292, 14), model: firstFrost(-1) }, autumn('bare', 'leaf-fall', 9, 318, 12)],
  parts: [{ key: 'fruit', name: 'berries', unit: 'head', perPlant: [60, 15, 200], massG: [45, 20, 80], method: 'Cut whole heads, leave the top of the tree.', effect: 'Thrushes live on what is left.', use: 'cooked to jelly', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'fruit', use: 'jelly', from: 'red+14', to: 'frosted+16', best: 0.8 }],
  ceilings: [others(0.5), pruning(0.3)],
  signs: [['leaf', 'glance', 'Leaflets all toothed, in pairs with one at the end.'], ['bud', 'glance', 'Purple-brown, downy, one by one.'], ['fruit', 'cut', 'Like a tiny apple inside.']],
  shows: shows({ growth: { tree: 1, bush: SOMETIMES }, leafShape: 'feather', leafEdge: { coarseTeeth: OFTEN, fineTeeth: OFTEN }, leafBase: { wedge: OFTEN, stalkless: SOMETIMES }, leafSet: 'alternate', leafVeins: 'net', hairs: { bare: OFTEN, soft: OFTEN }, stemSkin: 'plain', flowerForm: 'star5', flowerSet: 'flatHead', flowerColour: 'white', fruit: 'pome', bark: { smoothBark: OFTEN, bands: OFTEN }, bud: 'scaled', branching: 'alternateTwigs', berryColour: { orange: OFTEN, red: OFTEN } }),
  cautions: [['cooking', 'Raw berries upset the stomach: cooked only. Seeds hold a little cyanide: sieve them out.']],
});
