import type { PlantProfile } from '@emberfield/contract';
import { about, afterWarmth, en, estimate, LOWLAND, warmth } from '../src/figures.ts';
import { EUROPE, found } from '../src/regions.ts';
import { MOSTLY, NOW_AND_THEN, OFTEN, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const bramble: PlantProfile = {
  key: 'bramble',
  scientific: 'Rubus fruticosus agg.',
  family: 'Rosaceae',
  regions: { ...found(EUROPE), ...found(['westernAmerica'], 'invasive') },
  names: en('Bramble'),
  about: en('Arching canes that root at their tips; a cane bears in its second summer and dies. The berry at the end of a spray ripens first and is the sweetest.'),
  habit: 'shrub',
  lifeCycle: 'woody',
  status: 'common',
  severity: 'none',
  seasonStart: '01-01',
  reference: LOWLAND,
  stages: [
    { key: 'shoots', name: en('young tips'), bbch: 1, calendar: about(100, 12), model: warmth(85, 62, 116) },
    { key: 'leafy', name: en('leaves firm'), bbch: 1, calendar: about(136, 9), model: warmth(293, 245, 350) },
    { key: 'flowering', name: en('first flowers'), bbch: 6, calendar: about(162, 9), model: warmth(555, 476, 647) },
    { key: 'greenFruit', name: en('green and red fruit'), bbch: 7, calendar: about(192, 9), model: afterWarmth('flowering', 370, 305, 448) },
    { key: 'ripe', name: en('first berries black'), bbch: 8, calendar: about(218, 10), model: afterWarmth('flowering', 725, 620, 848) },
    { key: 'over', name: en('last berries watery or mouldy'), bbch: 9, calendar: about(268, 12), model: { kind: 'after', stage: 'ripe', days: estimate(50, 36, 64) } },
  ],
  parts: [
    {
      key: 'shoot', name: en('young tips'), unit: 'shoot', perPlant: estimate(20, 6, 60), massG: estimate(3, 1.5, 5),
      method: en('Snap the soft end of a shoot while its prickles still bend.'), effect: en('The shoot branches below.'),
      kills: false, costsSeed: false, spends: [], minAgeYears: null, use: en('peeled, or dried for tea'), eating: 'raw',
    },
    {
      key: 'leaf', name: en('leaves'), unit: 'leaf', perPlant: estimate(400, 100, 1500), massG: estimate(0.8, 0.4, 1.3),
      method: en('Young whole leaves without rust spots.'), effect: en('Little.'),
      kills: false, costsSeed: false, spends: [], minAgeYears: null, use: en('dried for tea'), eating: 'cooked',
    },
    {
      key: 'fruit', name: en('berries'), unit: 'fruit', perPlant: estimate(300, 60, 1200), massG: estimate(2.2, 1.2, 3.5),
      method: en('Only berries that come off at a touch; leave the inside of the thicket.'), effect: en('Seed and food for many animals.'),
      kills: false, costsSeed: true, spends: [], minAgeYears: null, use: en('raw or cooked'), eating: 'raw',
    },
  ],
  windows: [
    { part: 'shoot', use: 'peeled', opens: { stage: 'shoots', offsetDays: 0 }, closes: { stage: 'leafy', offsetDays: -8 }, peakShare: 0.4, sizeLimit: en('prickles still soft') },
    { part: 'leaf', use: 'dried', opens: { stage: 'shoots', offsetDays: 12 }, closes: { stage: 'flowering', offsetDays: 0 }, peakShare: 0.45, sizeLimit: null },
    { part: 'fruit', use: 'raw', opens: { stage: 'ripe', offsetDays: 0 }, closes: { stage: 'over', offsetDays: 0 }, peakShare: 0.4, sizeLimit: en('black throughout, dull rather than shining, comes off at a touch') },
  ],
  ceilings: [{ parts: ['shoot', 'leaf'], rule: { kind: 'lightPruning', share: 1 / 3 } }, { parts: ['fruit'], rule: { kind: 'lightPruning', share: 0.6 } }],
  signs: [
    { organ: 'stem', text: en('Arching angled canes with hooked prickles, rooting where the tip meets the ground.'), price: 'glance' },
    { organ: 'leaf', text: en('Three to five leaflets from one point, prickles along the ribs beneath.'), price: 'glance' },
    { organ: 'fruit', text: en('Many small drupes on a pale core that comes off with the berry.'), price: 'cut' },
  ],
  shows: [
    ...shows({ growth: { bush: OFTEN, climber: OFTEN, creeping: SOMETIMES }, leafShape: { threeLeaflets: OFTEN, hand: OFTEN }, leafEdge: { coarseTeeth: OFTEN, fineTeeth: OFTEN }, leafSet: 'alternate', leafVeins: 'net', leafUnder: { dull: OFTEN, whiteFelt: OFTEN }, hairs: { soft: OFTEN, felt: SOMETIMES, bare: SOMETIMES }, stemSection: { ribbed: MOSTLY, solid: SOMETIMES }, stemSkin: { prickles: MOSTLY, thorns: RARELY }, flowerForm: 'star5', flowerSet: { plume: MOSTLY, flatHead: SOMETIMES }, flowerColour: { white: OFTEN, pink: OFTEN }, fruit: 'manyDrupes', branching: 'alternateTwigs', berryColour: { black: MOSTLY, red: NOW_AND_THEN } }),
  ],
  substitutes: [],
  lookAlikes: [
    { name: en('Dewberry'), scientific: 'Rubus caesius', severity: 'nuisance', separatedBy: en('Few large bloomed drupes, always three leaflets; used alike.') },
    { name: en('Deadly nightshade'), scientific: 'Atropa belladonna', severity: 'deadly', separatedBy: en('No prickles; a single shining black berry on a green star, not made of small ones. Children pick it among brambles.') },
  ],
  cautions: [
    { class: 'lookAlike', text: en('Children pick any black berry: show them the nightshade and the bramble side by side.') },
    { class: 'ground', text: en('Not beside roads, railways or where brambles were sprayed; low ones where foxes and dogs pass are washed or cooked.') },
    { class: 'spoiling', text: en('Soft berries mould within a day: eat, cook or freeze them the same evening.') },
  ],
  bring: en('long sleeves · shallow basket'),
  keeping: en('Freeze loose on a tray, or cook the same day. Dry leaves thin and in the shade.'),
  works: ['bbch2001'],
};
