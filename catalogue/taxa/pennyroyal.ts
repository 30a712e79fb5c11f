import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, shows, spring } from '../src/write.ts';

export const pennyroyal = plant({
  key: 'pennyroyal', name: 'Pennyroyal',
  scientific: 'Mentha pulegium L.',
  family: 'Lamiaceae',
  regions: found(['atlanticEurope', 'continentalEurope', 'mediterranean', 'easternAmerica', 'westernAmerica']),
  habit: 'herb', severity: 'poisonous',
  about: 'A creeping mint of trodden pond edges, with rings of lilac flowers up the stem. Its oil destroys the liver.',
  stages: [spring('shoots', 'shoots', 1, 105, 14), autumn('flowering', 'lilac rings', 6, 215, 16), autumn('seed', 'seed', 8, 255, 16), autumn('dying', 'stalks dead', 9, 295, 14)],
  signs: [['leaf', 'glance', 'Small, hardly as long as a thumbnail, almost without teeth.'], ['flower', 'glance', 'Rings at every joint, no ball at the top.'], ['smell', 'glance', 'Sharp, between mint and turpentine.']],
  shows: shows({ growth: { creeping: OFTEN, leafyStem: OFTEN }, leafShape: 'oval', leafEdge: { smooth: OFTEN, fineTeeth: OFTEN }, leafBase: { wedge: MOSTLY, stalkless: NOW_AND_THEN }, leafSet: 'opposite', leafVeins: 'net', hairs: { soft: MOSTLY, bare: NOW_AND_THEN }, stemSection: { square: MOSTLY, solid: NOW_AND_THEN }, stemSkin: { hairy: OFTEN, plain: OFTEN }, sap: { clear: MOSTLY }, smell: { mint: MOSTLY, resin: NOW_AND_THEN }, flowerForm: 'lipped', flowerSet: { spike: MOSTLY, ball: NOW_AND_THEN }, flowerColour: { pink: OFTEN, blue: OFTEN }, fruit: 'nut', root: { creeping: OFTEN, fibres: OFTEN }, deadStalk: 'squareStalk' }),
  cautions: [['notForEating', 'Its oil destroys the liver; it brings on a loss of the child. Left alone.']],
});
