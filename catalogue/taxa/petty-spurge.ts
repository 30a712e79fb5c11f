import { EUROPE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const pettySpurge = plant({
  key: 'petty-spurge', name: 'Petty spurge',
  scientific: 'Euphorbia peplus L.',
  family: 'Euphorbiaceae',
  regions: found([...EUROPE, 'easternAmerica', 'westernAmerica']),
  habit: 'herb', lifeCycle: 'annual', severity: 'harmful',
  about: 'A tender green weed of gardens, among chickweed, with milk that burns.',
  stages: [spring('leaves', 'leaves', 1, 80, 20), spring('flowering', 'greenish flowers', 6, 125, 20), spring('seed', 'seed', 8, 170, 20), autumn('dying', 'dead', 9, 320, 16)],
  signs: [['stem', 'cut', 'White milk wherever it breaks.'], ['flower', 'glance', 'Greenish cups, forked in threes; no white petals.']],
  shows: shows({ growth: { leafyStem: MOSTLY, creeping: NOW_AND_THEN }, leafShape: { oval: MOSTLY, round: SOMETIMES }, leafEdge: 'smooth', leafBase: { wedge: MOSTLY, stalkless: NOW_AND_THEN }, leafSet: { alternate: MOSTLY, opposite: SOMETIMES }, leafVeins: 'net', hairs: 'bare', stemSection: 'solid', stemSkin: 'plain', sap: { milk: MOSTLY, clear: RARELY }, smell: 'none', flowerForm: { threePart: SOMETIMES, star5: NOW_AND_THEN }, flowerSet: { flatHead: MOSTLY }, flowerColour: { green: MOSTLY, yellow: NOW_AND_THEN }, fruit: 'capsule', root: { taproot: OFTEN, fibres: OFTEN }, deadStalk: 'noStalk' }),
  cautions: [['skin', 'The milk burns skin and, worst, eyes.'], ['notForEating', 'Burns mouth and gut.']],
});
