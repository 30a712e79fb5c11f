import type { PlantProfile } from '@emberfield/contract';
import { about, after, cooling, en, estimate, IN_WOODS } from '../src/figures.ts';
import { EVERYWHERE, found } from '../src/regions.ts';
import { MOSTLY, NEVER, NOW_AND_THEN, OFTEN, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const velvetShank: PlantProfile = {
  key: 'velvet-shank',
  scientific: 'Flammulina velutipes (Curtis) Singer',
  family: 'Physalacriaceae',
  regions: found(EVERYWHERE),
  names: en('Velvet shank'),
  about: en('Gilled winter fungus in tufts on dead broad-leaved wood, fruiting in mild spells from the first cold until spring. Its deadly twin grows on wood in the same months.'),
  habit: 'fungus',
  lifeCycle: 'fungus',
  status: 'common',
  severity: 'none',
  seasonStart: '07-01',
  reference: IN_WOODS,
  stages: [
    { key: 'firstCold', name: en('first cold weeks'), bbch: 5, calendar: about(305, 14), model: cooling(110, 65, 180) },
    { key: 'fruiting', name: en('tufts fruiting'), bbch: 6, calendar: about(318, 15), model: after('firstCold', 13, 6, 22) },
    { key: 'spring', name: en('last tufts'), bbch: 9, calendar: about(75, 16), model: after('fruiting', 122, 102, 142) },
  ],
  parts: [
    {
      key: 'fruitBody', name: en('caps'), unit: 'cap', perPlant: estimate(12, 4, 40), massG: estimate(4, 2, 8),
      method: en('Cut single young caps; the stems are tough. Look at every cap of the tuft: two kinds can share a log. Take one home on paper for its spore print first.'),
      effect: en('The fungus lives on in the wood.'), kills: false, costsSeed: false, spends: [], minAgeYears: null, use: en('cooked only'), eating: 'cooked',
    },
  ],
  windows: [
    { part: 'fruitBody', use: 'cooked', opens: { stage: 'fruiting', offsetDays: 0 }, closes: { stage: 'spring', offsetDays: 0 }, peakShare: 0.4, separableFrom: NEVER, sizeLimit: en('caps sticky and orange, not dark and limp') },
  ],
  ceilings: [{ parts: null, rule: { kind: 'leaveForOthers', share: 0.5 } }],
  signs: [
    { organ: 'sporePrint', text: en('Spore print white. The deadly twin’s is rust-brown. Overnight, under a glass.'), price: 'overnight' },
    { organ: 'stipe', text: en('Stem velvety and black-brown from the foot up, pale at the top; no ring at all.'), price: 'glance' },
    { organ: 'cap', text: en('Cap orange-yellow, sticky when damp.'), price: 'glance' },
    { organ: 'gills', text: en('Gills cream, never rust-brown with age.'), price: 'glance' },
  ],
  shows: [
    ...shows({ growth: 'cap', capColour: { yellowCap: OFTEN, brownCap: OFTEN, redCap: NOW_AND_THEN }, capSize: { coin: OFTEN, palm: OFTEN }, cap: { domed: OFTEN, flat: OFTEN }, underCap: { freeGills: OFTEN, runningGills: SOMETIMES }, stipe: { velvet: MOSTLY, bareStem: NOW_AND_THEN }, sporePrint: 'whitePrint', flesh: 'unchanged', smell: { none: MOSTLY }, host: { deadBroadleaf: MOSTLY, deadConifer: RARELY }, gillColour: { white: MOSTLY, orange: NOW_AND_THEN, brown: NOW_AND_THEN }, foot: { tufted: MOSTLY } }),
  ],
  substitutes: [],
  lookAlikes: [
    { name: en('Funeral bell'), scientific: 'Galerina marginata', severity: 'deadly', separatedBy: en('Rust-brown spore print; a ring or its traces; stem silvery-fibrous, not velvet. It kills the liver, days after the meal.'), pieceByPiece: true },
    { name: en('Sulphur tuft'), scientific: 'Hypholoma fasciculare', severity: 'poisonous', separatedBy: en('Greenish-yellow gills, purple-brown spore print.') },
  ],
  cautions: [
    { class: 'lookAlike', text: en('The funeral bell can stand in the same tuft. Without a white spore print from this very log nothing is taken.') },
    { class: 'cooking', text: en('Only well cooked. Old, limp or frozen-and-thawed caps make ill even when the species is right.') },
    { class: 'people', text: en('Anything odd after a mushroom meal, even a day later: call the poison line and keep a piece of everything.') },
  ],
  bring: en('knife · paper bags · white and black paper for prints'),
  keeping: en('Dry caps in one layer; keep a specimen of each tuft apart until the meal is a week past.'),
  works: ['bbch2001'],
};
