import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const cowbane = plant({
  key: 'cowbane', name: 'Cowbane',
  scientific: 'Cicuta virosa L.',
  family: 'Apiaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope', 'westernAmerica']),
  habit: 'waterPlant', severity: 'deadly',
  about: 'Stands in shallow water and floating fens. The swollen foot is built in chambers and is the most poisonous part.',
  stages: [spring('leaves', 'leaves', 1, 100, 14), spring('stalk', 'stems', 3, 142, 12), spring('flowering', 'white umbels', 6, 190, 14), spring('seed', 'seed', 8, 230, 14), autumn('dying', 'stalks dead', 9, 285, 16)],
  signs: [
    ['root', 'cut', 'The foot cut lengthwise shows hollow chambers one above another, with yellow drops.'],
    ['leaf', 'glance', 'Leaflets narrow, long, sharply toothed.'],
    ['stem', 'glance', 'Thick, hollow, hairless.'],
  ],
  shows: shows({ growth: { leafyStem: MOSTLY, fromGround: OFTEN, rosette: 0.3, reed: RARELY }, leafShape: { feather: MOSTLY, fineFeather: OFTEN }, leafEdge: { fineTeeth: MOSTLY, coarseTeeth: NOW_AND_THEN }, leafBase: 'sheath', leafSet: { basal: OFTEN, alternate: OFTEN }, leafVeins: 'net', hairs: 'bare', stemSection: { hollow: 1, ribbed: OFTEN }, stemSkin: 'plain', sap: { clear: OFTEN, orange: OFTEN }, smell: { carrot: OFTEN, none: OFTEN, rank: SOMETIMES }, flowerForm: 'star5', flowerSet: 'twiceUmbel', flowerColour: 'white', fruit: 'pairedSeeds', seedShape: { fatRibs: 1, wavyRibs: RARELY }, root: { chambered: OFTEN, fibres: OFTEN, taproot: SOMETIMES, tubers: SOMETIMES }, deadStalk: { umbelRibs: OFTEN, noStalk: OFTEN }, bracts: { noBracts: MOSTLY, fewBracts: NOW_AND_THEN }, stalkSection: { hollow: OFTEN, round: SOMETIMES, grooved: SOMETIMES } }),
  cautions: [['notForEating', 'Deadly: cramps within the hour. The foot is the worst.']],
});
