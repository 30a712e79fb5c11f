import { found } from '../src/regions.ts';
import { autumn, cap, MOSTLY, NOW_AND_THEN, OFTEN, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const seaBeet = plant({
  key: 'sea-beet', name: 'Sea beet',
  scientific: 'Beta vulgaris subsp. maritima (L.) Arcang.',
  family: 'Amaranthaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'mediterranean']),
  habit: 'herb',
  about: 'Shining leathery leaves along the drift line, spinach for most of the year.',
  stages: [spring('leaves', 'fresh leaves', 1, 70, 20), spring('flowering', 'green spikes', 6, 182, 14), autumn('seed', 'seed', 8, 240, 16), autumn('rest', 'winter', 9, 345, 12)],
  parts: [{ key: 'leaf', name: 'leaves', unit: 'leaf', perPlant: [20, 8, 40], massG: [5, 2, 9], method: 'A few of each plant, above the reach of the last tide.', effect: 'Grows again.', use: 'cooked', eating: 'cooked' }],
  windows: [{ part: 'leaf', use: 'cooked', from: 'leaves', to: 'flowering' }],
  ceilings: [cap(5), share(0.33)],
  signs: [['leaf', 'glance', 'Thick, glossy, wavy, with a red-striped stalk.'], ['flower', 'glance', 'Green, in threes along spikes.']],
  shows: shows({ growth: { rosette: OFTEN, fromGround: SOMETIMES, leafyStem: OFTEN, creeping: SOMETIMES }, leafShape: { oval: OFTEN, heart: SOMETIMES, arrow: SOMETIMES, lance: SOMETIMES }, leafEdge: 'smooth', leafBase: 'wedge', leafSet: { basal: OFTEN, alternate: OFTEN }, leafVeins: 'net', leafUnder: { glossy: MOSTLY, dull: NOW_AND_THEN }, hairs: 'bare', stemSection: { ribbed: 1 }, stemSkin: 'plain', smell: 'none', flowerSet: 'spike', flowerColour: 'green', fruit: 'burr', root: 'taproot', deadStalk: { podsLeft: OFTEN, noStalk: OFTEN } }),
  lookAlikes: [['Lords-and-ladies', 'Arum maculatum', 'poisonous', 'In shaded banks above the beach: arrowheads with a seam along the edge.']],
  cautions: [['lookAlike', 'Shaded banks above the beach hold lords-and-ladies.'], ['people', 'Oxalic acid: with kidney stones ask a licensed practitioner.'], ['ground', 'Tide lines carry oil and sewage.']],
});
