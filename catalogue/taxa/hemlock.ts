import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const hemlock = plant({
  key: 'hemlock', name: 'Hemlock',
  scientific: 'Conium maculatum L.',
  family: 'Apiaceae',
  regions: found(EVERYWHERE),
  habit: 'biennial', lifeCycle: 'biennial', severity: 'deadly',
  about: 'The umbellifer of roadsides and waste ground, tall and ferny, its smooth stem blotched purple.',
  stages: [spring('rosette', 'ferny rosette', 2, 60, 20), spring('stalk', 'stem rises', 3, 118, 12), spring('flowering', 'white umbels', 6, 160, 12), spring('seed', 'seed', 8, 205, 14), autumn('dying', 'stalks dead', 9, 255, 16), autumn('rosettes', 'young rosettes', 2, 275, 16)],
  signs: [
    ['stem', 'glance', 'Smooth and hairless, hollow, with purple blotches, most at the foot; young ones may have none yet.'],
    ['smell', 'glance', 'Smells of mice when rubbed. Do not breathe it deeply.'],
    ['seed', 'loupe', 'Seeds round with wavy ribs.'],
    ['stem', 'glance', 'In winter tall hollow stalks with the ribs of umbrellas.'],
  ],
  shows: [
    ...shows({ growth: { rosette: OFTEN, fromGround: OFTEN, leafyStem: OFTEN }, leafShape: { fineFeather: MOSTLY, feather: NOW_AND_THEN }, leafEdge: { lobed: OFTEN, coarseTeeth: OFTEN, fineTeeth: OFTEN }, leafBase: 'sheath', leafSet: { basal: OFTEN, alternate: OFTEN }, leafVeins: 'net', hairs: 'bare', stemSection: { hollow: MOSTLY, solid: 0.3, ribbed: NOW_AND_THEN }, sap: { clear: MOSTLY }, smell: { mouse: OFTEN, rank: OFTEN, carrot: RARELY, none: OFTEN }, flowerForm: 'star5', flowerSet: 'twiceUmbel', flowerColour: 'white', fruit: 'pairedSeeds', seedShape: 'wavyRibs', root: { taproot: MOSTLY, fibres: RARELY }, deadStalk: { umbelRibs: 1, noStalk: SOMETIMES }, bracts: { fewBracts: MOSTLY, noBracts: NOW_AND_THEN }, stalkSection: { round: OFTEN, hollow: OFTEN, grooved: NOW_AND_THEN } }),
    // Young stems are often still without blotches.
    ...shows({ stemSkin: { blotched: 0.4, plain: OFTEN } }, 'leaf'),
    ...shows({ stemSkin: { blotched: MOSTLY, plain: SOMETIMES } }, 'flower', 'fruit', 'rest'),
  ],
  cautions: [['notForEating', 'Deadly: paralyses the breathing. No part of an unsettled umbellifer goes near the mouth.'], ['handling', 'Gloves; never blow through the hollow stalks.']],
});
