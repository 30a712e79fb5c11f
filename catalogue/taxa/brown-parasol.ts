import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const brownParasol = plant({
  key: 'brown-parasol', name: 'Brown parasol',
  scientific: 'Chlorophyllum brunneum (Farl. & Burt) Vellinga',
  family: 'Agaricaceae',
  regions: found(['atlanticEurope', 'continentalEurope', 'mediterranean', 'easternAmerica', 'westernAmerica']),
  habit: 'fungus', lifeCycle: 'fungus', severity: 'harmful', seasonStart: '04-01',
  about: 'A parasol of gardens, parks and heaps of compost, with a smooth stem from a rimmed bulb.',
  stages: [autumn('fruiting', 'fruiting', 6, 232, 28), autumn('old', 'old caps', 8, 288, 18), autumn('over', 'over', 9, 312, 14)],
  signs: [['flesh', 'cut', 'Cut or scratched it goes orange, then red-brown.'], ['stipe', 'cut', 'A broad bulb with a sharp rim.'], ['stipe', 'glance', 'Stem plain, no snakeskin; the ring slides.']],
  shows: shows({ growth: 'cap', capColour: { brownCap: MOSTLY, whiteCap: NOW_AND_THEN }, cap: { domed: OFTEN, flat: OFTEN, bellCap: NOW_AND_THEN }, capSize: { plate: OFTEN, palm: OFTEN }, underCap: 'freeGills', stipe: { slidingRing: MOSTLY, ring: SOMETIMES }, sporePrint: 'whitePrint', flesh: { reddens: MOSTLY, yellows: RARELY }, smell: 'none', host: { grass: OFTEN, broadleafSoil: OFTEN, coniferSoil: NOW_AND_THEN }, gillColour: { white: MOSTLY, brown: RARELY }, foot: { bulb: MOSTLY }, inside: { loose: OFTEN, oneHollow: OFTEN } }),
  cautions: [['notForEating', 'Sick stomach for a day, in some people badly.'], ['people', 'Suspected poisoning: call the poison line at once and keep a piece of everything.']],
});
