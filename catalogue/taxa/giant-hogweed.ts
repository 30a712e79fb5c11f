import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const giantHogweed = plant({
  key: 'giant-hogweed', name: 'Giant hogweed',
  scientific: 'Heracleum mantegazzianum Sommier & Levier',
  family: 'Apiaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope', 'easternAmerica', 'westernAmerica'], 'invasive'),
  habit: 'biennial', lifeCycle: 'biennial', severity: 'harmful', status: 'invasive',
  about: 'An invader taller than a person. Its sap with sunlight burns the skin for weeks.',
  stages: [spring('leaves', 'leaves', 1, 85, 12), spring('stalk', 'stem rises', 3, 130, 12), spring('flowering', 'umbels wide as an arm', 6, 172, 12), spring('seed', 'seed', 8, 220, 12), autumn('dying', 'dead stalks', 9, 265, 14)],
  signs: [
    ['stem', 'glance', 'Thick as an arm, stiffly haired, with purple blotches round the hairs.'],
    ['leaf', 'glance', 'Up to the length of a person, cut into sharp points.'],
  ],
  shows: shows({ growth: { rosette: OFTEN, leafyStem: OFTEN }, leafShape: { hand: OFTEN, feather: OFTEN, threeLeaflets: SOMETIMES }, leafEdge: { lobed: 1, coarseTeeth: MOSTLY }, leafBase: 'sheath', leafSet: { basal: OFTEN, alternate: OFTEN }, leafVeins: 'net', hairs: { soft: OFTEN, bristles: OFTEN }, stemSection: { hollow: 1, ribbed: OFTEN }, stemSkin: { blotched: MOSTLY, hairy: NOW_AND_THEN }, smell: { rank: OFTEN, resin: SOMETIMES, carrot: RARELY }, flowerForm: 'star5', flowerSet: 'twiceUmbel', flowerColour: 'white', fruit: 'pairedSeeds', seedShape: 'flatWinged', root: 'taproot', deadStalk: 'umbelRibs' }),
  cautions: [['skin', 'Sap and sun together burn and blister. Cover all skin and eyes; wash at once and stay out of the sun.'], ['invader', 'Never carry its seed: clean boots, and report it.']],
});
