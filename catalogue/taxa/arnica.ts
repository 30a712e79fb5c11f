import type { PlantProfile } from '@emberfield/contract';
import { about, after, en, estimate, warmth } from '../src/figures.ts';
import { found } from '../src/regions.ts';
import { MOSTLY, NOW_AND_THEN, OFTEN, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const arnica: PlantProfile = {
  key: 'arnica',
  scientific: 'Arnica montana L.',
  family: 'Asteraceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope'], 'protected'),
  names: en('Arnica'),
  about: en('Of poor mountain meadows, in decline and protected in much of its range (Annex V of the Habitats Directive). Emberfield helps to watch and count it, not to take it.'),
  habit: 'herb',
  lifeCycle: 'perennial',
  status: 'protected',
  severity: 'poisonous',
  seasonStart: '01-01',
  reference: { place: en('hill meadow at 48° north, 700 m'), latitudeDeg: 48, heightM: 700 },
  stages: [
    { key: 'rosettes', name: en('rosettes'), bbch: 1, calendar: about(118, 10), model: warmth(120, 90, 160) },
    { key: 'stems', name: en('flower stems rising'), bbch: 5, calendar: about(152, 9), model: warmth(340, 280, 415) },
    { key: 'flowering', name: en('in flower'), bbch: 6, calendar: about(170, 9), model: warmth(500, 420, 595) },
    { key: 'seed', name: en('seed flies'), bbch: 8, calendar: about(205, 10), model: after('flowering', 35, 27, 43) },
    { key: 'dying', name: en('leaves gone'), bbch: 9, calendar: about(285, 14), model: { kind: 'calendar', direction: 'autumn' } },
  ],
  parts: [
    {
      key: 'flower', name: en('flower heads'), unit: 'head', perPlant: estimate(1, 1, 3), massG: estimate(1, 0.6, 1.6),
      method: en('Not taken. Grow it, or use another plant.'), effect: en('Seed lost in a plant that sets little.'),
      kills: false, costsSeed: true, spends: ['seed'], minAgeYears: null, use: en('watched and counted only'), eating: 'none',
    },
    {
      key: 'seed', name: en('seed'), unit: 'seed', perPlant: estimate(30, 10, 60), massG: null,
      method: en('Only under a permit, for resowing.'), effect: en('Seed lost.'), kills: false, costsSeed: true, spends: [], minAgeYears: null, use: en('for resowing under a permit'), eating: 'none',
    },
  ],
  windows: [
    { part: 'flower', use: 'to count', opens: { stage: 'flowering', offsetDays: 0 }, closes: { stage: 'flowering', offsetDays: 20 }, peakShare: 0.4, sizeLimit: null },
  ],
  ceilings: [{ parts: null, rule: { kind: 'protected' } }],
  signs: [
    { organ: 'leaf', text: en('Leaves of the ground rosette in crossed pairs; the stem carries one or two small pairs.'), price: 'glance' },
    { organ: 'flower', text: en('Orange-yellow, ragged heads; scented.'), price: 'glance' },
  ],
  shows: [
    ...shows({ sap: 'clear', stalkSection: { none: MOSTLY }, growth: { rosette: MOSTLY, leafyStem: NOW_AND_THEN, fromGround: NOW_AND_THEN }, leafShape: { oval: MOSTLY, lance: SOMETIMES }, leafEdge: { smooth: MOSTLY }, leafBase: 'stalkless', leafSet: { basal: MOSTLY, opposite: OFTEN }, leafVeins: { parallel: OFTEN, arched: OFTEN }, hairs: { soft: OFTEN, bristles: SOMETIMES }, stemSkin: 'hairy', stemSection: { solid: OFTEN, hollow: SOMETIMES }, smell: { resin: SOMETIMES, none: OFTEN }, flowerForm: 'daisy', flowerSet: 'single', flowerColour: 'yellow', fruit: 'parachutes', root: 'creeping', deadStalk: { noStalk: OFTEN, podsLeft: RARELY } }),
  ],
  substitutes: [{ plantKey: 'plantain', purpose: en('a leaf that country people lay on bruises') }],
  lookAlikes: [
    { name: en('Ox-eye and other yellow daisies'), scientific: 'Buphthalmum, Senecio species', severity: 'harmful', separatedBy: en('Leaves alternate on the stem; several ragworts harm the liver.') },
  ],
  cautions: [
    { class: 'law', text: en('Protected: may not be picked or disturbed without a permit. Local law comes first.') },
    { class: 'notForEating', text: en('Poisonous when swallowed.') },
    { class: 'skin', text: en('Can cause a skin allergy.') },
  ],
  bring: en('notebook · camera'),
  keeping: en('Nothing is taken. Marigold ointment serves for many of the same uses; ask a licensed practitioner.'),
  works: ['habitats1992', 'bbch2001'],
};
