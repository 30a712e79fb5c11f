import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const poisonPie = plant({
  key: 'poison-pie',
  name: 'Poison pie',
  scientific: 'Hebeloma crustuliniforme (Bull.) Quél.',
  family: 'Hymenogastraceae',
  regions: found(EVERYWHERE),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', severity: 'poisonous', seasonStart: '05-01',
  about: 'Pale buff buns in rings under trees and on their lawns, late in the year.',
  stages: [autumn('fruiting', 'fruiting', 6, 265, 20), autumn('old', 'old caps', 8, 300, 16), autumn('over', 'over', 9, 325, 14)],
  signs: [['gills', 'loupe', 'Clay-brown, weeping drops when young that dry to dark spots.'], ['smell', 'glance', 'Of radish.']],
  shows: shows({ growth: 'cap', capColour: { yellowCap: OFTEN, whiteCap: OFTEN, brownCap: SOMETIMES }, cap: { domed: MOSTLY, flat: OFTEN }, capSize: { palm: MOSTLY, coin: SOMETIMES }, underCap: { freeGills: MOSTLY, runningGills: RARELY }, gillColour: { brown: MOSTLY, white: NOW_AND_THEN }, stipe: { bareStem: MOSTLY }, sporePrint: 'rustPrint', flesh: 'unchanged', smell: { rank: OFTEN, none: SOMETIMES, cucumber: NOW_AND_THEN }, host: { broadleafSoil: MOSTLY, coniferSoil: SOMETIMES, grass: SOMETIMES }, foot: { plain: OFTEN, bulb: SOMETIMES }, inside: { full: OFTEN, oneHollow: NOW_AND_THEN } }),
  cautions: [['notForEating', 'Poisonous: violent vomiting.'], ['people', 'Suspected poisoning: call the poison line at once and keep a piece of everything.']],
});
