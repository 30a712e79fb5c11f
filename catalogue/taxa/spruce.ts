import type { PlantProfile } from '@emberfield/contract';
import { about, after, en, estimate, growsTo, LOWLAND, warmth } from '../src/figures.ts';
import { AMERICA, found } from '../src/regions.ts';
import { MOSTLY, NOW_AND_THEN, OFTEN, shows, SOMETIMES } from '../src/write.ts';

export const spruce: PlantProfile = {
  key: 'spruce',
  scientific: 'Picea abies (L.) H. Karst.',
  family: 'Pinaceae',
  regions: found([...AMERICA, 'atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope']),
  names: en('Norway spruce'),
  about: en('Conifer whose new tips are taken soft and pale, by their length, over about two weeks. Other conifers come weeks apart at the same place; yew is deadly.'),
  habit: 'conifer',
  lifeCycle: 'woody',
  status: 'common',
  severity: 'none',
  seasonStart: '01-01',
  reference: LOWLAND,
  stages: [
    { key: 'swelling', name: en('buds swell'), bbch: 0, calendar: about(115, 8), model: warmth(148, 120, 182) },
    { key: 'capsOff', name: en('brown caps fall'), bbch: 1, calendar: about(128, 7), model: warmth(232, 195, 276) },
    { key: 'fingerJoint', name: en('tips a finger joint long'), bbch: 3, calendar: about(134, 7), model: warmth(278, 235, 328) },
    { key: 'fingerLong', name: en('tips a finger long, hardening'), bbch: 3, calendar: about(148, 7), model: warmth(402, 345, 468) },
    { key: 'hard', name: en('needles stiff'), bbch: 3, calendar: about(165, 8), model: after('fingerLong', 16, 12, 21) },
  ],
  parts: [
    {
      key: 'tip', name: en('tips'), unit: 'tip', perPlant: estimate(400, 120, 1500), massG: estimate(0.8, 0.4, 1.4),
      method: en('Pinch side tips only, a few from each branch, all round the tree; never the leader, never young trees.'),
      effect: en('A side tip taken is that branch’s growth of the year; the leader lost makes a crooked tree.'),
      kills: false, costsSeed: false, spends: [], minAgeYears: 10, use: en('raw, in syrup or salt'), eating: 'raw',
      growth: growsTo([11, 7, 16], [354, 300, 415], [77, 60, 98]),
    },
  ],
  windows: [
    { part: 'tip', use: 'fresh', opens: { stage: 'capsOff', offsetDays: 0, lengthCm: 2 }, closes: { stage: 'fingerLong', offsetDays: 0, lengthCm: 7.5 }, peakShare: 0.35, sizeLimit: en('up to a finger joint is best; no longer than a finger, still soft') },
  ],
  ceilings: [
    { parts: null, rule: { kind: 'age', minYears: 10 } },
    { parts: null, rule: { kind: 'lightPruning', share: 0.1 } },
  ],
  signs: [
    { organ: 'leaf', text: en('Needles four-edged, they roll between the fingers; each sits on a small brown peg that stays on the twig.'), price: 'loupe' },
    { organ: 'fruit', text: en('Cones hang and fall whole.'), price: 'glance' },
    { organ: 'smell', text: en('Crushed tip smells of resin and lemon.'), price: 'glance' },
  ],
  shows: [
    ...shows({ growth: 'tree', leafShape: 'needle', needles: { pegs: MOSTLY, allRound: OFTEN }, smell: 'resin', cone: 'hanging', branching: { tiers: MOSTLY, alternateTwigs: NOW_AND_THEN }, bark: { peeling: OFTEN, furrowed: SOMETIMES, smoothBark: SOMETIMES }, leafUnder: { dull: MOSTLY, paleBands: NOW_AND_THEN }, bud: { scaled: MOSTLY, longPointed: NOW_AND_THEN } }),
  ],
  substitutes: [],
  lookAlikes: [
    { name: en('Yew'), scientific: 'Taxus baccata', severity: 'deadly', separatedBy: en('Flat soft needles in two rows, no resin smell, green twigs, red cups. All parts but the cup’s flesh kill; often planted beside spruce.') },
    { name: en('Silver fir'), scientific: 'Abies alba', severity: 'nuisance', separatedBy: en('Flat needles with two white stripes beneath, leaving round scars.') },
  ],
  cautions: [
    { class: 'lookAlike', text: en('Yew has killed people and animals. A flat needle without resin smell: leave it.') },
    { class: 'law', text: en('Tips are the owner’s: ask the forester, and never in plantations or Christmas-tree fields, which are sprayed.') },
  ],
  bring: en('basket · cloth for resin'),
  keeping: en('Layer in sugar or salt the same day, or freeze.'),
  works: ['bbch2001'],
};
