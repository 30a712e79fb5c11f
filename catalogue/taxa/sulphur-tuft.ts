import { autumn, OFTEN, plant, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const sulphurTuft = plant({
  key: 'sulphur-tuft', name: 'Sulphur tuft',
  scientific: 'Hypholoma fasciculare (Huds.) P. Kumm.',
  family: 'Strophariaceae',
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', severity: 'poisonous', seasonStart: '07-01',
  about: 'Crowded yellow tufts on stumps, gills turning green and then dark.',
  stages: [autumn('fruiting', 'fruiting', 6, 250, 30), autumn('old', 'old caps', 8, 305, 20), autumn('over', 'over', 9, 345, 20)],
  signs: [['gills', 'glance', 'Sulphur-yellow with a green tinge, then purple-brown.'], ['sporePrint', 'overnight', 'Purple-brown.']],
  shows: shows({ growth: 'cap', cap: { domed: 1, bellCap: SOMETIMES }, underCap: { freeGills: OFTEN, runningGills: OFTEN }, stipe: { bareStem: 1, ring: RARELY }, sporePrint: 'darkPrint', flesh: 'unchanged', smell: { none: OFTEN, rank: SOMETIMES }, host: { deadBroadleaf: OFTEN, deadConifer: OFTEN } }),
  cautions: [['notForEating', 'Poisonous.']],
});
