import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const westernDestroyingAngel = plant({
  key: 'western-destroying-angel',
  name: 'Western destroying angel',
  scientific: 'Amanita ocreata Peck',
  family: 'Amanitaceae',
  regions: found(['westernAmerica']),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', severity: 'deadly', seasonStart: '08-01',
  about: 'White, sometimes pinkish in the middle, under live oaks from the end of winter to spring.',
  stages: [autumn('fruiting', 'fruiting', 6, 35, 24), autumn('old', 'old caps', 8, 100, 18), autumn('over', 'over', 9, 125, 15)],
  signs: [['stipe', 'cut', 'A thin white bag about the foot: dig it out.'], ['gills', 'glance', 'White for good.']],
  shows: shows({ growth: 'cap', capColour: { whiteCap: MOSTLY, yellowCap: NOW_AND_THEN, redCap: RARELY }, cap: { domed: OFTEN, flat: OFTEN, ball: NOW_AND_THEN }, capSize: { palm: MOSTLY, plate: NOW_AND_THEN }, underCap: 'freeGills', gillColour: { white: MOSTLY }, stipe: { ring: OFTEN, ringAndBag: OFTEN, bareStem: SOMETIMES }, sporePrint: 'whitePrint', flesh: 'unchanged', smell: { none: MOSTLY, rank: SOMETIMES }, host: { broadleafSoil: MOSTLY, grass: NOW_AND_THEN }, foot: { bag: MOSTLY, bulb: NOW_AND_THEN }, inside: { full: MOSTLY, outline: SOMETIMES } }),
  cautions: [['notForEating', 'Deadly: destroys the liver, signs come half a day late.'], ['people', 'Suspected poisoning: call the poison line at once and keep a piece of everything.']],
});
