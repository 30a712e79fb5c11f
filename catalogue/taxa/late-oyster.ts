import { EUROPE, found } from '../src/regions.ts';
import { autumn, MOSTLY, OFTEN, others, plant, shows, SOMETIMES } from '../src/write.ts';

export const lateOyster = plant({
  key: 'late-oyster',
  name: 'Late oyster',
  scientific: 'Sarcomyxa serotina (Pers.) P. Karst.',
  family: 'Sarcomyxaceae',
  regions: found([...EUROPE, 'easternAmerica', 'westernAmerica']),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', seasonStart: '07-01',
  about: 'Olive fans with yellow gills on dead broad-leaved wood after the first frosts. Poor raw, fair after long cooking.',
  stages: [autumn('fruiting', 'fruiting', 6, 305, 16), autumn('late', 'last shelves', 8, 345, 14), autumn('over', 'over', 9, 15, 14)],
  parts: [{ key: 'fruitBody', name: 'shelves', unit: 'cap', perPlant: [12, 4, 40], massG: [20, 8, 45], method: 'Cut young ones at the wood.', effect: 'Lives on in the wood.', use: 'cooked long', eating: 'cooked' }],
  windows: [{ part: 'fruitBody', use: 'cooked', from: 'fruiting', to: 'late+10' }],
  ceilings: [others(0.4)],
  signs: [['gills', 'glance', 'Ochre yellow, close.'], ['stipe', 'glance', 'A stub with dark yellow scales.'], ['cap', 'cut', 'A jelly layer under the skin.']],
  shows: shows({ growth: 'cap', capColour: { greenCap: MOSTLY, brownCap: SOMETIMES }, cap: { shelf: 1 }, capSize: { palm: MOSTLY, coin: SOMETIMES }, underCap: { runningGills: OFTEN, freeGills: OFTEN }, gillColour: { orange: OFTEN, white: SOMETIMES, brown: SOMETIMES }, stipe: { velvet: OFTEN, bareStem: OFTEN }, sporePrint: 'whitePrint', flesh: 'unchanged', smell: 'none', host: { deadBroadleaf: MOSTLY }, foot: { tufted: OFTEN, plain: OFTEN }, inside: 'full' }),
  lookAlikes: [],
  cautions: [['people', 'Sources disagree, and little is known of what it does in quantity: now and then, and not much.'], ['cooking', 'Cooked through, a little the first time, one kind at a time.'], ['people', 'Anything odd after a mushroom meal, even a day later: call the poison line and keep a piece of everything.']],
  keeping: 'Dried.',
});
