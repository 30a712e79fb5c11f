import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const devilsBolete = plant({
  key: 'devils-bolete', name: 'Devil’s bolete',
  scientific: 'Rubroboletus satanas (Lenz) Kuan Zhao & Zhu L. Yang',
  family: 'Boletaceae',
  regions: found(['atlanticEurope', 'continentalEurope', 'mountainsOfEurope', 'mediterranean']),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', severity: 'poisonous', seasonStart: '05-01',
  about: 'A fat chalk-white cap over red pores, under beech and oak on warm lime. Rare; seldom taken from.',
  stages: [autumn('fruiting', 'fruiting', 6, 215, 25), autumn('old', 'old', 8, 262, 16), autumn('over', 'over', 9, 285, 14)],
  signs: [['gills', 'glance', 'Pores red, blue where touched.'], ['flesh', 'cut', 'Cut flesh slowly goes blue.'], ['smell', 'glance', 'Old ones stink of carrion.']],
  shows: shows({ growth: 'cap', capColour: { whiteCap: OFTEN, greyCap: OFTEN }, cap: { domed: MOSTLY, flat: NOW_AND_THEN }, capSize: { plate: OFTEN, palm: OFTEN }, underCap: 'pores', stipe: { netted: MOSTLY, bareStem: NOW_AND_THEN }, sporePrint: { rustPrint: OFTEN, darkPrint: SOMETIMES }, flesh: { blues: MOSTLY, unchanged: NOW_AND_THEN }, smell: { none: OFTEN, rank: OFTEN }, host: { broadleafSoil: MOSTLY, grass: RARELY }, foot: { bulb: MOSTLY, plain: NOW_AND_THEN }, inside: 'full' }),
  cautions: [['notForEating', 'Poisonous: violent vomiting, raw worst of all.'], ['people', 'Suspected poisoning: call the poison line at once and keep a piece of everything.']],
});
