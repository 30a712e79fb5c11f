import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, pruning, shows, SOMETIMES, spring } from '../src/write.ts';

export const seaPurslane = plant({
  key: 'sea-purslane',
  name: 'Sea purslane',
  scientific: 'Halimione portulacoides (L.) Aellen',
  family: 'Amaranthaceae',
  regions: found(['atlanticEurope', 'continentalEurope', 'mediterranean']),
  habit: 'shrub', lifeCycle: 'woody',
  about: 'Low silver bushes along the creeks of salt marshes, green through the winter.',
  stages: [spring('shoots', 'fresh tips', 1, 105, 16), spring('flowering', 'yellowish spikes', 6, 200, 16), autumn('seed', 'seed', 8, 265, 16), autumn('rest', 'winter leaves', 9, 320, 16)],
  parts: [{ key: 'tip', name: 'tips', unit: 'tip', perPlant: [60, 20, 200], massG: [0.8, 0.4, 1.5], method: 'Snip tips a finger long, here and there along the bush.', effect: 'Branches again.', use: 'raw, or crisped in fat', eating: 'raw' }],
  windows: [{ part: 'tip', use: 'raw', from: 'shoots', to: 'flowering+20' }],
  ceilings: [pruning(0.1)],
  signs: [['leaf', 'glance', 'Oval, thick, silvered by a meal that rubs off.'], ['wholePlant', 'glance', 'Hems the creeks like a hedge.']],
  shows: shows({ growth: { bush: MOSTLY, creeping: SOMETIMES }, leafShape: { oval: MOSTLY, lance: SOMETIMES }, leafEdge: 'smooth', leafBase: { wedge: MOSTLY }, leafSet: { opposite: MOSTLY, alternate: NOW_AND_THEN }, leafVeins: { net: OFTEN }, leafUnder: { whiteFelt: OFTEN, dull: OFTEN }, hairs: { bare: OFTEN, felt: OFTEN }, leafSection: { flat: MOSTLY }, stemSection: { solid: MOSTLY }, stemSkin: { plain: MOSTLY }, sap: { clear: MOSTLY }, smell: 'none', flowerSet: { spike: OFTEN, plume: SOMETIMES }, flowerColour: { yellow: OFTEN, green: OFTEN }, fruit: { nut: OFTEN }, root: { creeping: OFTEN, fibres: OFTEN }, bark: { smoothBark: OFTEN, peeling: SOMETIMES }, branching: { alternateTwigs: OFTEN, oppositeTwigs: OFTEN } }),
  lookAlikes: [],
  cautions: [['ground', 'Mud and tide: not alone, with the time of low water known; far from outfalls and moorings.'], ['law', 'Salt marshes are mostly reserves: ask, and pull nothing up.']],
  keeping: 'A week in the cold.',
});
