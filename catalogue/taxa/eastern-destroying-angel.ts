import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const easternDestroyingAngel = plant({
  key: 'eastern-destroying-angel',
  name: 'Eastern destroying angel',
  scientific: 'Amanita bisporigera G. F. Atk.',
  family: 'Amanitaceae',
  regions: found(['easternAmerica', 'prairie']),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', severity: 'deadly', seasonStart: '05-01',
  about: 'Pure white, tall, from an egg under oaks and on lawns beside them, all summer.',
  stages: [autumn('fruiting', 'fruiting', 6, 185, 24), autumn('old', 'old caps', 8, 270, 20), autumn('over', 'over', 9, 300, 15)],
  signs: [['stipe', 'cut', 'A white bag about the foot: dig it out.'], ['gills', 'glance', 'White for good.'], ['sporePrint', 'overnight', 'White.']],
  shows: shows({ growth: 'cap', capColour: { whiteCap: MOSTLY }, cap: { domed: OFTEN, flat: OFTEN, bellCap: SOMETIMES, ball: NOW_AND_THEN }, capSize: { palm: MOSTLY, coin: SOMETIMES }, underCap: 'freeGills', gillColour: { white: MOSTLY }, stipe: { ring: OFTEN, ringAndBag: OFTEN, bareStem: NOW_AND_THEN }, sporePrint: 'whitePrint', flesh: { unchanged: MOSTLY, yellows: RARELY }, smell: { none: MOSTLY, rank: SOMETIMES }, host: { broadleafSoil: MOSTLY, coniferSoil: SOMETIMES, grass: SOMETIMES }, foot: { bag: MOSTLY, bulb: NOW_AND_THEN }, inside: { full: MOSTLY, outline: SOMETIMES } }),
  cautions: [['notForEating', 'Deadly: destroys the liver, signs come half a day late.'], ['people', 'Suspected poisoning: call the poison line at once and keep a piece of everything.']],
});
