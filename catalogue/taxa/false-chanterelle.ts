import { EUROPE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const falseChanterelle = plant({
  key: 'false-chanterelle', name: 'False chanterelle',
  scientific: 'Hygrophoropsis aurantiaca (Wulfen) Maire',
  family: 'Hygrophoropsidaceae',
  regions: found([...EUROPE, 'easternAmerica', 'westernAmerica']),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', severity: 'harmful', seasonStart: '05-01',
  about: 'Orange and thin, with true crowded gills that can be rubbed off.',
  stages: [autumn('fruiting', 'fruiting', 6, 255, 25), autumn('old', 'old', 8, 300, 15), autumn('over', 'over', 9, 325, 15)],
  signs: [['gills', 'glance', 'Thin true gills, forked, that part from the flesh.'], ['smell', 'glance', 'Of mushroom, not of apricot.']],
  shows: shows({ growth: 'cap', capColour: { yellowCap: MOSTLY, brownCap: NOW_AND_THEN }, cap: { funnel: OFTEN, domed: OFTEN, flat: OFTEN }, underCap: { runningGills: 1, ridges: RARELY }, stipe: 'bareStem', sporePrint: 'whitePrint', flesh: 'unchanged', smell: { none: 1 }, host: { coniferSoil: MOSTLY, deadConifer: OFTEN, broadleafSoil: SOMETIMES }, gillColour: { orange: 1 }, foot: { plain: MOSTLY }, inside: { full: OFTEN, loose: OFTEN } }),
  cautions: [['notForEating', 'Upsets many stomachs.']],
});
