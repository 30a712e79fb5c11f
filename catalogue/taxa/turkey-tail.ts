import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, shows } from '../src/write.ts';

export const turkeyTail = plant({
  key: 'turkey-tail',
  name: 'Turkey tail',
  scientific: 'Trametes versicolor (L.) Lloyd',
  family: 'Polyporaceae',
  regions: found(EVERYWHERE),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', seasonStart: '06-01',
  about: 'Thin banded fans on every stump. Too tough to chew: boiled for a drink, dried.',
  stages: [autumn('fruiting', 'fresh fans', 6, 250, 24), autumn('winter', 'winter', 8, 345, 16), autumn('over', 'grey, green with algae', 9, 90, 20)],
  parts: [{ key: 'fruitBody', name: 'fans', unit: 'gram', perPlant: [40, 10, 150], massG: null, method: 'Cut fresh ones with a white rim and white pores.', effect: 'Lives on in the wood.', use: 'boiled for a drink', eating: 'cooked' }],
  windows: [{ part: 'fruitBody', use: 'dried', from: 'fruiting', to: 'winter' }],
  ceilings: [others(0.4)],
  signs: [['gills', 'loupe', 'Real pores, white, three to five in a millimetre.'], ['cap', 'glance', 'Velvet bands, thin enough to bend.']],
  shows: shows({ growth: 'cap', capColour: { greyCap: OFTEN, brownCap: OFTEN, greenCap: NOW_AND_THEN }, cap: { shelf: 1 }, capSize: { coin: OFTEN, palm: OFTEN }, underCap: 'pores', sporePrint: 'whitePrint', flesh: 'unchanged', smell: 'none', host: { deadBroadleaf: MOSTLY, deadConifer: NOW_AND_THEN }, foot: { tufted: OFTEN, plain: OFTEN }, inside: 'full' }),
  lookAlikes: [],
  cautions: [['people', 'In pregnancy, with medicines or for a child: ask a licensed practitioner first. Emberfield gives no doses.'], ['people', 'Anything odd after a mushroom meal, even a day later: call the poison line and keep a piece of everything.']],
  keeping: 'Dried to brittle.',
});
