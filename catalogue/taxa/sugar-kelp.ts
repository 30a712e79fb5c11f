import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, share, shows, spring } from '../src/write.ts';

export const sugarKelp = plant({
  key: 'sugar-kelp',
  name: 'Sugar kelp',
  scientific: 'Saccharina latissima (L.) C. E. Lane, C. Mayes, Druehl & G. W. Saunders',
  family: 'Laminariaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'easternAmerica', 'westernAmerica']),
  habit: 'seaweed',
  about: 'A frilled brown ribbon longer than a man, at the lowest edge of the tide. Kelp beds are nurseries: blades are cut, stems stay.',
  stages: [spring('fresh', 'new growth', 1, 78, 16), spring('full', 'full grown', 4, 135, 16), autumn('worn', 'worn, overgrown', 8, 235, 18), autumn('rest', 'torn by storms', 9, 318, 18)],
  parts: [{ key: 'leaf', name: 'blades', unit: 'gram', perPlant: [400, 100, 1200], massG: null, method: 'Cut the blade two hands above the stem: it grows from there; never the stem, never the claws.', effect: 'Grows again from what is left; torn off the rock it is gone.', use: 'in stock, as noodles', eating: 'cooked' }],
  windows: [{ part: 'leaf', use: 'dried', from: 'fresh', to: 'full+20' }],
  ceilings: [share(0.2), others(0.3)],
  signs: [['leaf', 'glance', 'One undivided belt, crinkled down the middle.'], ['stem', 'glance', 'A round flexible stem on claws.']],
  shows: shows({ growth: 'weed', thallusForm: { ribbon: 1 }, thallusColour: { olive: MOSTLY }, holdfast: { claws: MOSTLY }, smell: { none: OFTEN, rank: NOW_AND_THEN } }),
  lookAlikes: [],
  cautions: [['ground', 'Rocks and tide: not alone, with the time of low water known. Only from clean open water: no harbour, outfall, fish farm or river from fields.'], ['people', 'Rich in iodine, and gathers metals: little, and with a thyroid disease or in pregnancy ask a licensed practitioner first.'], ['law', 'The shore has an owner, and many coasts limit cutting: ask first.']],
  keeping: 'Dried on a line.',
});
