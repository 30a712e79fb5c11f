import type { PlantProfile } from '@emberfield/contract';
import { about, afterWarmth, en, estimate, LOWLAND, warmth } from '../src/figures.ts';
import { EUROPE, found } from '../src/regions.ts';
import { MOSTLY, OFTEN, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const elder: PlantProfile = {
  key: 'elder',
  scientific: 'Sambucus nigra L.',
  family: 'Viburnaceae',
  regions: found(EUROPE),
  names: en('Elder'),
  about: en('Shrub of hedges and rich ground. Every flower head taken in June is a cluster of berries less in September.'),
  habit: 'shrub',
  lifeCycle: 'woody',
  status: 'common',
  severity: 'none',
  seasonStart: '01-01',
  reference: LOWLAND,
  stages: [
    { key: 'leaves', name: en('leaves out'), bbch: 1, calendar: about(88, 12), model: warmth(46, 32, 68) },
    { key: 'buds', name: en('flower buds tight'), bbch: 5, calendar: about(128, 8), model: warmth(230, 192, 276) },
    { key: 'firstFlowers', name: en('first flowers'), bbch: 6, calendar: about(148, 7), model: warmth(402, 345, 468) },
    { key: 'fullFlower', name: en('full flower'), bbch: 6, calendar: about(157, 7), model: warmth(495, 430, 570) },
    { key: 'greenFruit', name: en('green fruit'), bbch: 7, calendar: about(172, 8), model: afterWarmth('fullFlower', 175, 135, 225) },
    { key: 'ripe', name: en('berries black'), bbch: 8, calendar: about(240, 10), model: afterWarmth('fullFlower', 1050, 900, 1225) },
    { key: 'dropping', name: en('berries shrivel and drop'), bbch: 9, calendar: about(270, 10), model: { kind: 'after', stage: 'ripe', days: estimate(28, 20, 36) } },
  ],
  parts: [
    {
      key: 'flower', name: en('flower heads'), unit: 'head', perPlant: estimate(60, 25, 140), massG: estimate(9, 5, 14),
      method: en('On a dry day before noon, cut open heads with little stalk; shake the insects off, do not wash.'),
      effect: en('Each head taken is one cluster of berries lost.'),
      kills: false, costsSeed: true, spends: ['fruit'], minAgeYears: null, use: en('for syrup, or dried'), eating: 'cooked',
    },
    {
      key: 'fruit', name: en('berries'), unit: 'head', perPlant: estimate(60, 25, 140), massG: estimate(110, 60, 180),
      method: en('Cut clusters that hang and are black throughout; strip at home with a fork.'),
      effect: en('Seed and winter food for birds.'),
      kills: false, costsSeed: true, spends: [], minAgeYears: null, use: en('cooked only'), eating: 'cooked',
    },
  ],
  windows: [
    { part: 'flower', use: 'syrup', opens: { stage: 'firstFlowers', offsetDays: 0 }, closes: { stage: 'fullFlower', offsetDays: 9 }, peakShare: 0.45, sizeLimit: en('most flowers of the head open, none brown') },
    { part: 'fruit', use: 'cooked', opens: { stage: 'ripe', offsetDays: 0 }, closes: { stage: 'dropping', offsetDays: 0 }, peakShare: 0.4, sizeLimit: en('black throughout, stalks red') },
  ],
  ceilings: [{ parts: null, rule: { kind: 'lightPruning', share: 1 / 3 } }],
  signs: [
    { organ: 'bark', text: en('Woody, corky, furrowed bark; young twigs full of warts.'), price: 'glance' },
    { organ: 'stem', text: en('Thick white pith in the twigs.'), price: 'cut' },
    { organ: 'flower', text: en('Flat cream heads with yellow anthers, five main rays, sweet and heavy smell.'), price: 'glance' },
    { organ: 'fruit', text: en('Clusters hang down when ripe.'), price: 'glance' },
  ],
  shows: [
    ...shows({ growth: { bush: MOSTLY, tree: SOMETIMES }, leafShape: 'feather', leafEdge: 'fineTeeth', leafBase: 'wedge', leafSet: 'opposite', leafVeins: 'net', hairs: { bare: OFTEN, soft: SOMETIMES }, stemSection: { pith: MOSTLY, hollow: RARELY }, stemSkin: 'plain', smell: { rank: OFTEN, none: OFTEN }, flowerForm: 'star5', flowerSet: 'flatHead', flowerColour: 'white', fruit: { berry: OFTEN, stoneFruit: OFTEN }, bark: { corky: OFTEN, furrowed: OFTEN }, bud: { naked: MOSTLY, scaled: RARELY }, branching: 'oppositeTwigs', berryColour: { black: MOSTLY, red: RARELY } }),
  ],
  substitutes: [],
  lookAlikes: [
    { name: en('Dwarf elder'), scientific: 'Sambucus ebulus', severity: 'poisonous', separatedBy: en('A herb, not woody, stems die to the ground; violet anthers; clusters stand upright; unpleasant smell.') },
    { name: en('Hemlock'), scientific: 'Conium maculatum', severity: 'deadly', separatedBy: en('White heads from afar: but herbs with alternate leaves; elder is a woody shrub with paired, feathered leaves.') },
  ],
  cautions: [
    { class: 'lookAlike', text: en('A flower head that grows from a green stem out of the ground is not elder.') },
    { class: 'cooking', text: en('Berries raw, and leaves, bark and unripe fruit in any form, make ill: only ripe berries, cooked, stalks removed.') },
  ],
  bring: en('scissors · basket · a crook for high branches'),
  keeping: en('Flowers brown within hours: use or dry the same day, in one layer.'),
  works: ['atkinson2002', 'bbch2001'],
};
