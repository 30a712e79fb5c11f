import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const jackOLantern = plant({
  key: 'jack-o-lantern', name: 'Jack-o’-lantern',
  scientific: 'Omphalotus olearius (DC.) Singer',
  family: 'Omphalotaceae',
  regions: found(['atlanticEurope', 'continentalEurope', 'mountainsOfEurope', 'mediterranean']),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', severity: 'poisonous', seasonStart: '05-01',
  about: 'Tufts of orange funnels on stumps and buried roots of broad-leaved trees in warm country.',
  stages: [autumn('fruiting', 'fruiting', 6, 250, 25), autumn('old', 'old', 8, 295, 15), autumn('over', 'over', 9, 320, 15)],
  signs: [['gills', 'glance', 'Sharp true gills that run far down.'], ['stipe', 'glance', 'Many from one foot, on wood or a buried root.']],
  shows: shows({ growth: 'cap', capColour: { yellowCap: MOSTLY, redCap: NOW_AND_THEN, brownCap: SOMETIMES }, cap: { funnel: OFTEN, domed: OFTEN, flat: OFTEN }, underCap: { runningGills: MOSTLY, ridges: RARELY }, stipe: 'bareStem', sporePrint: 'whitePrint', flesh: { unchanged: OFTEN, yellows: SOMETIMES }, smell: { none: MOSTLY, rank: NOW_AND_THEN, apricot: RARELY }, host: { deadBroadleaf: MOSTLY, broadleafSoil: OFTEN }, gillColour: { orange: MOSTLY }, foot: { tufted: MOSTLY, plain: NOW_AND_THEN }, inside: { full: OFTEN, loose: SOMETIMES }, capSize: { palm: MOSTLY, plate: NOW_AND_THEN } }),
  cautions: [['notForEating', 'Poisonous: violent vomiting.']],
});
