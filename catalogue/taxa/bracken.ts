import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const bracken = plant({
  key: 'bracken', name: 'Bracken',
  scientific: 'Pteridium aquilinum (L.) Kuhn',
  family: 'Dennstaedtiaceae',
  regions: found(EVERYWHERE),
  habit: 'fern', grows: 'atEdges', severity: 'harmful',
  about: 'The tall fern of heaths, one frond at a time from a creeping root. Causes cancer in cattle and is suspected in people.',
  stages: [spring('croziers', 'furry croziers', 1, 118, 12), spring('fronds', 'fronds open', 3, 142, 12), spring('spores', 'spores', 8, 210, 20), autumn('dying', 'brown', 9, 280, 14)],
  signs: [['bud', 'glance', 'Croziers one by one, with three claws and silver fur.'], ['leaf', 'glance', 'Feathered thrice, on a tall bare stalk.']],
  shows: shows({ sap: 'clear', stalkSection: { grooved: MOSTLY, round: NOW_AND_THEN }, growth: 'fern', crozier: 'furry', frond: 'thrice', leafSet: { alternate: 1, basal: OFTEN }, root: 'creeping', smell: { none: OFTEN, rank: RARELY }, deadStalk: { plumeLeft: OFTEN, noStalk: OFTEN }, leafShape: { feather: OFTEN, fineFeather: OFTEN }, leafEdge: { smooth: OFTEN, lobed: OFTEN }, leafVeins: 'net', hairs: { bare: OFTEN, soft: OFTEN }, stemSkin: { plain: OFTEN, hairy: SOMETIMES }, stemSection: { solid: MOSTLY, ribbed: NOW_AND_THEN } }),
  cautions: [['slowPoison', 'Suspected to cause cancer; also through its spore dust. Customs of eating it disagree: kept as not for eating.'], ['handling', 'Do not breathe the spore dust in late summer.'], ['slowPoison', 'It also holds an enzyme that destroys vitamin B1: animals that eat much of it fall ill.']],
});
