import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows } from '../src/write.ts';

export const bitterBolete = plant({
  key: 'bitter-bolete', name: 'Bitter bolete',
  scientific: 'Tylopilus felleus (Bull.) P. Karst.',
  family: 'Boletaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope', 'easternAmerica']),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', severity: 'nuisance', seasonStart: '05-01',
  about: 'Spoils a whole pan of ceps with its bitterness.',
  stages: [autumn('fruiting', 'fruiting', 6, 240, 30), autumn('old', 'old', 8, 285, 15), autumn('over', 'over', 9, 310, 15)],
  signs: [['gills', 'glance', 'Pores turn pink.'], ['stipe', 'glance', 'A coarse dark net on a pale stem; the cep’s is white and fine.']],
  shows: shows({ growth: 'cap', capColour: { brownCap: MOSTLY, greyCap: NOW_AND_THEN }, cap: 'domed', underCap: 'pores', stipe: 'netted', sporePrint: 'pinkPrint', flesh: { unchanged: MOSTLY, reddens: RARELY }, smell: 'none', host: { coniferSoil: MOSTLY, broadleafSoil: OFTEN }, foot: { plain: OFTEN, bulb: OFTEN }, inside: 'full' }),
  cautions: [['notForEating', 'Bitter; upsets the stomach.']],
});
