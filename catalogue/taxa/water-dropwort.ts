import { found } from '../src/regions.ts';
import { autumn, MOSTLY, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const waterDropwort = plant({
  key: 'water-dropwort', name: 'Hemlock water-dropwort',
  scientific: 'Oenanthe crocata L.',
  family: 'Apiaceae',
  regions: found(['atlanticEurope', 'mediterranean']),
  habit: 'perennialRoot', severity: 'deadly',
  about: 'Of ditches and stream banks, green through the winter, with a bunch of fat white roots that kill quickly.',
  stages: [spring('leaves', 'leaves', 1, 40, 25), spring('stalk', 'stems', 3, 118, 12), spring('flowering', 'white umbels', 6, 168, 12), spring('seed', 'seed', 8, 212, 14), autumn('dying', 'stalks dead', 9, 270, 18), autumn('newLeaves', 'new leaves', 1, 300, 20)],
  signs: [
    ['root', 'cut', 'A bunch of thick fingers; cut, they ooze a clear sap that turns orange. Do not dig it to see.'],
    ['stem', 'glance', 'Hollow, ribbed, hairless, no purple.'],
    ['smell', 'glance', 'Not unpleasant, of parsley or celery: the smell proves nothing.'],
  ],
  shows: shows({ growth: { leafyStem: OFTEN, fromGround: OFTEN, rosette: SOMETIMES }, leafShape: { fineFeather: OFTEN, feather: OFTEN }, leafEdge: { coarseTeeth: OFTEN, lobed: OFTEN, fineTeeth: SOMETIMES }, leafBase: { sheath: 1, wedge: 0.3 }, leafSet: { basal: OFTEN, alternate: OFTEN }, leafVeins: 'net', hairs: 'bare', stemSection: { hollow: 1, ribbed: OFTEN }, stemSkin: 'plain', sap: { clear: OFTEN, orange: OFTEN }, smell: { carrot: OFTEN, rank: SOMETIMES, none: OFTEN }, flowerForm: 'star5', flowerSet: 'twiceUmbel', flowerColour: 'white', fruit: 'pairedSeeds', seedShape: { fatRibs: 1, longSmooth: SOMETIMES }, root: { tubers: MOSTLY, taproot: 0.3, fibres: 0.3, creeping: RARELY }, deadStalk: { umbelRibs: OFTEN, noStalk: OFTEN }, bracts: { noBracts: OFTEN, fewBracts: OFTEN }, stalkSection: { hollow: OFTEN, grooved: OFTEN, round: SOMETIMES } }),
  cautions: [['notForEating', 'Deadly within hours, the roots most. Its pleasant smell has killed people.'], ['handling', 'Sap irritates: gloves.']],
});
