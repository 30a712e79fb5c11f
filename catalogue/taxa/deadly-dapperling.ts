import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const deadlyDapperling = plant({
  key: 'deadly-dapperling', name: 'Deadly dapperling',
  scientific: 'Lepiota brunneoincarnata Chodat & C. Martín',
  family: 'Agaricaceae',
  regions: found(['atlanticEurope', 'continentalEurope', 'mountainsOfEurope', 'mediterranean']),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', severity: 'deadly', seasonStart: '04-01',
  about: 'A small pinkish-brown parasol of gardens, parks and verges with the death cap’s poison.',
  stages: [autumn('fruiting', 'fruiting', 6, 235, 30), autumn('old', 'old', 8, 285, 20), autumn('over', 'over', 9, 315, 14)],
  signs: [['cap', 'glance', 'Two to six centimetres, with brown-pink scales.'], ['stipe', 'glance', 'Dark scaly bands below a vague ring; nothing slides.']],
  shows: shows({ growth: 'cap', capColour: { brownCap: OFTEN, redCap: SOMETIMES }, cap: { domed: MOSTLY, bellCap: NOW_AND_THEN, flat: OFTEN }, capSize: { coin: MOSTLY, palm: NOW_AND_THEN }, underCap: 'freeGills', stipe: { ring: OFTEN, bareStem: OFTEN, slidingRing: RARELY }, sporePrint: 'whitePrint', flesh: { unchanged: OFTEN, reddens: SOMETIMES }, smell: { none: OFTEN, apricot: RARELY, cucumber: SOMETIMES }, host: { grass: OFTEN, broadleafSoil: OFTEN, coniferSoil: SOMETIMES }, gillColour: { white: MOSTLY }, foot: { plain: MOSTLY, bulb: NOW_AND_THEN } }),
  cautions: [['notForEating', 'Deadly: destroys the liver.'], ['people', 'Suspected poisoning: call the poison line at once and keep a piece of everything.']],
});
