import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const deadlyNightshade = plant({
  key: 'deadly-nightshade', name: 'Deadly nightshade',
  scientific: 'Atropa belladonna L.',
  family: 'Solanaceae',
  regions: found(['atlanticEurope', 'continentalEurope', 'mountainsOfEurope', 'mediterranean']),
  habit: 'herb', grows: 'inWoods', severity: 'deadly',
  about: 'A bushy herb of clearings on lime with shining black berries, each in a green star.',
  stages: [spring('shoots', 'shoots', 1, 105, 12), spring('flowering', 'dull purple bells', 6, 168, 14), spring('berries', 'black berries', 8, 218, 16), autumn('dying', 'stems dead', 9, 285, 14)],
  signs: [
    ['fruit', 'glance', 'One shining black berry on a stalk, seated on a green star of five.'],
    ['leaf', 'glance', 'Soft oval leaves, a large and a small one together; no teeth.'],
    ['stem', 'glance', 'Dies to the ground in winter: no wood.'],
  ],
  shows: shows({ sap: { clear: MOSTLY }, stalkSection: { grooved: OFTEN, round: OFTEN }, growth: { leafyStem: MOSTLY, bush: OFTEN, fromGround: NOW_AND_THEN }, leafShape: { oval: 1, lance: NOW_AND_THEN }, leafEdge: 'smooth', leafBase: { wedge: MOSTLY, runsDown: NOW_AND_THEN }, leafSet: { alternate: OFTEN, opposite: OFTEN }, leafVeins: 'net', leafUnder: 'dull', hairs: { soft: OFTEN, bare: OFTEN }, stemSection: { solid: OFTEN, hollow: OFTEN, ribbed: SOMETIMES }, stemSkin: { plain: OFTEN, hairy: OFTEN }, smell: { rank: OFTEN, none: OFTEN }, flowerForm: 'bell', flowerSet: 'single', flowerColour: { brown: OFTEN, pink: OFTEN, green: SOMETIMES }, fruit: 'berry', root: { taproot: OFTEN, creeping: SOMETIMES, tubers: SOMETIMES }, deadStalk: { noStalk: OFTEN, podsLeft: RARELY }, berryColour: { black: MOSTLY, green: NOW_AND_THEN } }),
  cautions: [['notForEating', 'Deadly: a few berries kill a child. They taste sweet.']],
});
