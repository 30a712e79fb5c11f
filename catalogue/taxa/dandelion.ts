import type { PlantProfile } from '@emberfield/contract';
import { about, after, cooling, en, estimate, LOWLAND, warmth } from '../src/figures.ts';
import { EVERYWHERE, found } from '../src/regions.ts';
import { MOSTLY, NOW_AND_THEN, OFTEN, shows, SOMETIMES } from '../src/write.ts';

export const dandelion: PlantProfile = {
  key: 'dandelion',
  scientific: 'Taraxacum sect. Taraxacum',
  family: 'Asteraceae',
  regions: found(EVERYWHERE),
  names: en('Dandelion'),
  about: en('Perennial of meadows and gardens with a deep taproot. Leaves before the flower, flowers in one great wave in April, roots when the leaves are past.'),
  habit: 'herb',
  lifeCycle: 'perennial',
  status: 'common',
  severity: 'none',
  seasonStart: '01-01',
  reference: LOWLAND,
  stages: [
    { key: 'leaves', name: en('new leaves a finger long'), bbch: 1, calendar: about(68, 13), model: warmth(20, 12, 34) },
    { key: 'buds', name: en('buds in the heart'), bbch: 5, calendar: about(92, 10), model: warmth(56, 41, 77) },
    { key: 'flowering', name: en('first flowers'), bbch: 6, calendar: about(101, 9), model: warmth(89, 68, 117) },
    { key: 'fullFlower', name: en('meadow yellow'), bbch: 6, calendar: about(113, 9), model: warmth(139, 112, 172) },
    { key: 'clocks', name: en('most heads gone to seed'), bbch: 8, calendar: about(128, 9), model: after('fullFlower', 15, 10, 20) },
    { key: 'resting', name: en('leaves poor, root full'), bbch: 4, calendar: about(290, 14), model: cooling(60, 38, 92) },
  ],
  parts: [
    {
      key: 'leaf', name: en('leaves'), unit: 'leaf', perPlant: estimate(14, 6, 30), massG: estimate(1.2, 0.5, 2.5),
      method: en('Cut the rosette just above the root, or take the inner leaves only.'), effect: en('Comes again from the root within weeks.'),
      kills: false, costsSeed: false, spends: [], minAgeYears: null, use: en('raw while young, later cooked'), eating: 'raw',
    },
    {
      key: 'flower', name: en('flower heads'), unit: 'head', perPlant: estimate(6, 2, 18), massG: estimate(0.8, 0.4, 1.3),
      method: en('At noon on a dry day, open heads only; leave some for the bees: it is one of their first foods.'), effect: en('That head sets no seed.'),
      kills: false, costsSeed: true, spends: [], minAgeYears: null, use: en('for syrup, or fried; buds pickled'), eating: 'cooked',
    },
    {
      key: 'root', name: en('roots'), unit: 'root', perPlant: estimate(1, 1, 1), massG: estimate(12, 4, 30),
      method: en('Loosen with a fork and lift whole; what breaks off shoots again.'), effect: en('The plant is gone, unless a piece stays.'),
      kills: true, costsSeed: true, spends: [], minAgeYears: 2, use: en('roasted, or dried'), eating: 'cooked',
    },
  ],
  windows: [
    { part: 'leaf', use: 'raw', opens: { stage: 'leaves', offsetDays: 0 }, closes: { stage: 'flowering', offsetDays: 0 }, peakShare: 0.45, sizeLimit: en('before the flower stalk rises') },
    { part: 'flower', use: 'syrup', opens: { stage: 'flowering', offsetDays: 3 }, closes: { stage: 'clocks', offsetDays: -4 }, peakShare: 0.45, sizeLimit: en('fully open, back green') },
    { part: 'root', use: 'roasted', opens: { stage: 'resting', offsetDays: 0 }, closes: { stage: 'resting', offsetDays: 130 }, peakShare: 0.3, sizeLimit: en('as thick as a finger') },
  ],
  ceilings: [{ parts: ['flower'], rule: { kind: 'leaveForOthers', share: 0.4 } }, { parts: ['root'], rule: { kind: 'fixedShare', share: 0.3 } }],
  signs: [
    { organ: 'stem', text: en('One hollow leafless stalk for each head, with white milk.'), price: 'cut' },
    { organ: 'leaf', text: en('Rosette of smooth leaves with teeth that point back to the heart.'), price: 'glance' },
    { organ: 'flower', text: en('Tongue flowers only; the outer bracts bend down.'), price: 'glance' },
  ],
  shows: [
    ...shows({ growth: 'rosette', leafShape: { lance: MOSTLY, feather: SOMETIMES }, leafEdge: { lobed: MOSTLY, coarseTeeth: SOMETIMES }, leafBase: { wedge: MOSTLY }, leafSet: 'basal', leafVeins: 'net', hairs: { bare: MOSTLY, soft: NOW_AND_THEN }, stemSection: 'hollow', stemSkin: 'plain', sap: 'milk', smell: 'none', flowerForm: 'strapHead', flowerSet: 'single', flowerColour: 'yellow', fruit: 'parachutes', root: 'taproot', deadStalk: 'noStalk', stalkSection: { grooved: OFTEN, hollow: SOMETIMES } }),
  ],
  substitutes: [],
  lookAlikes: [
    { name: en('Cat’s-ears and hawkbits'), scientific: 'Hypochaeris, Leontodon species', severity: 'nuisance', separatedBy: en('Rough hairy leaves; stalks solid or branched.') },
    { name: en('Ragwort rosettes'), scientific: 'Jacobaea vulgaris', severity: 'poisonous', separatedBy: en('Leaves ruffled and cut to the midrib, dark green, without milk; they harm the liver slowly and unseen.') },
  ],
  cautions: [
    { class: 'lookAlike', text: en('Young ragwort stands as a rosette in the same meadow: no milk, no dandelion.') },
    { class: 'people', text: en('With gallstones or trouble of the bile, with kidney or heart medicine, or an allergy to the daisy family: ask a licensed practitioner first.') },
    { class: 'skin', text: en('The milk stains, and can bring a rash.') },
    { class: 'ground', text: en('Not from sprayed lawns, dog walks, or meadows fresh with slurry.') },
  ],
  bring: en('knife · fork for roots · bag'),
  keeping: en('Heads close within hours: use them at once. Scrub roots, slice and dry quickly.'),
  works: ['bbch2001'],
};
