import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const foolsParsley = plant({
  key: 'fools-parsley', name: 'Fool’s parsley',
  scientific: 'Aethusa cynapium L.',
  family: 'Apiaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope', 'easternAmerica']),
  habit: 'herb', lifeCycle: 'annual', severity: 'poisonous',
  about: 'A weed of gardens and fields, like a small dark parsley.',
  stages: [spring('leaves', 'leaves', 1, 115, 14), spring('flowering', 'white umbels', 6, 178, 16), spring('seed', 'seed', 8, 225, 16), autumn('dying', 'dead', 9, 290, 14)],
  signs: [
    ['flower', 'glance', 'Three long thin bracts hang from the outside of each small umbel like a beard.'],
    ['leaf', 'glance', 'Dark, shining beneath; smells of little when rubbed.'],
  ],
  shows: shows({ sap: { clear: MOSTLY }, growth: { leafyStem: OFTEN, rosette: OFTEN, fromGround: OFTEN }, leafShape: { fineFeather: MOSTLY, feather: NOW_AND_THEN }, leafEdge: { lobed: OFTEN, coarseTeeth: OFTEN }, leafBase: 'sheath', leafSet: { basal: OFTEN, alternate: OFTEN }, leafVeins: 'net', leafUnder: { glossy: MOSTLY, dull: SOMETIMES }, hairs: 'bare', stemSection: { hollow: OFTEN, ribbed: OFTEN }, stemSkin: { plain: MOSTLY, blotched: SOMETIMES }, smell: { none: OFTEN, rank: OFTEN, carrot: RARELY, garlic: RARELY }, flowerForm: 'star5', flowerSet: 'twiceUmbel', flowerColour: 'white', fruit: 'pairedSeeds', seedShape: { fatRibs: 1 }, root: 'taproot', deadStalk: { umbelRibs: OFTEN, noStalk: OFTEN }, bracts: { beardedBracts: MOSTLY, noBracts: NOW_AND_THEN }, stalkSection: { round: OFTEN, grooved: OFTEN } }),
  cautions: [['notForEating', 'Poisonous in all parts.']],
});
