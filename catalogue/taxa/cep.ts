import { EUROPE, found } from '../src/regions.ts';
import { autumn, flush, MOSTLY, OFTEN, others, plant, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const cep = plant({
  key: 'cep', name: 'Cep',
  scientific: 'Boletus edulis Bull.',
  family: 'Boletaceae',
  regions: found([...EUROPE, 'easternAmerica', 'westernAmerica']),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', seasonStart: '04-01',
  about: 'Under spruce, oak and beech about ten days after good rain.',
  stages: [flush('first', 'first flush', 5, { day: 195, spread: 18, start: '06-20', rainMm: [30, 20, 45], daysAfter: [12, 7, 18] }), autumn('fruiting', 'main flush', 6, 245, 18), autumn('late', 'last', 8, 290, 14), autumn('over', 'over', 9, 312, 12)],
  parts: [{ key: 'fruitBody', name: 'fruit bodies', unit: 'cap', perPlant: [4, 1, 12], massG: [90, 30, 250], method: 'Twist out whole, look at the foot, fill the hole; leave the old and the tiny.', effect: 'Lives on in the roots.', use: 'cooked or dried', eating: 'cooked' }],
  windows: [{ part: 'fruitBody', use: 'cooked', from: 'first', to: 'late', best: 0.6 }],
  ceilings: [others(0.4)],
  signs: [['gills', 'glance', 'Pores white, then yellow-green, never pink or red.'], ['stipe', 'glance', 'A fine white net at the top.'], ['flesh', 'cut', 'White and stays so.']],
  shows: shows({ growth: 'cap', capColour: { brownCap: MOSTLY, whiteCap: RARELY }, cap: 'domed', underCap: 'pores', stipe: { netted: MOSTLY, bareStem: RARELY }, sporePrint: { rustPrint: OFTEN, darkPrint: SOMETIMES }, flesh: 'unchanged', smell: 'none', host: { coniferSoil: OFTEN, broadleafSoil: OFTEN }, foot: { plain: OFTEN, bulb: OFTEN }, inside: 'full' }),
  lookAlikes: [['Bitter bolete', 'Tylopilus felleus', 'nuisance', 'Pores turn pink; dark coarse net.'], ['Devil’s bolete', 'Rubroboletus satanas', 'poisonous', 'Red pores that go blue where touched; chalk-white cap.']],
  cautions: [['cooking', 'Cooked; raw it upsets some.'], ['spoiling', 'Cut through every one: maggots.'], ['slowPoison', 'Gathers cadmium and mercury: eaten seldom, and not from beside roads or works.'], ['slowPoison', 'Gathers radioactive caesium where it once rained down: ask what is advised where you live.'], ['law', 'Many countries limit how much may be gathered in a day, or where: ask first.'], ['people', 'Anything odd after a mushroom meal, even a day later: call the poison line and keep a piece of everything.']],
});
