import { EUROPE, found } from '../src/regions.ts';
import { autumn, MOSTLY, noneAtAll, NOW_AND_THEN, OFTEN, plant, shows, spring } from '../src/write.ts';

export const treeLungwort = plant({
  key: 'tree-lungwort',
  name: 'Tree lungwort',
  scientific: 'Lobaria pulmonaria (L.) Hoffm.',
  family: 'Lobariaceae',
  regions: { ...found(EUROPE, 'protected'), ...found(['easternAmerica', 'westernAmerica'], 'slow') },
  habit: 'lichen', severity: 'nuisance', status: 'protected',
  about: 'Green lobes like a lung on old trees where the air is clean. Where it grows, the wood is old: look, and tell.',
  stages: [spring('growing', 'growing', 2, 80, 16), spring('full', 'full', 4, 150, 16), autumn('rest', 'at rest', 9, 320, 18)],
  signs: [['wholePlant', 'glance', 'Netted ridges and hollows, green when wet, brown when dry.']],
  shows: shows({ growth: 'crust', thallusForm: { sheet: OFTEN, hand: OFTEN }, thallusColour: { bright: OFTEN, olive: OFTEN, grey: NOW_AND_THEN }, holdfast: { none: MOSTLY }, smell: 'none' }),
  ceilings: [noneAtAll],
  cautions: [['law', 'Protected in many countries: look only.']],
  keeping: 'Left where it is.',
  substitutes: [['oak', 'Fallen leaves to bed plants and roots in.']],
});
