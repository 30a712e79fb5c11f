import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const ohioBuckeye = plant({
  key: 'ohio-buckeye',
  name: 'Ohio buckeye',
  scientific: 'Aesculus glabra Willd.',
  family: 'Sapindaceae',
  regions: found(['easternAmerica', 'prairie']),
  habit: 'tree', lifeCycle: 'woody', severity: 'poisonous',
  about: 'Five fingers to a leaf, in pairs; shining brown seed with a pale eye.',
  stages: [spring('leaves', 'leaves', 1, 108, 12), spring('flowering', 'yellow-green candles', 6, 126, 12), autumn('seed', 'seed falls', 8, 258, 14), autumn('bare', 'bare', 9, 285, 14)],
  signs: [['leaf', 'glance', 'Five leaflets from one point, in pairs on the twig; foul when crushed.'], ['fruit', 'glance', 'A leathery husk with warts.']],
  shows: shows({ growth: 'tree', leafShape: { hand: 1 }, leafEdge: { fineTeeth: MOSTLY }, leafBase: { wedge: OFTEN }, leafSet: { opposite: 1 }, leafVeins: 'net', hairs: { bare: OFTEN, soft: SOMETIMES }, leafUnder: { dull: MOSTLY }, sap: { clear: MOSTLY }, smell: { rank: MOSTLY, none: NOW_AND_THEN }, flowerForm: { bell: OFTEN }, flowerSet: { plume: MOSTLY }, flowerColour: { yellow: MOSTLY, green: SOMETIMES }, fruit: { capsule: OFTEN, nut: OFTEN }, bark: { furrowed: OFTEN, corky: SOMETIMES }, bud: { scaled: MOSTLY }, branching: 'oppositeTwigs' }),
  cautions: [['notForEating', 'Poisonous: weakness, cramps.']],
});
