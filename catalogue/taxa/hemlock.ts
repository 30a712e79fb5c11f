import { autumn, MOSTLY, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const hemlock = plant({
  key: 'hemlock', name: 'Hemlock',
  scientific: 'Conium maculatum L.',
  family: 'Apiaceae',
  habit: 'biennial', lifeCycle: 'biennial', severity: 'deadly',
  about: 'The umbellifer of roadsides and waste ground, tall and ferny, its smooth stem blotched purple.',
  stages: [spring('rosette', 'ferny rosette', 2, 60, 20), spring('stalk', 'stem rises', 3, 118, 12), spring('flowering', 'white umbels', 6, 160, 12), spring('seed', 'seed', 8, 205, 14), autumn('dying', 'stalks dead', 9, 255, 16)],
  signs: [
    ['stem', 'glance', 'Smooth and hairless, hollow, with purple blotches, most at the foot; young ones may have none yet.'],
    ['smell', 'glance', 'Smells of mice when rubbed. Do not breathe it deeply.'],
    ['seed', 'loupe', 'Seeds round with wavy ribs.'],
    ['stem', 'glance', 'In winter tall hollow stalks with the ribs of umbrellas.'],
  ],
  shows: shows({ growth: { rosette: OFTEN, leafyStem: OFTEN }, leafShape: { fineFeather: 1 }, leafEdge: { lobed: OFTEN, coarseTeeth: OFTEN, fineTeeth: OFTEN }, leafBase: 'sheath', leafSet: { basal: OFTEN, alternate: OFTEN }, leafVeins: 'net', hairs: 'bare', stemSection: { hollow: 1, ribbed: SOMETIMES }, stemSkin: { blotched: MOSTLY, plain: SOMETIMES }, sap: { clear: MOSTLY }, smell: { mouse: MOSTLY, rank: OFTEN, carrot: RARELY, none: SOMETIMES }, flowerForm: 'star5', flowerSet: 'twiceUmbel', flowerColour: 'white', fruit: 'pairedSeeds', seedShape: 'wavyRibs', root: 'taproot', deadStalk: { umbelRibs: 1, noStalk: SOMETIMES } }),
  cautions: [['notForEating', 'Deadly: paralyses the breathing. No part of an unsettled umbellifer goes near the mouth.'], ['handling', 'Gloves; never blow through the hollow stalks.']],
});
