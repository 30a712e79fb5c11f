import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, RARELY, share, shows } from '../src/write.ts';

export const henOfTheWoods = plant({
  key: 'hen-of-the-woods',
  name: 'Hen of the woods',
  scientific: 'Grifola frondosa (Dicks.) Gray',
  family: 'Grifolaceae',
  regions: found(['atlanticEurope', 'continentalEurope', 'mountainsOfEurope', 'mediterranean', 'easternAmerica', 'prairie']),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', seasonStart: '05-01',
  about: 'A head of grey-brown fans at the foot of old oaks, in the same place year after year.',
  stages: [autumn('fruiting', 'fruiting', 6, 258, 18), autumn('old', 'old', 8, 295, 14), autumn('over', 'over', 9, 315, 12)],
  parts: [{ key: 'fruitBody', name: 'fruit bodies', unit: 'gram', perPlant: [1500, 400, 5000], massG: null, method: 'Cut tender fans from the outside, leave the core and a third of the fans.', effect: 'Lives on in the root of the tree.', use: 'cooked', eating: 'cooked' }],
  windows: [{ part: 'fruitBody', use: 'cooked', from: 'fruiting', to: 'old+10' }],
  ceilings: [share(0.6), others(0.3)],
  signs: [['cap', 'glance', 'Hundreds of thin fans from one branched white stalk.'], ['gills', 'loupe', 'White pores that run down the branches.']],
  shows: shows({ growth: 'cap', capColour: { greyCap: OFTEN, brownCap: OFTEN }, cap: { shelf: MOSTLY, funnel: RARELY }, capSize: { palm: OFTEN, coin: OFTEN, plate: NOW_AND_THEN }, underCap: 'pores', stipe: { bareStem: OFTEN }, sporePrint: 'whitePrint', flesh: 'unchanged', smell: 'none', host: { deadBroadleaf: OFTEN, broadleafSoil: OFTEN }, foot: { tufted: MOSTLY }, inside: 'full' }),
  lookAlikes: [],
  cautions: [['cooking', 'Cooked through, a little the first time, one kind at a time.'], ['law', 'Many places limit how much of a fungus a person takes: ask first.'], ['people', 'Anything odd after a mushroom meal, even a day later: call the poison line and keep a piece of everything.']],
  keeping: 'Dried or frozen cooked.',
});
