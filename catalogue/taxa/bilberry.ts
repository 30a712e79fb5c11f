import type { PlantProfile } from '@emberfield/contract';
import { about, after, afterWarmth, en, estimate, LOWLAND, warmth } from '../src/figures.ts';
import { found } from '../src/regions.ts';
import { MOSTLY, NOW_AND_THEN, OFTEN, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const bilberry: PlantProfile = {
  key: 'bilberry',
  scientific: 'Vaccinium myrtillus L.',
  family: 'Ericaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope', 'westernAmerica']),
  names: en('Bilberry'),
  about: en('Knee-high shrub of acid woods and moors, spreading by its roots: one patch may be one old plant. A late frost on the flower takes the year’s berries.'),
  habit: 'shrub',
  lifeCycle: 'woody',
  status: 'common',
  severity: 'none',
  seasonStart: '01-01',
  reference: LOWLAND,
  stages: [
    { key: 'leafing', name: en('leaves unfold'), bbch: 1, calendar: about(110, 10), model: warmth(125, 100, 156) },
    { key: 'flowering', name: en('in flower'), bbch: 6, calendar: about(121, 9), model: warmth(182, 150, 221) },
    { key: 'greenFruit', name: en('green berries'), bbch: 7, calendar: about(148, 9), model: afterWarmth('flowering', 220, 172, 281) },
    { key: 'ripe', name: en('berries blue throughout'), bbch: 8, calendar: about(193, 10), model: afterWarmth('flowering', 760, 645, 895) },
    { key: 'over', name: en('berries soft, falling or eaten'), bbch: 9, calendar: about(228, 12), model: after('ripe', 35, 24, 46) },
  ],
  parts: [
    {
      key: 'leaf', name: en('leaves'), unit: 'gram', perPlant: estimate(15, 5, 40), massG: null,
      method: en('Strip a few from each twig before the fruit, never a whole bush.'), effect: en('Weakens this year’s berries.'),
      kills: false, costsSeed: false, spends: [], minAgeYears: null, use: en('dried'), eating: 'cooked',
    },
    {
      key: 'fruit', name: en('berries'), unit: 'gram', perPlant: estimate(25, 5, 90), massG: null,
      method: en('By hand. Combs tear leaves and shoots, and are forbidden in many places.'), effect: en('Food of grouse, bears and many others.'),
      kills: false, costsSeed: true, spends: [], minAgeYears: null, use: en('raw, cooked or dried'), eating: 'raw',
    },
  ],
  windows: [
    { part: 'leaf', use: 'dried', opens: { stage: 'leafing', offsetDays: 12 }, closes: { stage: 'ripe', offsetDays: -25 }, peakShare: 0.4, sizeLimit: null },
    { part: 'fruit', use: 'raw', opens: { stage: 'ripe', offsetDays: 0 }, closes: { stage: 'over', offsetDays: 0 }, peakShare: 0.35, sizeLimit: en('blue throughout, comes off at a touch') },
  ],
  ceilings: [{ parts: ['leaf'], rule: { kind: 'lightPruning', share: 0.15 } }, { parts: ['fruit'], rule: { kind: 'leaveForOthers', share: 0.4 } }],
  signs: [
    { organ: 'stem', text: en('Green twigs with sharp edges, bare in winter and green still.'), price: 'glance' },
    { organ: 'leaf', text: en('Thin, finely toothed leaves that fall in autumn.'), price: 'glance' },
    { organ: 'fruit', text: en('Berries single; flesh and juice dark red-blue throughout, staining.'), price: 'cut' },
  ],
  shows: [
    ...shows({ growth: 'bush', leafShape: { oval: MOSTLY, round: RARELY }, leafEdge: { fineTeeth: MOSTLY, smooth: RARELY }, leafBase: 'wedge', leafSet: 'alternate', leafVeins: 'net', leafUnder: 'dull', hairs: 'bare', stemSection: { ribbed: OFTEN, threeEdged: OFTEN, square: SOMETIMES }, stemSkin: 'plain', flowerForm: 'bell', flowerSet: 'single', flowerColour: { green: OFTEN, pink: OFTEN }, fruit: 'berry', root: 'creeping', branching: 'alternateTwigs', bud: 'scaled', berryColour: { blueBloom: MOSTLY, black: NOW_AND_THEN } }),
  ],
  substitutes: [],
  lookAlikes: [
    { name: en('Bog bilberry'), scientific: 'Vaccinium uliginosum', severity: 'harmful', separatedBy: en('Round brown twigs, blue-green leaves without teeth, pale flesh and clear juice; eaten in quantity it has made people giddy.') },
    { name: en('Deadly nightshade'), scientific: 'Atropa belladonna', severity: 'deadly', separatedBy: en('A tall herb with large soft leaves; shining black berry on a green star.') },
    { name: en('Herb Paris'), scientific: 'Paris quadrifolia', severity: 'poisonous', separatedBy: en('One berry in the middle of a whorl of four broad leaves.') },
  ],
  cautions: [
    { class: 'lookAlike', text: en('Single black berries of herb Paris and nightshade ripen in the same woods: look at the twig it hangs on, berry by berry.') },
    { class: 'ground', text: en('Eggs of the fox tapeworm are feared on low berries: washing helps little, cooking well or drying hot does. Ask what is advised where you live.') },
    { class: 'people', text: en('Leaves taken for long, and with diabetes or blood-thinning medicine: ask a licensed practitioner first.') },
    { class: 'law', text: en('In many reserves picking, or picking with a comb, is forbidden; local rules come first.') },
  ],
  bring: en('wide shallow basket · long trousers against ticks'),
  keeping: en('Pick out leaves by rolling them down a damp board; freeze, cook or dry the same day.'),
  works: ['bbch2001'],
};
