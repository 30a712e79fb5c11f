import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const angelWing = plant({
  key: 'angel-wing', name: 'Angel wing',
  scientific: 'Pleurocybella porrigens (Pers.) Singer',
  family: 'Marasmiaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope', 'easternAmerica', 'westernAmerica']),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', severity: 'poisonous', seasonStart: '05-01',
  about: 'Thin pure white fans on rotten conifer stumps in the north and the hills. People with weak kidneys have died of it.',
  stages: [autumn('fruiting', 'fruiting', 6, 240, 22), autumn('old', 'old', 8, 290, 16), autumn('over', 'over', 9, 318, 14)],
  signs: [['cap', 'glance', 'White, thin, a fan without a stem, no thicker than cardboard.'], ['wholePlant', 'glance', 'On rotten conifer wood.']],
  shows: shows({ growth: 'cap', capColour: { whiteCap: MOSTLY, yellowCap: NOW_AND_THEN }, cap: { shelf: MOSTLY, funnel: SOMETIMES }, capSize: { palm: OFTEN, coin: OFTEN }, underCap: { runningGills: MOSTLY, freeGills: NOW_AND_THEN }, stipe: { bareStem: SOMETIMES }, sporePrint: 'whitePrint', flesh: 'unchanged', smell: { none: OFTEN }, host: { deadConifer: MOSTLY, deadBroadleaf: RARELY }, gillColour: { white: MOSTLY }, foot: { tufted: OFTEN, plain: OFTEN }, inside: 'full' }),
  cautions: [['notForEating', 'Has killed people whose kidneys were weak, after weeks of eating it.'], ['people', 'Suspected poisoning: call the poison line at once and keep a piece of everything.']],
});
