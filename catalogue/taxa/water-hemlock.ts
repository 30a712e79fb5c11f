import { AMERICA, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const waterHemlock = plant({
  key: 'water-hemlock',
  name: 'Spotted water hemlock',
  scientific: 'Cicuta maculata L.',
  family: 'Apiaceae',
  regions: found([...AMERICA]),
  habit: 'waterPlant', severity: 'deadly',
  about: 'Wet meadows and ditches over the whole continent. A piece of its root as large as a walnut kills a cow.',
  stages: [spring('leaves', 'leaves', 1, 98, 14), spring('stem', 'stem rises', 3, 140, 12), spring('flowering', 'white umbels', 6, 185, 14), autumn('seed', 'seed', 8, 245, 16), autumn('dying', 'stalks dead', 9, 288, 14)],
  signs: [['root', 'cut', 'A swollen stock with chambers one above another, yellow drops; fat fingers below.'], ['leaf', 'loupe', 'Veins end in the notches between the teeth.'], ['stem', 'cut', 'Hollow, bare, streaked with purple.']],
  shows: shows({ growth: { leafyStem: OFTEN, fromGround: OFTEN, rosette: SOMETIMES }, leafShape: { feather: MOSTLY, fineFeather: SOMETIMES }, leafEdge: { fineTeeth: OFTEN, coarseTeeth: OFTEN }, leafBase: 'sheath', leafSet: { alternate: MOSTLY, basal: OFTEN }, leafVeins: 'net', hairs: 'bare', leafUnder: { dull: MOSTLY }, stemSection: { hollow: MOSTLY, ribbed: NOW_AND_THEN }, stemSkin: { plain: OFTEN, blotched: OFTEN }, sap: { clear: OFTEN, orange: SOMETIMES }, smell: { none: OFTEN, carrot: OFTEN, rank: NOW_AND_THEN }, flowerForm: 'star5', flowerSet: 'twiceUmbel', flowerColour: 'white', bracts: { noBracts: OFTEN, fewBracts: OFTEN }, fruit: 'pairedSeeds', seedShape: { fatRibs: MOSTLY }, root: { chambered: OFTEN, tubers: OFTEN, taproot: SOMETIMES, fibres: NOW_AND_THEN }, deadStalk: { umbelRibs: OFTEN, noStalk: SOMETIMES }, stalkSection: { grooved: OFTEN, round: OFTEN, hollow: SOMETIMES } }),
  cautions: [['notForEating', 'The most violent poison of the continent’s plants: fits within the hour, deadly.']],
});
