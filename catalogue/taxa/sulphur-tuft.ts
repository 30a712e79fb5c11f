import { EUROPE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const sulphurTuft = plant({
  key: 'sulphur-tuft', name: 'Sulphur tuft',
  scientific: 'Hypholoma fasciculare (Huds.) P. Kumm.',
  family: 'Strophariaceae',
  regions: found([...EUROPE, 'easternAmerica', 'westernAmerica']),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', severity: 'poisonous', seasonStart: '07-01',
  about: 'Crowded yellow tufts on stumps, gills turning green and then dark.',
  stages: [autumn('fruiting', 'fruiting', 6, 250, 30), autumn('old', 'old caps', 8, 305, 20), autumn('over', 'over', 9, 345, 20)],
  signs: [['gills', 'glance', 'Sulphur-yellow with a green tinge, then purple-brown.'], ['sporePrint', 'overnight', 'Purple-brown.']],
  shows: shows({ growth: 'cap', capColour: { yellowCap: MOSTLY, greenCap: SOMETIMES, brownCap: NOW_AND_THEN }, cap: { domed: MOSTLY, bellCap: NOW_AND_THEN, flat: OFTEN }, underCap: { freeGills: OFTEN, runningGills: OFTEN }, stipe: { bareStem: MOSTLY, ring: NOW_AND_THEN }, sporePrint: 'darkPrint', flesh: { unchanged: OFTEN, yellows: OFTEN }, smell: { none: OFTEN, rank: SOMETIMES }, host: { deadBroadleaf: OFTEN, deadConifer: OFTEN }, gillColour: { dark: MOSTLY, brown: NOW_AND_THEN, orange: RARELY }, foot: { tufted: MOSTLY }, capSize: { coin: MOSTLY, palm: NOW_AND_THEN } }),
  cautions: [['notForEating', 'Poisonous.']],
});
