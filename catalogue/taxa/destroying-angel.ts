import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const destroyingAngel = plant({
  key: 'destroying-angel', name: 'Destroying angel',
  scientific: 'Amanita virosa (Fr.) Bertill.',
  family: 'Amanitaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope']),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', severity: 'deadly', seasonStart: '05-01',
  about: 'White all over, from an egg in the moss of damp woods and at their edges. The poison of the death cap.',
  stages: [autumn('fruiting', 'fruiting', 6, 218, 22), autumn('old', 'old caps', 8, 275, 20), autumn('over', 'over', 9, 305, 15)],
  signs: [['stipe', 'cut', 'A white bag about the foot, often left in the moss: dig it out.'], ['gills', 'glance', 'White for good, never pink.'], ['stipe', 'glance', 'Shaggy white stem under a torn ring.']],
  shows: shows({ growth: 'cap', capColour: { whiteCap: MOSTLY, yellowCap: RARELY }, cap: { bellCap: OFTEN, domed: OFTEN, flat: OFTEN }, capSize: { palm: MOSTLY, coin: NOW_AND_THEN }, underCap: 'freeGills', stipe: { ring: OFTEN, ringAndBag: OFTEN, bareStem: SOMETIMES }, sporePrint: 'whitePrint', flesh: { unchanged: MOSTLY, yellows: RARELY }, smell: { none: OFTEN, rank: OFTEN }, host: { coniferSoil: OFTEN, broadleafSoil: OFTEN, grass: NOW_AND_THEN }, gillColour: { white: MOSTLY }, foot: { bag: MOSTLY, bulb: NOW_AND_THEN, plain: RARELY }, inside: { full: OFTEN, loose: NOW_AND_THEN, outline: SOMETIMES } }),
  cautions: [['notForEating', 'Deadly: destroys the liver, signs come half a day late.'], ['people', 'Suspected poisoning: call the poison line at once and keep a piece of everything.']],
});
