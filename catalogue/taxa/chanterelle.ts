import { EUROPE, found } from '../src/regions.ts';
import { autumn, flush, MOSTLY, NEVER, NOW_AND_THEN, OFTEN, others, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const chanterelle = plant({
  key: 'chanterelle', name: 'Chanterelle',
  scientific: 'Cantharellus cibarius Fr.',
  family: 'Hydnaceae',
  regions: found([...EUROPE, 'easternAmerica', 'westernAmerica']),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', seasonStart: '04-01',
  about: 'Egg-yellow, with blunt ridges that cannot be parted from the flesh; from mossy soil, never from wood.',
  stages: [flush('first', 'first after rain', 5, { day: 172, spread: 16, start: '05-25', rainMm: [25, 15, 40], daysAfter: [11, 6, 17] }), spring('fruiting', 'fruiting', 6, 195, 18), autumn('late', 'last', 8, 275, 16), autumn('over', 'over', 9, 300, 14)],
  parts: [{ key: 'fruitBody', name: 'fruit bodies', unit: 'cap', perPlant: [12, 4, 40], massG: [7, 3, 15], method: 'Cut or twist those larger than a thumbnail; cover the place.', effect: 'The fungus lives on in the soil; trampling hurts it.', use: 'cooked', eating: 'cooked' }],
  windows: [{ part: 'fruitBody', use: 'cooked', from: 'first', to: 'late', best: 0.4 }],
  ceilings: [others(0.4)],
  signs: [['gills', 'glance', 'Blunt forked ridges, one with the flesh.'], ['smell', 'glance', 'Of apricot.'], ['flesh', 'cut', 'White inside.'], ['sporePrint', 'overnight', 'Cream.']],
  shows: shows({ growth: 'cap', capColour: { yellowCap: MOSTLY, whiteCap: RARELY }, cap: { funnel: OFTEN, domed: OFTEN, flat: SOMETIMES }, underCap: { ridges: MOSTLY, runningGills: RARELY }, stipe: 'bareStem', sporePrint: 'whitePrint', flesh: 'unchanged', smell: { apricot: MOSTLY, none: SOMETIMES }, host: { broadleafSoil: OFTEN, coniferSoil: OFTEN }, gillColour: { orange: MOSTLY, white: NOW_AND_THEN }, foot: { plain: MOSTLY }, inside: { full: MOSTLY }, capSize: { palm: MOSTLY, coin: NOW_AND_THEN } }),
  lookAlikes: [['False chanterelle', 'Hygrophoropsis aurantiaca', 'harmful', 'True thin gills that rub off; no apricot.'], ['Jack-o’-lantern', 'Omphalotus olearius', 'poisonous', 'Sharp gills, in tufts on wood or buried roots.'], ['Deadly webcap', 'Cortinarius rubellus', 'deadly', 'True gills that can be parted, rust-brown, and a banded stem: cut each one lengthwise and look beneath.', { apartFrom: NEVER, pieceByPiece: true }]],
  cautions: [['lookAlike', 'Jack-o’-lantern grows on buried roots and looks as if from soil: ridges, not gills, on every one.'], ['spoiling', 'Old and soft ones make ill.'], ['slowPoison', 'Gathers radioactive caesium where it once rained down: ask what is advised where you live.'], ['law', 'Many countries limit how much may be gathered in a day, or where: ask first.'], ['people', 'Anything odd after a mushroom meal, even a day later: call the poison line and keep a piece of everything.']],
});
