import { found } from '../src/regions.ts';
import { autumn, cap, MOSTLY, NEVER, NOW_AND_THEN, OFTEN, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const sorrel = plant({
  key: 'sorrel', name: 'Sorrel',
  scientific: 'Rumex acetosa L.',
  family: 'Polygonaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope', 'easternAmerica', 'westernAmerica']),
  habit: 'herb',
  about: 'Sour leaves of old meadows.',
  stages: [spring('leaves', 'leaves', 1, 78, 14), spring('stalk', 'stems', 3, 122, 10), spring('flowering', 'red plumes', 6, 142, 10), spring('seed', 'seed', 8, 175, 12), autumn('regrowth', 'new leaves', 1, 255, 18), autumn('rest', 'winter', 9, 335, 14)],
  parts: [{ key: 'leaf', name: 'leaves', unit: 'leaf', perPlant: [9, 4, 16], massG: [1.1, 0.5, 2], method: 'A few from each plant.', effect: 'Grows again.', use: 'raw in small amounts, or cooked', eating: 'raw' }],
  windows: [{ part: 'leaf', use: 'fresh', from: 'leaves+8', to: 'flowering', best: 0.4, clearFrom: 'stalk' }, { part: 'leaf', use: 'late leaves', from: 'regrowth', to: 'rest-15', best: 0.3, clearFrom: NEVER }],
  ceilings: [cap(3), share(0.4)],
  signs: [['leaf', 'glance', 'Barbs of the leaf foot point straight back along the stalk.'], ['leaf', 'glance', 'Veins a net; no seam along the edge.']],
  shows: shows({ growth: { rosette: MOSTLY, fromGround: NOW_AND_THEN, leafyStem: OFTEN }, leafShape: { arrow: MOSTLY, lance: NOW_AND_THEN }, leafEdge: 'smooth', leafBase: { heartBase: MOSTLY, clasping: SOMETIMES }, leafSet: { basal: 1, alternate: OFTEN }, leafVeins: 'net', leafUnder: { dull: MOSTLY, glossy: NOW_AND_THEN }, hairs: 'bare', stemSection: { ribbed: OFTEN, solid: OFTEN }, stemSkin: 'plain', smell: 'none', flowerSet: { spike: MOSTLY, plume: NOW_AND_THEN }, flowerColour: { pink: OFTEN, green: SOMETIMES, brown: SOMETIMES }, fruit: 'winged', root: { fibres: OFTEN, taproot: OFTEN }, deadStalk: { plumeLeft: OFTEN, noStalk: OFTEN }, stalkSection: { grooved: OFTEN } }),
  lookAlikes: [['Lords-and-ladies', 'Arum maculatum', 'poisonous', 'Leaves shining, with a seam along the edge, in woods; barbs point outwards.']],
  cautions: [['lookAlike', 'Young lords-and-ladies among it burn the mouth.'], ['people', 'Oxalic acid: not much, and not with kidney stones, gout or rheumatism; ask a licensed practitioner.']],
});
