import { EUROPE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, shows, spring } from '../src/write.ts';

export const maleFern = plant({
  key: 'male-fern', name: 'Male fern',
  scientific: 'Dryopteris filix-mas (L.) Schott',
  family: 'Dryopteridaceae',
  regions: found([...EUROPE, 'easternAmerica', 'westernAmerica']),
  habit: 'fern', grows: 'inWoods', severity: 'poisonous',
  about: 'The common shuttlecock of woods, its croziers thick with brown scales.',
  stages: [spring('croziers', 'scaly croziers', 1, 112, 10), spring('fronds', 'fronds open', 3, 135, 10), spring('spores', 'spores', 8, 215, 18), autumn('dying', 'fronds brown', 9, 320, 20)],
  signs: [['bud', 'glance', 'Croziers with many broad brown scales that do not rub off as one skin.'], ['leafStalk', 'cut', 'No groove along the inside of the stalk; ostrich fern has a deep one.']],
  shows: shows({ sap: 'clear', stalkSection: { grooved: MOSTLY, round: NOW_AND_THEN }, growth: 'fern', crozier: 'brownScales', frond: { twice: OFTEN, once: OFTEN }, leafSet: 'basal', root: { creeping: OFTEN, fibres: OFTEN }, smell: { none: 1 }, deadStalk: { plumeLeft: OFTEN, noStalk: OFTEN }, leafShape: { feather: OFTEN, fineFeather: OFTEN }, leafEdge: { fineTeeth: OFTEN, lobed: OFTEN }, leafVeins: 'net', hairs: { bare: OFTEN, soft: OFTEN }, stemSkin: { hairy: OFTEN, plain: OFTEN }, stemSection: { solid: MOSTLY, ribbed: NOW_AND_THEN } }),
  cautions: [['notForEating', 'Poisonous, the root most.']],
});
