import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, share, shows, spring } from '../src/write.ts';

export const dulse = plant({
  key: 'dulse',
  name: 'Dulse',
  scientific: 'Palmaria palmata (L.) F. Weber & D. Mohr',
  family: 'Palmariaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'easternAmerica', 'westernAmerica']),
  habit: 'seaweed',
  about: 'Dark red hands on rock and on the stems of kelp, bared at low springs. Chewed dry, or fried.',
  stages: [spring('fresh', 'new growth', 1, 78, 16), spring('full', 'full grown', 4, 135, 16), autumn('worn', 'worn, overgrown', 8, 235, 18), autumn('rest', 'torn by storms', 9, 318, 18)],
  parts: [{ key: 'leaf', name: 'blades', unit: 'gram', perPlant: [40, 10, 120], massG: null, method: 'Cut the upper two thirds, a hand above the disc.', effect: 'Grows again from what is left; torn off the rock it is gone.', use: 'dried, fried', eating: 'cooked' }],
  windows: [{ part: 'leaf', use: 'dried', from: 'fresh', to: 'full+30' }],
  ceilings: [share(0.2), others(0.3)],
  signs: [['leaf', 'glance', 'Flat, leathery, dark red, split like fingers, small blades along its edge.']],
  shows: shows({ growth: 'weed', thallusForm: { hand: MOSTLY, sheet: NOW_AND_THEN }, thallusColour: { redBrown: MOSTLY }, holdfast: { disc: MOSTLY }, smell: { none: OFTEN, rank: NOW_AND_THEN } }),
  lookAlikes: [],
  cautions: [['ground', 'Rocks and tide: not alone, with the time of low water known. Only from clean open water: no harbour, outfall, fish farm or river from fields.'], ['people', 'Rich in iodine, and gathers metals: little, and with a thyroid disease or in pregnancy ask a licensed practitioner first.'], ['law', 'The shore has an owner, and many coasts limit cutting: ask first.']],
  keeping: 'Dried on a line in wind, kept dark.',
});
