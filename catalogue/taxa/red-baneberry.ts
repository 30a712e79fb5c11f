import { AMERICA, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const redBaneberry = plant({
  key: 'red-baneberry',
  name: 'Red baneberry',
  scientific: 'Actaea rubra (Aiton) Willd.',
  family: 'Ranunculaceae',
  regions: found([...AMERICA]),
  habit: 'perennialRoot', severity: 'poisonous', grows: 'inWoods',
  about: 'A herb of rich woods with red, or white, shining berries on thin stalks. Six berries make an adult ill.',
  stages: [spring('leaves', 'leaves', 1, 108, 12), spring('flowering', 'white tufts', 6, 138, 12), spring('ripe', 'ripe', 8, 208, 14), autumn('dying', 'leaves die', 9, 275, 16)],
  signs: [['leaf', 'glance', 'Twice cut in threes, sharply toothed.'], ['fruit', 'glance', 'Shining, on a spike above the leaves.']],
  shows: shows({ growth: { leafyStem: MOSTLY, fromGround: SOMETIMES }, leafShape: { feather: OFTEN, threeLeaflets: OFTEN }, leafEdge: { coarseTeeth: MOSTLY, lobed: SOMETIMES }, leafBase: { wedge: MOSTLY }, leafSet: { alternate: 1 }, leafVeins: 'net', hairs: { bare: OFTEN, soft: SOMETIMES }, leafUnder: { dull: MOSTLY }, stemSection: { solid: OFTEN, hollow: NOW_AND_THEN }, stemSkin: { plain: MOSTLY }, sap: { clear: MOSTLY }, smell: { none: OFTEN, rank: SOMETIMES }, flowerForm: { star6: SOMETIMES, star5: SOMETIMES }, flowerSet: { spike: OFTEN, ball: OFTEN }, flowerColour: 'white', fruit: 'berry', berryColour: { red: MOSTLY }, root: { fibres: OFTEN, creeping: OFTEN }, deadStalk: 'noStalk', stalkSection: { round: OFTEN } }),
  cautions: [['notForEating', 'Poisonous: gut, dizziness, heart.']],
});
