import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const peatMoss = plant({
  key: 'peat-moss',
  name: 'Peat moss',
  scientific: 'Sphagnum palustre L.',
  family: 'Sphagnaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope', 'easternAmerica', 'westernAmerica'], 'atRisk'),
  habit: 'moss', severity: 'nuisance', status: 'atRisk',
  about: 'The moss that makes bogs, a millimetre a year. Once for wounds and cradles; now bogs are few, and it is left alone.',
  stages: [spring('growing', 'growing', 2, 80, 16), spring('full', 'full', 4, 150, 16), autumn('rest', 'at rest', 9, 320, 18)],
  signs: [['wholePlant', 'glance', 'Heads like small stars on a wet sponge.']],
  shows: shows({ growth: 'cushion', thallusForm: { leafy: MOSTLY, tufts: NOW_AND_THEN }, thallusColour: { bright: OFTEN, redBrown: SOMETIMES, olive: NOW_AND_THEN }, holdfast: { none: MOSTLY }, smell: 'none' }),
  
  cautions: [['stand', 'Grows a millimetre in a year and holds the bog: left alone.'], ['ground', 'A fungus on it can cause sores: gloves.']],
  keeping: 'Left where it is.',
  substitutes: [['oak', 'Fallen leaves to bed plants and roots in.']],
});
