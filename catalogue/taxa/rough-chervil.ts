import { EUROPE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const roughChervil = plant({
  key: 'rough-chervil', name: 'Rough chervil',
  scientific: 'Chaerophyllum temulum L.',
  family: 'Apiaceae',
  regions: found(EUROPE),
  habit: 'biennial', lifeCycle: 'biennial', severity: 'poisonous',
  about: 'The umbel of hedges that follows cow parsley: hairy and blotched at once, so that “hair, or leave it” fails.',
  stages: [spring('rosette', 'ferny rosette', 2, 70, 20), spring('stalk', 'stem rises', 3, 125, 12), spring('flowering', 'white umbels', 6, 158, 12), spring('seed', 'seed', 8, 205, 14), autumn('dying', 'stalks dead', 9, 255, 16), autumn('rosettes', 'young rosettes', 2, 285, 16)],
  signs: [['stem', 'glance', 'Rough with bristles and blotched purple, swollen under each joint.'], ['stem', 'cut', 'Solid.'], ['seed', 'loupe', 'Long and narrow, tapering, without bristles.']],
  shows: [
    ...shows({ growth: { rosette: OFTEN, fromGround: OFTEN, leafyStem: OFTEN }, leafShape: { fineFeather: OFTEN, feather: OFTEN }, leafEdge: { lobed: OFTEN, coarseTeeth: OFTEN }, leafBase: 'sheath', leafSet: { basal: OFTEN, alternate: OFTEN }, leafVeins: 'net', hairs: { soft: OFTEN, bristles: OFTEN }, stemSection: { solid: MOSTLY, ribbed: RARELY, hollow: RARELY }, sap: { clear: MOSTLY }, smell: { none: OFTEN, carrot: SOMETIMES, rank: SOMETIMES }, flowerForm: 'star5', flowerSet: 'twiceUmbel', flowerColour: 'white', fruit: 'pairedSeeds', seedShape: 'longSmooth', root: 'taproot', deadStalk: { umbelRibs: MOSTLY, noStalk: SOMETIMES }, bracts: { noBracts: MOSTLY, fewBracts: NOW_AND_THEN }, stalkSection: { grooved: OFTEN, round: OFTEN } }),
    ...shows({ stemSkin: { hairy: OFTEN, blotched: OFTEN } }),
  ],
  cautions: [['notForEating', 'Poisonous: gut and nerves. No part of an unsettled umbellifer goes near the mouth.']],
});
