import { EUROPE, found } from '../src/regions.ts';
import { autumn, MOSTLY, others, plant, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const jellyEar = plant({
  key: 'jelly-ear', name: 'Jelly ear',
  scientific: 'Auricularia auricula-judae (Bull.) Quél.',
  family: 'Auriculariaceae',
  regions: found(EUROPE),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', seasonStart: '07-01',
  about: 'Brown ears on dead elder all winter; dries to leather and swells again.',
  stages: [autumn('fruiting', 'swollen after rain', 6, 295, 20), autumn('winter', 'winter', 8, 345, 14)],
  parts: [{ key: 'fruitBody', name: 'ears', unit: 'cap', perPlant: [25, 8, 80], massG: [4, 2, 8], method: 'Cut soft ones.', effect: 'Lives on in the wood.', use: 'cooked or dried', eating: 'cooked' }],
  windows: [{ part: 'fruitBody', use: 'cooked', from: 'fruiting', to: 'winter+138' }],
  ceilings: [others(0.4)],
  signs: [['cap', 'glance', 'An ear of rubber, velvety outside, veined within; no gills, no pores.']],
  shows: shows({ growth: 'cap', capColour: { brownCap: MOSTLY, redCap: SOMETIMES }, cap: { shelf: MOSTLY, funnel: SOMETIMES }, underCap: 'noneBeneath', sporePrint: 'whitePrint', flesh: 'unchanged', smell: 'none', host: { deadBroadleaf: 1, deadConifer: RARELY } }),
  cautions: [['people', 'It may thin the blood: with such medicines ask a licensed practitioner.'], ['cooking', 'Slice it: whole ears burst in hot fat.'], ['people', 'Anything odd after a mushroom meal, even a day later: call the poison line and keep a piece of everything.']],
});
