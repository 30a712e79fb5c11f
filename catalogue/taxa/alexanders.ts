import { found } from '../src/regions.ts';
import { autumn, flowering, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const alexanders = plant({
  key: 'alexanders',
  name: 'Alexanders',
  scientific: 'Smyrnium olusatrum L.',
  family: 'Apiaceae',
  regions: found(['atlanticEurope', 'mediterranean']),
  habit: 'biennial', lifeCycle: 'biennial',
  about: 'Green all winter on lanes and cliffs near the sea, yellow-green umbels in spring; stalks before they flower, buds, black seed as pepper.',
  stages: [spring('stalk', 'stalks rise', 3, 62, 16), spring('flowering', 'yellow-green umbels', 6, 98, 14), spring('seed', 'seed black', 8, 190, 16), spring('dying', 'dead', 9, 222, 14), autumn('leaves', 'fresh leaves', 1, 285, 18)],
  parts: [{ key: 'stalk', name: 'young stalks', unit: 'stalk', perPlant: [2, 1, 5], massG: [40, 20, 80], method: 'Cut thick stalks below the buds and peel them.', effect: 'Side shoots still flower.', use: 'steamed', eating: 'cooked', costsSeed: true, spends: ['seed'] }, { key: 'seed', name: 'seed', unit: 'gram', perPlant: [15, 4, 40], massG: null, method: 'Shake black seed into a bag.', effect: 'Leave half to fall.', use: 'ground as pepper', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'stalk', use: 'steamed', from: 'stalk', to: 'flowering' }, { part: 'seed', use: 'spice', from: 'seed', to: 'seed+18' }],
  ceilings: [flowering(0.6, 'stalk', 'seed')],
  signs: [['leaf', 'glance', 'Broad shining leaflets in threes, blunt teeth; fat papery sheaths.'], ['flower', 'glance', 'Yellow-green, never white.'], ['seed', 'glance', 'Black, round, as large as a peppercorn.']],
  shows: shows({ growth: { rosette: OFTEN, fromGround: OFTEN, leafyStem: OFTEN }, leafShape: { threeLeaflets: MOSTLY, feather: OFTEN }, leafEdge: { coarseTeeth: MOSTLY, fineTeeth: SOMETIMES }, leafBase: 'sheath', leafSet: { basal: MOSTLY, alternate: OFTEN }, leafVeins: 'net', leafUnder: { glossy: MOSTLY, dull: NOW_AND_THEN }, hairs: 'bare', stemSection: { solid: OFTEN, hollow: OFTEN, ribbed: SOMETIMES }, stemSkin: { plain: MOSTLY, blotched: RARELY }, sap: { clear: MOSTLY }, smell: { carrot: OFTEN, aniseed: NOW_AND_THEN, none: SOMETIMES }, flowerForm: 'star5', flowerSet: 'twiceUmbel', flowerColour: { yellow: MOSTLY, green: OFTEN }, bracts: { noBracts: MOSTLY, fewBracts: NOW_AND_THEN }, fruit: 'pairedSeeds', seedShape: { fatRibs: MOSTLY }, root: { taproot: MOSTLY }, deadStalk: { umbelRibs: MOSTLY, noStalk: NOW_AND_THEN }, stalkSection: { grooved: OFTEN, round: OFTEN, hollow: NOW_AND_THEN } }),
  lookAlikes: [['Hemlock water-dropwort', 'Oenanthe crocata', 'deadly', 'Wedge-shaped leaflets, white flowers, wet ground, a bunch of fingers for a root. It grows in the same lanes.', { apartFrom: 'flowering' }], ['Hemlock', 'Conium maculatum', 'deadly', 'Fine as lace, dull, stem blotched.', { apartFrom: 'flowering' }]],
  cautions: [['lookAlike', 'A family with deadly members in the same places: settle each plant by signs of two organs, and leave every one that stays unsettled.'], ['ground', 'Roadsides, dog walks, sprayed fields and old tips: look where it grows before you pick.']],
  keeping: 'Stalks fresh; seed dry.',
});
