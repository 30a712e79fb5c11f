import { AMERICA, found } from '../src/regions.ts';
import { autumn, everything, MOSTLY, NOW_AND_THEN, OFTEN, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const purslane = plant({
  key: 'purslane',
  name: 'Purslane',
  scientific: 'Portulaca oleracea L.',
  family: 'Portulacaceae',
  regions: found([...AMERICA, 'atlanticEurope', 'continentalEurope', 'mediterranean', 'mountainsOfEurope']),
  habit: 'herb', lifeCycle: 'annual',
  about: 'Fat red stems flat on hot bare ground, in gardens and cracks.',
  stages: [spring('mats', 'mats', 2, 158, 14), spring('flowering', 'yellow flowers', 6, 185, 14), autumn('seed', 'seed', 8, 232, 18), autumn('dying', 'frosted', 9, 290, 14)],
  parts: [{ key: 'tip', name: 'tips', unit: 'tip', perPlant: [15, 5, 40], massG: [3, 1.5, 6], method: 'Snip tips; break one and look for milk.', effect: 'Branches again.', use: 'raw or cooked', eating: 'raw' }],
  windows: [{ part: 'tip', use: 'raw', from: 'mats', to: 'seed+20' }],
  ceilings: [everything],
  signs: [['leaf', 'cut', 'Thick, spoon-shaped, shining, juice clear.'], ['stem', 'glance', 'Round, fat, red, bare.']],
  shows: shows({ growth: { creeping: MOSTLY, leafyStem: NOW_AND_THEN }, leafShape: { oval: MOSTLY, round: NOW_AND_THEN }, leafEdge: 'smooth', leafBase: { wedge: OFTEN, stalkless: OFTEN }, leafSet: { opposite: OFTEN, alternate: OFTEN, whorl: SOMETIMES }, leafVeins: { net: OFTEN }, leafUnder: { glossy: OFTEN, dull: OFTEN }, hairs: 'bare', leafSection: { flat: OFTEN, halfMoon: SOMETIMES }, stemSection: { solid: MOSTLY }, stemSkin: 'plain', sap: { clear: MOSTLY }, smell: 'none', flowerForm: 'star5', flowerSet: { single: OFTEN, ball: NOW_AND_THEN }, flowerColour: 'yellow', fruit: 'capsule', root: { taproot: OFTEN, fibres: OFTEN }, deadStalk: 'noStalk' }),
  lookAlikes: [['Spotted spurge', 'Euphorbia maculata', 'harmful', 'Thin wiry stems, thin leaves, often a dark spot; white milk.', { apartFrom: 'mats', pieceByPiece: true }]],
  cautions: [['people', 'Rich in oxalic acid: not in quantity, and not for those with kidney trouble or gout.'], ['ground', 'Roadsides, dog walks, sprayed fields and old tips: look where it grows before you pick.']],
  keeping: 'A few days cold; in vinegar.',
});
