import type { PlantProfile } from '@emberfield/contract';
import { about, after, en, estimate, LOWLAND, warmth } from '../src/figures.ts';
import { found } from '../src/regions.ts';
import { MOSTLY, OFTEN, SOMETIMES, shows } from '../src/write.ts';

export const birch: PlantProfile = {
  key: 'birch',
  scientific: 'Betula pendula Roth',
  family: 'Betulaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope', 'easternAmerica', 'westernAmerica']),
  names: en('Silver birch'),
  about: en('Sap rises for two to four weeks before the buds break; once leaves show it turns cloudy and bitter. Young leaves follow.'),
  habit: 'tree',
  lifeCycle: 'woody',
  status: 'common',
  severity: 'none',
  seasonStart: '01-01',
  reference: LOWLAND,
  stages: [
    { key: 'sapRising', name: en('sap rising'), bbch: 0, calendar: about(70, 12), model: warmth(19, 12, 30) },
    { key: 'budBurst', name: en('buds break'), bbch: 0, calendar: about(96, 9), model: warmth(66, 50, 88) },
    { key: 'youngLeaf', name: en('leaves sticky, a thumbnail wide'), bbch: 1, calendar: about(106, 8), model: warmth(102, 82, 127) },
    { key: 'fullLeaf', name: en('leaves full'), bbch: 1, calendar: about(131, 8), model: after('youngLeaf', 25, 19, 31) },
  ],
  parts: [
    {
      key: 'sap', name: en('sap'), unit: 'litre', perPlant: estimate(2, 1, 4), massG: estimate(1000, 1000, 1010),
      method: en('Only trees thicker than two hands. Cut one twig of thumb thickness and hang a bottle, or one shallow hole, closed afterwards with a plug. One to three days, then leave the tree.'),
      effect: en('Each hole is a wound that can rot; rest the tree for some years.'),
      kills: false, costsSeed: false, spends: [], minAgeYears: 20, use: en('fresh, or boiled down'), eating: 'raw',
    },
    {
      key: 'leaf', name: en('young leaves'), unit: 'leaf', perPlant: estimate(1500, 400, 6000), massG: estimate(0.15, 0.08, 0.25),
      method: en('Strip a few twigs in reach, spread round the tree.'), effect: en('Little, if spread.'),
      kills: false, costsSeed: false, spends: [], minAgeYears: null, use: en('dried for tea'), eating: 'cooked',
    },
  ],
  windows: [
    { part: 'sap', use: 'fresh', opens: { stage: 'sapRising', offsetDays: 0 }, closes: { stage: 'budBurst', offsetDays: 0 }, peakShare: 0.45, sizeLimit: en('a pricked twig drips; the sap is clear') },
    { part: 'leaf', use: 'dried', opens: { stage: 'youngLeaf', offsetDays: 0 }, closes: { stage: 'fullLeaf', offsetDays: 5 }, peakShare: 0.35, sizeLimit: en('soft and slightly sticky') },
  ],
  ceilings: [
    { parts: ['sap'], rule: { kind: 'age', minYears: 20 } },
    // A trunk of about 25 cm; one hole only, whatever its girth (estimate).
    { parts: ['sap'], rule: { kind: 'sapTaps', firstCm: 80, secondCm: null } },
    { parts: ['sap'], rule: { kind: 'perPlantCap', perPlant: 2 } },
    { parts: ['leaf'], rule: { kind: 'lightPruning', share: 0.1 } },
  ],
  signs: [
    { organ: 'bark', text: en('White peeling bark, black diamonds low on the trunk.'), price: 'glance' },
    { organ: 'leaf', text: en('Leaves triangular with a double saw edge; twigs hang, with small warts.'), price: 'glance' },
  ],
  shows: [
    ...shows({ growth: 'tree', leafShape: { oval: OFTEN, heart: OFTEN }, leafEdge: { coarseTeeth: OFTEN, fineTeeth: OFTEN }, leafBase: 'wedge', leafSet: 'alternate', leafVeins: 'net', hairs: { bare: OFTEN, soft: SOMETIMES }, sap: 'clear', smell: { none: OFTEN, resin: SOMETIMES }, flowerSet: 'catkin', fruit: 'winged', bark: { peeling: MOSTLY, bands: OFTEN, furrowed: SOMETIMES }, bud: { scaled: OFTEN, longPointed: SOMETIMES, sticky: SOMETIMES }, branching: 'alternateTwigs' }),
  ],
  substitutes: [],
  lookAlikes: [{ name: en('Downy birch'), scientific: 'Betula pubescens', severity: 'nuisance', separatedBy: en('Twigs hairy, not warty; used alike.') }],
  cautions: [
    { class: 'spoiling', text: en('Sap ferments within a day or two: cool it at once.') },
    { class: 'law', text: en('Tapping harms a tree that belongs to somebody: ask first.') },
    { class: 'people', text: en('With birch-pollen allergy, heart or kidney trouble: ask a licensed practitioner.') },
  ],
  bring: en('bottles · cord · plug and mallet'),
  keeping: en('Fresh in the cold for two days; frozen, or boiled down.'),
  works: ['bbch2001'],
};
