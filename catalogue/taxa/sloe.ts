import type { PlantProfile } from '@emberfield/contract';
import { about, afterWarmth, en, estimate, firstFrost, LOWLAND, warmth } from '../src/figures.ts';
import { EUROPE, found } from '../src/regions.ts';
import { MOSTLY, NOW_AND_THEN, OFTEN, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const sloe: PlantProfile = {
  key: 'sloe',
  scientific: 'Prunus spinosa L.',
  family: 'Rosaceae',
  regions: found(EUROPE),
  names: en('Sloe'),
  about: en('Thorny hedge shrub, white before its leaves. The fruit is harsh until a frost has been over it.'),
  habit: 'shrub',
  lifeCycle: 'woody',
  status: 'common',
  severity: 'none',
  seasonStart: '01-01',
  reference: LOWLAND,
  stages: [
    { key: 'blossom', name: en('in blossom'), bbch: 6, calendar: about(97, 9), model: warmth(70, 54, 90) },
    { key: 'greenFruit', name: en('green fruit'), bbch: 7, calendar: about(140, 9), model: warmth(328, 275, 390) },
    { key: 'blue', name: en('fruit blue, still harsh'), bbch: 8, calendar: about(245, 12), model: afterWarmth('blossom', 1540, 1350, 1755) },
    { key: 'frosted', name: en('first frost on the fruit'), bbch: 8, calendar: about(298, 16), model: firstFrost(-1) },
    { key: 'shrivelled', name: en('fruit shrivels or is eaten'), bbch: 9, calendar: about(345, 15), model: { kind: 'after', stage: 'frosted', days: estimate(45, 30, 60) } },
  ],
  parts: [
    {
      key: 'fruit', name: en('fruit'), unit: 'fruit', perPlant: estimate(250, 60, 900), massG: estimate(2, 1.2, 3),
      method: en('Thick gloves. Pick single fruit that give to the thumb; leave the inside of the bush to the birds.'),
      effect: en('Winter food for birds, and seed.'), kills: false, costsSeed: true, spends: [], minAgeYears: null, use: en('cooked or steeped'), eating: 'cooked',
    },
    {
      key: 'flower', name: en('blossom'), unit: 'blossom', perPlant: estimate(600, 150, 2500), massG: estimate(0.05, 0.03, 0.08),
      method: en('Shake or pinch a few from each branch.'), effect: en('Each blossom taken is a fruit lost; first food for bees.'),
      kills: false, costsSeed: true, spends: ['fruit'], minAgeYears: null, use: en('dried'), eating: 'cooked',
    },
  ],
  windows: [
    { part: 'flower', use: 'dried', opens: { stage: 'blossom', offsetDays: 0 }, closes: { stage: 'blossom', offsetDays: 12 }, peakShare: 0.4, sizeLimit: null },
    { part: 'fruit', use: 'after frost', opens: { stage: 'frosted', offsetDays: 0 }, closes: { stage: 'shrivelled', offsetDays: 0 }, peakShare: 0.3, sizeLimit: en('gives to the thumb') },
  ],
  ceilings: [{ parts: null, rule: { kind: 'lightPruning', share: 0.5 } }],
  signs: [
    { organ: 'bark', text: en('Dark, dense, thorny shrub; the thorns are short side twigs.'), price: 'glance' },
    { organ: 'fruit', text: en('One stone in each round, blue-bloomed fruit; single on short stalks.'), price: 'cut' },
  ],
  shows: [
    ...shows({ growth: 'bush', leafShape: { oval: MOSTLY, lance: SOMETIMES }, leafEdge: 'fineTeeth', leafBase: 'wedge', leafSet: 'alternate', leafVeins: 'net', hairs: { bare: OFTEN, soft: SOMETIMES }, stemSkin: { thorns: MOSTLY, prickles: RARELY }, flowerForm: 'star5', flowerSet: 'single', flowerColour: 'white', fruit: { stoneFruit: MOSTLY, berry: RARELY }, bark: { smoothBark: OFTEN, furrowed: SOMETIMES }, bud: 'scaled', branching: 'alternateTwigs', berryColour: { blueBloom: MOSTLY, black: NOW_AND_THEN } }),
  ],
  substitutes: [],
  lookAlikes: [
    { name: en('Alder buckthorn'), scientific: 'Frangula alnus', severity: 'poisonous', separatedBy: en('No thorns; black berries with two or three pips.') },
    { name: en('Deadly nightshade'), scientific: 'Atropa belladonna', severity: 'deadly', separatedBy: en('A herb without thorns; shining black berry with many seeds sitting on a green star.') },
  ],
  cautions: [
    { class: 'lookAlike', text: en('Black berries of nightshade and buckthorn ripen in the same hedges: only what grows single, blue-bloomed, on a thorny twig, with one stone.') },
    { class: 'cooking', text: en('Do not crush or eat the stones: the kernels give off prussic acid.') },
    { class: 'skin', text: en('A thorn broken off in a joint inflames: see a doctor.') },
  ],
  bring: en('thick gloves · basket'),
  keeping: en('Freeze overnight if the frost is late; steep, or cook to a mash and sieve.'),
  works: ['bbch2001'],
};
