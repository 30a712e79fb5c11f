import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, plant, shows, spring } from '../src/write.ts';

export const icelandMoss = plant({
  key: 'iceland-moss',
  name: 'Iceland moss',
  scientific: 'Cetraria islandica (L.) Ach.',
  family: 'Parmeliaceae',
  regions: found(['northernEurope', 'continentalEurope', 'mountainsOfEurope', 'atlanticEurope', 'easternAmerica', 'westernAmerica'], 'slow'),
  habit: 'lichen', severity: 'nuisance', status: 'slow',
  about: 'A lichen of heaths and mountain tops, brown curled straps. It was bread in hunger years; it grows a few millimetres a year and drinks what falls from the sky.',
  stages: [spring('growing', 'growing', 2, 80, 16), spring('full', 'full', 4, 150, 16), autumn('rest', 'at rest', 9, 320, 18)],
  signs: [['wholePlant', 'glance', 'Stiff brown gutters with short bristles along the edge.']],
  shows: shows({ growth: 'crust', thallusForm: { tufts: MOSTLY, ribbon: NOW_AND_THEN, hand: NOW_AND_THEN }, thallusColour: { olive: MOSTLY, grey: NOW_AND_THEN }, holdfast: { none: MOSTLY }, smell: 'none' }),
  
  cautions: [['stand', 'A mat that is raked off is gone for a lifetime.'], ['slowPoison', 'Gathers lead and radioactive fallout.']],
  keeping: 'Left where it is.',
  substitutes: [['oak', 'Fallen leaves to bed plants and roots in.']],
});
