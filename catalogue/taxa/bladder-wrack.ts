import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, share, shows, spring } from '../src/write.ts';

export const bladderWrack = plant({
  key: 'bladder-wrack',
  name: 'Bladder wrack',
  scientific: 'Fucus vesiculosus L.',
  family: 'Fucaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'easternAmerica']),
  habit: 'seaweed',
  about: 'Forked olive straps with pairs of bladders, over every sheltered rock. For a drink, for the bath, for the garden.',
  stages: [spring('fresh', 'new growth', 1, 78, 16), spring('full', 'full grown', 4, 135, 16), autumn('worn', 'worn, overgrown', 8, 235, 18), autumn('rest', 'torn by storms', 9, 318, 18)],
  parts: [{ key: 'leaf', name: 'blades', unit: 'gram', perPlant: [150, 40, 500], massG: null, method: 'Cut tips, a quarter of a tuft.', effect: 'Grows again from what is left; torn off the rock it is gone.', use: 'dried', eating: 'cooked' }],
  windows: [{ part: 'leaf', use: 'dried', from: 'fresh', to: 'full+30' }],
  ceilings: [share(0.2), others(0.3)],
  signs: [['leaf', 'glance', 'A midrib, bladders in pairs beside it.']],
  shows: shows({ growth: 'weed', thallusForm: { bladders: MOSTLY, ribbon: NOW_AND_THEN }, thallusColour: { olive: MOSTLY }, holdfast: { disc: MOSTLY }, smell: { none: OFTEN, rank: NOW_AND_THEN } }),
  lookAlikes: [],
  cautions: [['ground', 'Rocks and tide: not alone, with the time of low water known. Only from clean open water: no harbour, outfall, fish farm or river from fields.'], ['people', 'Rich in iodine, and gathers metals: little, and with a thyroid disease or in pregnancy ask a licensed practitioner first.'], ['law', 'The shore has an owner, and many coasts limit cutting: ask first.']],
  keeping: 'Dried fast.',
});
