import { AMERICA, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const spottedSpurge = plant({
  key: 'spotted-spurge',
  name: 'Spotted spurge',
  scientific: 'Euphorbia maculata L.',
  family: 'Euphorbiaceae',
  regions: found([...AMERICA, 'atlanticEurope', 'continentalEurope', 'mediterranean']),
  habit: 'herb', lifeCycle: 'annual', severity: 'harmful',
  about: 'A flat wiry mat in cracks and gravel, among purslane, with milk that burns.',
  stages: [spring('mats', 'mats', 2, 152, 14), spring('flowering', 'tiny pink cups', 6, 185, 16), autumn('seed', 'seed', 8, 235, 18), autumn('dying', 'frosted', 9, 292, 14)],
  signs: [['stem', 'cut', 'White milk.'], ['leaf', 'glance', 'Thin, in pairs, often with a dark spot.']],
  shows: shows({ growth: { creeping: 1 }, leafShape: { oval: MOSTLY }, leafEdge: { fineTeeth: OFTEN, smooth: OFTEN }, leafBase: { stalkless: OFTEN, wedge: OFTEN }, leafSet: { opposite: 1 }, leafVeins: 'net', leafUnder: { dull: MOSTLY }, hairs: { soft: OFTEN, bare: SOMETIMES }, stemSection: { solid: MOSTLY }, stemSkin: { hairy: OFTEN, plain: SOMETIMES }, sap: { milk: MOSTLY }, smell: 'none', flowerForm: { star5: NOW_AND_THEN, cross4: SOMETIMES }, flowerSet: { single: OFTEN, ball: SOMETIMES }, flowerColour: { pink: OFTEN, white: OFTEN }, fruit: 'capsule', root: { taproot: OFTEN, fibres: SOMETIMES }, deadStalk: 'noStalk' }),
  cautions: [['skin', 'The milk burns skin and, worst, eyes.'], ['notForEating', 'Burns mouth and gut.']],
});
