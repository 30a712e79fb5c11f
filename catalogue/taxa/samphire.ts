import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NEVER, NOW_AND_THEN, OFTEN, plant, RARELY, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const samphire = plant({
  key: 'samphire', name: 'Rock samphire',
  scientific: 'Crithmum maritimum L.',
  family: 'Apiaceae',
  regions: found(['atlanticEurope', 'mediterranean'], 'slow'),
  habit: 'herb', status: 'slow',
  about: 'Fleshy leaves on sea cliffs and shingle.',
  stages: [spring('leaves', 'fresh leaves', 1, 110, 14), spring('flowering', 'yellowish umbels', 6, 195, 14), autumn('seed', 'seed', 8, 255, 14), autumn('dying', 'stems dead', 9, 310, 14)],
  parts: [{ key: 'leaf', name: 'leaves', unit: 'gram', perPlant: [60, 20, 150], massG: null, method: 'Cut soft tips with scissors where you stand firm; never pull at a cliff.', effect: 'A pulled plant is gone for years.', use: 'pickled or cooked', eating: 'cooked' }],
  windows: [{ part: 'leaf', use: 'pickled', from: 'leaves+14', to: 'flowering-8' }],
  ceilings: [share(0.2)],
  signs: [['leaf', 'cut', 'Fleshy round fingers, full of juice.'], ['smell', 'glance', 'Of polish and carrot.']],
  shows: shows({ growth: { leafyStem: OFTEN, bush: SOMETIMES, creeping: SOMETIMES }, leafShape: { fineFeather: OFTEN, feather: OFTEN, needle: SOMETIMES }, leafEdge: 'smooth', leafBase: 'sheath', leafSet: { alternate: 1, basal: OFTEN }, hairs: 'bare', leafSection: { tube: OFTEN, halfMoon: OFTEN, flat: RARELY }, stemSection: 'solid', stemSkin: 'plain', smell: { carrot: OFTEN, resin: OFTEN, none: SOMETIMES }, flowerForm: 'star5', flowerSet: 'twiceUmbel', flowerColour: { yellow: OFTEN, green: OFTEN }, fruit: 'pairedSeeds', seedShape: 'fatRibs', root: { taproot: OFTEN, creeping: OFTEN }, deadStalk: { umbelRibs: OFTEN, noStalk: OFTEN }, bracts: { fewBracts: MOSTLY, noBracts: NOW_AND_THEN } }),
  lookAlikes: [['Hemlock water-dropwort', 'Oenanthe crocata', 'deadly', 'Leaves thin, not fleshy; in wet gullies above the beach.', { apartFrom: NEVER, pieceByPiece: true }]],
  cautions: [['lookAlike', 'Deadly water-dropwort grows in wet gullies down to the shore: only fleshy leaves.'], ['ground', 'Cliffs and tide: not alone, with the time of low water known.'], ['law', 'The owner’s leave; on reserves not at all.']],
});
