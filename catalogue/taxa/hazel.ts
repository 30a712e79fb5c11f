import type { PlantProfile } from '@emberfield/contract';
import { about, en, estimate, LOWLAND, warmth } from '../src/figures.ts';
import { EUROPE, found } from '../src/regions.ts';
import { MOSTLY, OFTEN, SOMETIMES, shows } from '../src/write.ts';

export const hazel: PlantProfile = {
  key: 'hazel',
  scientific: 'Corylus avellana L.',
  family: 'Betulaceae',
  regions: found(EUROPE),
  names: en('Hazel'),
  about: en('Many-stemmed shrub, first to flower in the year. Ripe nuts brown in their cups and fall over about three weeks; jays, mice and squirrels know it too.'),
  habit: 'shrub',
  lifeCycle: 'woody',
  status: 'common',
  severity: 'none',
  seasonStart: '01-01',
  reference: LOWLAND,
  stages: [
    { key: 'catkins', name: en('catkins shed pollen'), bbch: 6, calendar: about(48, 16), model: warmth(55, 25, 110, { baseC: 0, start: '01-01' }) },
    { key: 'leafing', name: en('leaves unfold'), bbch: 1, calendar: about(102, 9), model: warmth(86, 68, 109) },
    { key: 'milky', name: en('nuts green, kernel milky'), bbch: 7, calendar: about(205, 10), model: warmth(1110, 975, 1262) },
    { key: 'browning', name: en('nuts brown in the cup'), bbch: 8, calendar: about(250, 9), model: warmth(1660, 1495, 1842) },
    { key: 'falling', name: en('nuts fall'), bbch: 8, calendar: about(260, 9), model: { kind: 'after', stage: 'browning', days: estimate(10, 6, 14) } },
    { key: 'gone', name: en('gone or eaten'), bbch: 9, calendar: about(280, 9), model: { kind: 'after', stage: 'falling', days: estimate(20, 13, 27) } },
  ],
  parts: [
    {
      key: 'fruit', name: en('nuts'), unit: 'nut', perPlant: estimate(150, 30, 600), massG: estimate(2.4, 1.5, 3.5),
      method: en('Shake the stem and gather what falls; nuts that must be pulled are not ripe.'),
      effect: en('Seed and winter store of many animals.'), kills: false, costsSeed: true, spends: [], minAgeYears: null, use: en('raw or roasted'), eating: 'raw',
    },
    {
      key: 'leaf', name: en('young leaves'), unit: 'leaf', perPlant: estimate(800, 200, 3000), massG: estimate(0.6, 0.3, 1),
      method: en('A few soft leaves from each stem.'), effect: en('Little.'), kills: false, costsSeed: false, spends: [], minAgeYears: null, use: en('cooked or dried'), eating: 'cooked',
    },
  ],
  windows: [
    { part: 'leaf', use: 'dried', opens: { stage: 'leafing', offsetDays: 3 }, closes: { stage: 'leafing', offsetDays: 24 }, peakShare: 0.35, sizeLimit: null },
    { part: 'fruit', use: 'eaten', opens: { stage: 'browning', offsetDays: 3 }, closes: { stage: 'gone', offsetDays: 0 }, peakShare: 0.4, sizeLimit: en('brown, slips from its cup') },
  ],
  ceilings: [{ parts: null, rule: { kind: 'lightPruning', share: 0.5 } }],
  signs: [
    { organ: 'leaf', text: en('Round, softly hairy, with a small tip and a double saw edge.'), price: 'glance' },
    { organ: 'fruit', text: en('Nut in a ragged green cup.'), price: 'glance' },
  ],
  shows: [
    ...shows({ growth: { bush: MOSTLY, tree: SOMETIMES }, leafShape: { heart: OFTEN, round: OFTEN, oval: SOMETIMES }, leafEdge: 'coarseTeeth', leafBase: 'heartBase', leafSet: 'alternate', leafVeins: 'net', hairs: { soft: 1 }, stemSkin: { hairy: OFTEN, plain: OFTEN }, flowerSet: 'catkin', fruit: 'nut', bark: { smoothBark: OFTEN, bands: OFTEN }, bud: 'scaled', branching: 'alternateTwigs' }),
  ],
  substitutes: [],
  lookAlikes: [{ name: en('Turkish hazel'), scientific: 'Corylus colurna', severity: 'nuisance', separatedBy: en('A tree with one trunk; cups long-fringed and sticky.') }],
  cautions: [
    { class: 'people', text: en('Hazelnut allergy can be severe, and goes with birch-pollen allergy.') },
    { class: 'spoiling', text: en('Throw out nuts with a bitter or mouldy kernel.') },
  ],
  bring: en('sack · crook'),
  keeping: en('Dry in the shell in one layer for some weeks, then keep airy.'),
  works: ['bbch2001'],
};
