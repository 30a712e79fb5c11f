import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const laver = plant({
  key: 'laver',
  name: 'Laver',
  scientific: 'Porphyra umbilicalis Kützing',
  family: 'Bangiaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'easternAmerica']),
  habit: 'seaweed',
  about: 'Skins of purple-brown film on rocks in the surf; washed long of sand, boiled for hours.',
  stages: [spring('fresh', 'new growth', 1, 78, 16), spring('full', 'full grown', 4, 135, 16), autumn('worn', 'worn, overgrown', 8, 235, 18), autumn('rest', 'torn by storms', 9, 318, 18)],
  parts: [{ key: 'leaf', name: 'blades', unit: 'gram', perPlant: [15, 5, 50], massG: null, method: 'Pinch or cut above the point that holds it; take patches, not a whole rock.', effect: 'Grows again from what is left; torn off the rock it is gone.', use: 'boiled long, then fried', eating: 'cooked' }],
  windows: [{ part: 'leaf', use: 'dried', from: 'fresh', to: 'full+30' }],
  ceilings: [share(0.2), others(0.3)],
  signs: [['leaf', 'glance', 'Thin as film, one layer, purple to olive, fixed at one point.']],
  shows: shows({ growth: 'weed', thallusForm: { sheet: 1 }, thallusColour: { redBrown: OFTEN, olive: SOMETIMES }, holdfast: { disc: MOSTLY }, smell: { none: OFTEN, rank: NOW_AND_THEN } }),
  lookAlikes: [],
  cautions: [['ground', 'Rocks and tide: not alone, with the time of low water known. Only from clean open water: no harbour, outfall, fish farm or river from fields.'], ['people', 'Rich in iodine, and gathers metals: little, and with a thyroid disease or in pregnancy ask a licensed practitioner first.'], ['law', 'The shore has an owner, and many coasts limit cutting: ask first.']],
  keeping: 'Boiled in jars, or dried in sheets.',
});
