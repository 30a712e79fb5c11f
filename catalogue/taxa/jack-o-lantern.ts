import { autumn, MOSTLY, OFTEN, plant, shows, SOMETIMES } from '../src/write.ts';

export const jackOLantern = plant({
  key: 'jack-o-lantern', name: 'Jack-o’-lantern',
  scientific: 'Omphalotus olearius (DC.) Singer',
  family: 'Omphalotaceae',
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', severity: 'poisonous', seasonStart: '05-01',
  about: 'Tufts of orange funnels on stumps and buried roots of broad-leaved trees in warm country.',
  stages: [autumn('fruiting', 'fruiting', 6, 250, 25), autumn('old', 'old', 8, 295, 15), autumn('over', 'over', 9, 320, 15)],
  signs: [['gills', 'glance', 'Sharp true gills that run far down.'], ['stipe', 'glance', 'Many from one foot, on wood or a buried root.']],
  shows: shows({ growth: 'cap', cap: { funnel: 1, domed: SOMETIMES }, underCap: { runningGills: 1 }, stipe: 'bareStem', sporePrint: 'whitePrint', flesh: 'unchanged', smell: { none: OFTEN, rank: SOMETIMES }, host: { deadBroadleaf: MOSTLY, broadleafSoil: OFTEN } }),
  cautions: [['notForEating', 'Poisonous: violent vomiting.']],
});
