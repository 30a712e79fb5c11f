import { AMERICA, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const dogbane = plant({
  key: 'dogbane',
  name: 'Dogbane',
  scientific: 'Apocynum cannabinum L.',
  family: 'Apocynaceae',
  regions: found([...AMERICA]),
  habit: 'perennialRoot', severity: 'poisonous',
  about: 'Red-stemmed, branching, milky, in the same fields as milkweed. The best cord of the country is made of its dead stalks; nothing of it is eaten.',
  stages: [spring('shoots', 'shoots', 1, 126, 12), spring('flowering', 'small white bells', 6, 175, 14), autumn('seed', 'thin pods', 8, 262, 16), autumn('standing', 'red stalks', 9, 310, 16)],
  signs: [['stem', 'cut', 'Thin, red, bare, solid; white milk.'], ['wholePlant', 'glance', 'Branches above.'], ['fruit', 'glance', 'Pairs of pods thin as pencils.']],
  shows: shows({ growth: { leafyStem: MOSTLY }, leafShape: { oval: OFTEN, lance: OFTEN }, leafEdge: 'smooth', leafBase: { wedge: OFTEN, stalkless: SOMETIMES }, leafSet: { opposite: MOSTLY, alternate: RARELY }, leafVeins: 'net', leafUnder: { dull: MOSTLY, whiteFelt: RARELY }, hairs: { bare: MOSTLY, soft: NOW_AND_THEN }, stemSection: { solid: MOSTLY, hollow: NOW_AND_THEN }, stemSkin: { plain: MOSTLY }, sap: { milk: MOSTLY }, smell: 'none', flowerForm: { bell: MOSTLY, star5: NOW_AND_THEN }, flowerSet: { flatHead: OFTEN, plume: SOMETIMES }, flowerColour: { white: MOSTLY, green: NOW_AND_THEN }, fruit: { pod: MOSTLY, parachutes: SOMETIMES }, root: { creeping: MOSTLY, taproot: NOW_AND_THEN }, deadStalk: { podsLeft: OFTEN, noStalk: SOMETIMES }, stalkSection: { round: OFTEN, none: SOMETIMES } }),
  cautions: [['notForEating', 'Poisonous: stops the heart.'], ['skin', 'The milk can blister skin.']],
});
