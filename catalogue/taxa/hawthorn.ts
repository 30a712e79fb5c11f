import type { PlantProfile } from '@emberfield/contract';
import { about, afterWarmth, en, estimate, LOWLAND, warmth } from '../src/figures.ts';
import { EUROPE, found } from '../src/regions.ts';
import { MOSTLY, NOW_AND_THEN, OFTEN, shows, SOMETIMES } from '../src/write.ts';

export const hawthorn: PlantProfile = {
  key: 'hawthorn',
  scientific: 'Crataegus monogyna Jacq.',
  family: 'Rosaceae',
  regions: { ...found([...EUROPE, 'easternAmerica']), ...found(['westernAmerica'], 'invasive') },
  names: en('Hawthorn'),
  about: en('Thorny shrub or small tree of hedges. Young leaves before the blossom, the blossom for some ten days in May, mealy haws until winter.'),
  habit: 'shrub',
  lifeCycle: 'woody',
  status: 'common',
  severity: 'none',
  seasonStart: '01-01',
  reference: LOWLAND,
  stages: [
    { key: 'leafing', name: en('leaves unfold'), bbch: 1, calendar: about(88, 12), model: warmth(46, 32, 68) },
    { key: 'buds', name: en('blossom buds round and white'), bbch: 5, calendar: about(122, 8), model: warmth(190, 158, 228) },
    { key: 'blossom', name: en('first blossom open'), bbch: 6, calendar: about(131, 8), model: warmth(255, 213, 305) },
    { key: 'spent', name: en('petals fall'), bbch: 6, calendar: about(146, 8), model: afterWarmth('blossom', 130, 98, 172) },
    { key: 'ripe', name: en('haws red'), bbch: 8, calendar: about(258, 12), model: afterWarmth('spent', 1345, 1175, 1540) },
    { key: 'shrivelled', name: en('haws shrivel or are eaten'), bbch: 9, calendar: about(318, 16), model: { kind: 'after', stage: 'ripe', days: estimate(60, 42, 78) } },
  ],
  parts: [
    {
      key: 'leaf', name: en('young leaves'), unit: 'leaf', perPlant: estimate(2500, 600, 9000), massG: estimate(0.15, 0.08, 0.25),
      method: en('Pinch single soft leaves; keep your hand out of the thorns.'), effect: en('Little, if no twig is stripped.'),
      kills: false, costsSeed: false, spends: [], minAgeYears: null, use: en('raw while soft, or dried'), eating: 'raw',
    },
    {
      key: 'flower', name: en('blossom'), unit: 'head', perPlant: estimate(400, 100, 1600), massG: estimate(1.2, 0.7, 2),
      method: en('On a dry day cut small clusters with their top leaves; a few from each branch.'), effect: en('Each cluster taken is a cluster of haws lost.'),
      kills: false, costsSeed: true, spends: ['fruit'], minAgeYears: null, use: en('dried'), eating: 'cooked',
    },
    {
      key: 'fruit', name: en('haws'), unit: 'fruit', perPlant: estimate(1500, 300, 6000), massG: estimate(0.5, 0.3, 0.9),
      method: en('Comb off by hand when red throughout; leave the inside and the top to the birds.'), effect: en('Seed and winter food for birds.'),
      kills: false, costsSeed: true, spends: [], minAgeYears: null, use: en('cooked and sieved from the stones, or dried'), eating: 'cooked',
    },
  ],
  windows: [
    { part: 'leaf', use: 'raw', opens: { stage: 'leafing', offsetDays: 0 }, closes: { stage: 'buds', offsetDays: 0 }, peakShare: 0.25, sizeLimit: en('soft, before the blossom buds whiten') },
    { part: 'flower', use: 'dried', opens: { stage: 'blossom', offsetDays: 0 }, closes: { stage: 'spent', offsetDays: -2 }, peakShare: 0.35, sizeLimit: en('half the flowers of the cluster open, none brown') },
    { part: 'fruit', use: 'cooked', opens: { stage: 'ripe', offsetDays: 0 }, closes: { stage: 'shrivelled', offsetDays: 0 }, peakShare: 0.4, sizeLimit: en('red throughout, gives a little') },
  ],
  ceilings: [{ parts: null, rule: { kind: 'lightPruning', share: 1 / 3 } }],
  signs: [
    { organ: 'bark', text: en('Straight thorns on the twigs, some ending in a bud.'), price: 'glance' },
    { organ: 'leaf', text: en('Leaf cut deeply into three to seven lobes, wider than the gaps between them.'), price: 'glance' },
    { organ: 'fruit', text: en('One hard stone in each haw; the dry calyx sits on its end.'), price: 'cut' },
  ],
  shows: [
    ...shows({ growth: { bush: OFTEN, tree: OFTEN }, leafShape: { hand: OFTEN, oval: OFTEN }, leafEdge: { lobed: 1, coarseTeeth: SOMETIMES }, leafBase: 'wedge', leafSet: 'alternate', leafVeins: 'net', hairs: { bare: MOSTLY, soft: SOMETIMES }, stemSkin: { thorns: MOSTLY }, flowerForm: 'star5', flowerSet: 'flatHead', flowerColour: { white: MOSTLY, pink: SOMETIMES }, fruit: { pome: MOSTLY, berry: NOW_AND_THEN }, bark: { furrowed: OFTEN, smoothBark: OFTEN }, bud: 'scaled', branching: 'alternateTwigs', berryColour: { red: MOSTLY } }),
  ],
  substitutes: [],
  lookAlikes: [
    { name: en('Midland hawthorn'), scientific: 'Crataegus laevigata', severity: 'nuisance', separatedBy: en('Shallow rounded lobes, two stones in a haw; used alike.') },
    { name: en('Red berries of other hedge shrubs, such as spindle'), scientific: 'Euonymus europaeus', severity: 'poisonous', separatedBy: en('Spindle has no thorns, opposite leaves and four-cornered pink fruit.') },
  ],
  cautions: [
    { class: 'people', text: en('Blossom, leaves and haws act on the heart and blood pressure: who has heart trouble or takes medicine for it asks a licensed practitioner first.') },
    { class: 'cooking', text: en('Do not crush or eat the stones: the kernels give off prussic acid.') },
    { class: 'ground', text: en('Hedges of fields are sprayed from the side: ask, and not by roads.') },
    { class: 'skin', text: en('A thorn broken off in a joint inflames: see a doctor.') },
  ],
  bring: en('gloves · scissors · basket'),
  keeping: en('Dry blossom thin and in the shade the same day; cook haws to a mash and sieve.'),
  works: ['bbch2001'],
};
