import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const funeralBell = plant({
  key: 'funeral-bell', name: 'Funeral bell',
  scientific: 'Galerina marginata (Batsch) Kühner',
  family: 'Hymenogastraceae',
  regions: found(EVERYWHERE),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', severity: 'deadly', seasonStart: '07-01',
  about: 'Small brown bells on dead wood, in the same months and on the same logs as the velvet shank. Holds the death cap’s poison.',
  stages: [autumn('fruiting', 'fruiting', 6, 237, 25), autumn('old', 'old caps', 8, 310, 20), autumn('over', 'over', 9, 45, 20)],
  signs: [['sporePrint', 'overnight', 'Rust-brown.'], ['stipe', 'glance', 'Silvery threads below a ring or its traces; never dark velvet.'], ['smell', 'glance', 'Of meal.']],
  shows: shows({ growth: 'cap', capColour: { brownCap: MOSTLY, yellowCap: SOMETIMES }, capSize: { coin: OFTEN, palm: OFTEN }, cap: { domed: OFTEN, bellCap: SOMETIMES, flat: OFTEN }, underCap: { freeGills: OFTEN, runningGills: OFTEN }, stipe: { ring: OFTEN, bareStem: OFTEN, velvet: RARELY }, sporePrint: 'rustPrint', flesh: 'unchanged', smell: { cucumber: OFTEN, none: OFTEN }, host: { deadConifer: OFTEN, deadBroadleaf: OFTEN }, gillColour: { brown: MOSTLY, white: NOW_AND_THEN, orange: NOW_AND_THEN }, foot: { tufted: OFTEN, plain: OFTEN }, inside: { full: OFTEN, loose: OFTEN } }),
  cautions: [['notForEating', 'Deadly: destroys the liver, signs come half a day late.'], ['people', 'Suspected poisoning: call the poison line at once and keep a piece of everything.']],
});
