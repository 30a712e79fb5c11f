import { EUROPE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const lividPinkgill = plant({
  key: 'livid-pinkgill', name: 'Livid pinkgill',
  scientific: 'Entoloma sinuatum (Bull.) P. Kumm.',
  family: 'Entolomataceae',
  regions: found(EUROPE),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', severity: 'poisonous', seasonStart: '05-01',
  about: 'A stout pale mushroom of broad-leaved woods on heavy ground, with gills that go from yellow to salmon.',
  stages: [autumn('fruiting', 'fruiting', 6, 225, 25), autumn('old', 'old caps', 8, 280, 18), autumn('over', 'over', 9, 305, 15)],
  signs: [['gills', 'glance', 'Yellowish, then salmon pink; not free of the stem.'], ['stipe', 'glance', 'No ring, no bag.'], ['smell', 'glance', 'Of fresh meal.']],
  shows: shows({ growth: 'cap', capColour: { greyCap: OFTEN, whiteCap: OFTEN, yellowCap: NOW_AND_THEN }, cap: { domed: OFTEN, flat: OFTEN, bellCap: NOW_AND_THEN }, capSize: { palm: OFTEN, plate: OFTEN }, underCap: { freeGills: MOSTLY, runningGills: RARELY }, stipe: { bareStem: MOSTLY }, sporePrint: 'pinkPrint', flesh: 'unchanged', smell: { cucumber: OFTEN, rank: SOMETIMES, none: SOMETIMES }, host: { broadleafSoil: MOSTLY, grass: SOMETIMES }, gillColour: { pink: OFTEN, white: OFTEN, orange: NOW_AND_THEN }, foot: { plain: MOSTLY, bulb: NOW_AND_THEN }, inside: { full: MOSTLY } }),
  cautions: [['notForEating', 'Poisonous: violent vomiting for days.'], ['people', 'Suspected poisoning: call the poison line at once and keep a piece of everything.']],
});
