import type { PlantProfile } from '@emberfield/contract';
import { about, after, afterWarmth, en, estimate, LOWLAND, warmth } from '../src/figures.ts';
import { found } from '../src/regions.ts';
import { MOSTLY, OFTEN, shows } from '../src/write.ts';

export const lime: PlantProfile = {
  key: 'lime',
  scientific: 'Tilia cordata Mill.',
  family: 'Malvaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope']),
  names: en('Small-leaved lime'),
  about: en('Tree whose blossom is worth taking for a few days only, best as the first flowers of a cluster open. Young leaves are a salad in spring.'),
  habit: 'tree',
  lifeCycle: 'woody',
  status: 'common',
  severity: 'none',
  seasonStart: '01-01',
  reference: LOWLAND,
  stages: [
    { key: 'leafing', name: en('leaves unfold'), bbch: 1, calendar: about(116, 8), model: warmth(152, 125, 185) },
    { key: 'fullLeaf', name: en('leaves full and firm'), bbch: 1, calendar: about(132, 8), model: after('leafing', 15, 11, 19) },
    { key: 'buds', name: en('blossom buds round'), bbch: 5, calendar: about(172, 8), model: warmth(672, 585, 772) },
    { key: 'firstOpen', name: en('first blossoms open'), bbch: 6, calendar: about(183, 7), model: warmth(810, 715, 918) },
    { key: 'spent', name: en('most blossoms brown'), bbch: 6, calendar: about(190, 7), model: afterWarmth('firstOpen', 82, 62, 108) },
    { key: 'fruit', name: en('nutlets ripe'), bbch: 8, calendar: about(265, 12), model: after('spent', 74, 60, 88) },
  ],
  parts: [
    {
      key: 'flower', name: en('blossom'), unit: 'blossom', perPlant: estimate(3000, 800, 12000), massG: estimate(0.6, 0.4, 0.9),
      method: en('On a dry noon, pick clusters with their pale wing from branches in reach; spread round the tree.'),
      effect: en('Little to a large tree if no branch is stripped or broken.'),
      kills: false, costsSeed: true, spends: [], minAgeYears: null, use: en('dried for tea'), eating: 'cooked',
    },
    {
      key: 'leaf', name: en('young leaves'), unit: 'leaf', perPlant: estimate(2000, 400, 8000), massG: estimate(0.5, 0.3, 0.8),
      method: en('Pick soft, shining leaves from twigs in reach, never all of one twig.'),
      effect: en('Little, if spread round the crown.'),
      kills: false, costsSeed: false, spends: [], minAgeYears: null, use: en('raw'), eating: 'raw',
    },
  ],
  windows: [
    { part: 'leaf', use: 'raw', opens: { stage: 'leafing', offsetDays: 0 }, closes: { stage: 'fullLeaf', offsetDays: 0 }, peakShare: 0.3, sizeLimit: en('still soft and shining') },
    { part: 'flower', use: 'dried', opens: { stage: 'firstOpen', offsetDays: 0 }, closes: { stage: 'spent', offsetDays: -2 }, peakShare: 0.4, sizeLimit: en('half the flowers of the cluster open, none brown') },
  ],
  ceilings: [{ parts: null, rule: { kind: 'lightPruning', share: 0.1 } }],
  signs: [
    { organ: 'leaf', text: en('Heart-shaped, small, blue-green beneath, with rust-brown tufts of hair in the corners of the veins.'), price: 'loupe' },
    { organ: 'flower', text: en('Five to eleven flowers upright on a stalk grown together with a pale wing.'), price: 'glance' },
  ],
  shows: [
    ...shows({ growth: 'tree', leafShape: 'heart', leafEdge: 'fineTeeth', leafBase: 'heartBase', leafSet: 'alternate', leafVeins: 'net', leafUnder: { dull: MOSTLY }, hairs: { bare: OFTEN, soft: OFTEN }, smell: 'none', flowerForm: 'star5', flowerSet: { umbel: OFTEN, flatHead: OFTEN }, flowerColour: { white: OFTEN, yellow: OFTEN }, fruit: 'nut', bark: { smoothBark: OFTEN, furrowed: OFTEN }, bud: { scaled: 1 }, branching: 'alternateTwigs' }),
  ],
  substitutes: [],
  lookAlikes: [
    { name: en('Silver lime'), scientific: 'Tilia tomentosa', severity: 'nuisance', separatedBy: en('White felt beneath the leaf; flowers later.') },
  ],
  cautions: [
    { class: 'spoiling', text: en('Blossom taken too late turns and is said to upset; take only fresh ones.') },
    { class: 'ground', text: en('Avenue trees stand by roads: dust and spray settle on the blossom. Bees are at work: look before you grasp.') },
    { class: 'people', text: en('With heart trouble ask a licensed practitioner before drinking it often.') },
  ],
  bring: en('basket · crook · cloth to spread'),
  keeping: en('Dry the same day in one layer in the shade; keep dark and shut.'),
  works: ['pigott1991', 'bbch2001'],
};
