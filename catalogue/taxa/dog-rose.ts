import type { PlantProfile } from '@emberfield/contract';
import { about, afterWarmth, en, estimate, firstFrost, LOWLAND, warmth } from '../src/figures.ts';
import { EVERYWHERE, found } from '../src/regions.ts';
import { MOSTLY, NOW_AND_THEN, OFTEN, shows, SOMETIMES } from '../src/write.ts';

export const dogRose: PlantProfile = {
  key: 'dog-rose',
  scientific: 'Rosa canina L.',
  family: 'Rosaceae',
  regions: found(EVERYWHERE),
  names: en('Dog rose'),
  about: en('Arching thorny shrub of hedges and scrub. Petals in June, hips from the first red until frost has made them soft.'),
  habit: 'shrub',
  lifeCycle: 'woody',
  status: 'common',
  severity: 'none',
  seasonStart: '01-01',
  reference: LOWLAND,
  stages: [
    { key: 'leafing', name: en('leaves out'), bbch: 1, calendar: about(98, 11), model: warmth(75, 55, 102) },
    { key: 'buds', name: en('buds show pink'), bbch: 5, calendar: about(150, 8), model: warmth(425, 365, 495) },
    { key: 'flowering', name: en('first flowers'), bbch: 6, calendar: about(158, 8), model: warmth(510, 438, 594) },
    { key: 'spent', name: en('petals fall'), bbch: 6, calendar: about(176, 8), model: afterWarmth('flowering', 215, 168, 275) },
    { key: 'red', name: en('hips red and hard'), bbch: 8, calendar: about(258, 12), model: afterWarmth('spent', 1000, 865, 1156) },
    { key: 'frosted', name: en('hips soft after frost'), bbch: 8, calendar: about(305, 16), model: firstFrost(-2) },
    { key: 'shrivelled', name: en('hips shrivel'), bbch: 9, calendar: about(352, 15), model: { kind: 'after', stage: 'frosted', days: estimate(45, 30, 60) } },
  ],
  parts: [
    {
      key: 'flower', name: en('petals'), unit: 'blossom', perPlant: estimate(120, 30, 450), massG: estimate(0.25, 0.15, 0.4),
      method: en('Pull the petals and leave the heart: the hip still grows.'), effect: en('Little: the heart of the flower stays and sets its hip.'),
      kills: false, costsSeed: false, spends: [], minAgeYears: null, use: en('raw, in syrup, or dried'), eating: 'raw',
    },
    {
      key: 'fruit', name: en('hips'), unit: 'fruit', perPlant: estimate(250, 50, 1000), massG: estimate(2, 1.2, 3.2),
      method: en('Cut or twist off single hips with gloves; hard for drying, soft for mash.'), effect: en('Seed and winter food for birds.'),
      kills: false, costsSeed: true, spends: [], minAgeYears: null, use: en('cooked and sieved, or dried without their hairs'), eating: 'cooked',
    },
  ],
  windows: [
    { part: 'flower', use: 'raw', opens: { stage: 'flowering', offsetDays: 0 }, closes: { stage: 'spent', offsetDays: -2 }, peakShare: 0.4, sizeLimit: en('opened today, none brown') },
    { part: 'fruit', use: 'dried', opens: { stage: 'red', offsetDays: 0 }, closes: { stage: 'frosted', offsetDays: 0 }, peakShare: 0.5, sizeLimit: en('red throughout and hard') },
    { part: 'fruit', use: 'mash', opens: { stage: 'frosted', offsetDays: 0 }, closes: { stage: 'shrivelled', offsetDays: 0 }, peakShare: 0.3, sizeLimit: en('soft, gives its flesh to a press') },
  ],
  ceilings: [{ parts: null, rule: { kind: 'lightPruning', share: 0.5 } }],
  signs: [
    { organ: 'stem', text: en('Arching stems with strong hooked prickles, broad at their base.'), price: 'glance' },
    { organ: 'leaf', text: en('Feathered leaf of five to seven leaflets, smooth, with wings at the foot of its stalk.'), price: 'glance' },
    { organ: 'fruit', text: en('Red hip full of hard seeds among stiff hairs.'), price: 'cut' },
  ],
  shows: [
    ...shows({ growth: { bush: MOSTLY, climber: SOMETIMES }, leafShape: 'feather', leafEdge: 'fineTeeth', leafBase: { wedge: MOSTLY }, leafSet: 'alternate', leafVeins: 'net', hairs: { bare: OFTEN, soft: SOMETIMES }, stemSkin: 'prickles', flowerForm: 'star5', flowerSet: { single: MOSTLY, flatHead: SOMETIMES }, flowerColour: { pink: OFTEN, white: OFTEN }, fruit: 'hip', branching: 'alternateTwigs', bud: 'scaled', berryColour: { red: MOSTLY, orange: NOW_AND_THEN } }),
  ],
  substitutes: [],
  lookAlikes: [
    { name: en('Other wild roses'), scientific: 'Rosa species', severity: 'nuisance', separatedBy: en('Leaflets hairy or with scented glands beneath; used alike.') },
    { name: en('White bryony'), scientific: 'Bryonia dioica', severity: 'poisonous', separatedBy: en('Climbs with coiled tendrils, without prickles; soft red berries full of juice.') },
    { name: en('Black bryony'), scientific: 'Dioscorea communis', severity: 'poisonous', separatedBy: en('Winds by itself, without prickles; soft red berries in strings, no hairs inside.') },
  ],
  cautions: [
    { class: 'handling', text: en('The hairs inside the hip itch and hurt mouth, throat and gut: take them out, or sieve through a fine cloth.') },
    { class: 'skin', text: en('Prickles tear: thick gloves and sleeves.') },
    { class: 'ground', text: en('Not from hedges by busy roads or sprayed fields.') },
  ],
  bring: en('thick gloves · scissors · basket'),
  keeping: en('Halve and scrape hard hips, dry them quickly; freeze if the frost is late.'),
  works: ['bbch2001'],
};
