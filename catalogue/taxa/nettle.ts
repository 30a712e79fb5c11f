import type { PlantProfile } from '@emberfield/contract';
import { about, comesAgain, growsTo, after, afterWarmth, en, estimate, AT_EDGES, warmth } from '../src/figures.ts';
import { EVERYWHERE, found } from '../src/regions.ts';
import { MOSTLY, OFTEN, SOMETIMES, shows } from '../src/write.ts';

export const nettle: PlantProfile = {
  key: 'nettle',
  scientific: 'Urtica dioica L.',
  family: 'Urticaceae',
  regions: found(EVERYWHERE),
  names: en('Stinging nettle'),
  about: en('Creeping perennial of rich, disturbed ground. Cut stands shoot again, so a second and third spring can be had from the same bed.'),
  habit: 'herb',
  lifeCycle: 'perennial',
  status: 'common',
  severity: 'none',
  seasonStart: '01-01',
  reference: AT_EDGES,
  stages: [
    { key: 'shoots', name: en('shoots a finger long'), bbch: 1, calendar: about(78, 12), model: warmth(30, 20, 45) },
    { key: 'handHigh', name: en('shoots a hand high'), bbch: 3, calendar: about(98, 10), model: warmth(75, 55, 100) },
    { key: 'kneeHigh', name: en('stems knee-high'), bbch: 3, calendar: about(128, 9), model: warmth(235, 190, 290) },
    { key: 'flowering', name: en('in flower'), bbch: 6, calendar: about(158, 10), model: warmth(510, 430, 605) },
    { key: 'seed', name: en('seed full and green'), bbch: 8, calendar: about(205, 12), model: afterWarmth('flowering', 600, 480, 740) },
    { key: 'dying', name: en('stems die back'), bbch: 9, calendar: about(300, 15), model: after('seed', 95, 75, 115) },
  ],
  parts: [
    {
      key: 'tip', name: en('tops'), unit: 'tip', perPlant: estimate(1, 1, 1), massG: estimate(3, 1.8, 4.5),
      method: en('Gloves. Pinch the top two or three pairs of leaves above a pair; the stem branches below.'),
      effect: en('The stem branches and comes again in three to five weeks.'),
      kills: false, costsSeed: false, spends: [], minAgeYears: null, use: en('cooked or dried; cooking and drying take the sting away'), eating: 'cooked',
      growth: growsTo([130, 95, 170], [284, 235, 345], [91, 75, 112]),
    },
    {
      key: 'seed', name: en('green seed'), unit: 'spike', perPlant: estimate(8, 4, 15), massG: estimate(0.6, 0.3, 1),
      method: en('From female plants only: the hanging, full strings. Cut the top and strip it when dry.'),
      effect: en('The seed is lost; the creeping roots carry the stand on.'),
      kills: false, costsSeed: true, spends: [], minAgeYears: null, use: en('dried and sprinkled'), eating: 'cooked',
    },
    {
      key: 'fibre', name: en('stems for fibre'), unit: 'stalk', perPlant: estimate(1, 1, 1), massG: estimate(25, 12, 45),
      method: en('Cut tall stems near the ground once the leaves begin to fall.'),
      effect: en('None that lasts; the stem would die back anyway.'),
      kills: false, costsSeed: false, spends: [], minAgeYears: null, use: en('stripped, dried, twisted'), eating: 'none',
    },
  ],
  windows: [
    { part: 'tip', use: 'cooked', opens: { stage: 'handHigh', offsetDays: -6, lengthCm: 10 }, closes: { stage: 'flowering', offsetDays: -6, lengthCm: 90 }, peakShare: 0.3, sizeLimit: en('up to knee height; later only tops of regrowth'), regrowth: comesAgain([230, 170, 310], [480, 380, 600], { stage: 'dying', offsetDays: -35 }) },
    { part: 'seed', use: 'dried', opens: { stage: 'seed', offsetDays: 0 }, closes: { stage: 'seed', offsetDays: 35 }, peakShare: 0.35, sizeLimit: null },
    { part: 'fibre', use: 'fibre', opens: { stage: 'seed', offsetDays: 25 }, closes: { stage: 'dying', offsetDays: 0 }, peakShare: 0.6, sizeLimit: null },
    { part: 'fibre', use: 'retted standing', opens: { stage: 'dying', offsetDays: 25 }, closes: { stage: 'dying', offsetDays: 120 }, peakShare: 0.4, sizeLimit: null },
  ],
  ceilings: [{ parts: null, rule: { kind: 'leaveForOthers', share: 0.3 } }],
  signs: [
    { organ: 'leaf', text: en('Leaves in crossed pairs, saw-edged, with stinging hairs on both sides.'), price: 'glance' },
    { organ: 'stem', text: en('Stem four-edged and hairy; tough fibres when pulled apart.'), price: 'cut' },
    { organ: 'root', text: en('Tough yellow creeping roots.'), price: 'glance' },
  ],
  shows: [
    ...shows({ growth: 'leafyStem', leafShape: { heart: MOSTLY, oval: SOMETIMES }, leafEdge: 'coarseTeeth', leafBase: { heartBase: MOSTLY, wedge: SOMETIMES }, leafSet: 'opposite', leafVeins: 'net', hairs: { stinging: 1, bristles: SOMETIMES }, stemSection: { square: MOSTLY, ribbed: SOMETIMES }, stemSkin: 'hairy', smell: 'none', flowerSet: { spike: OFTEN, plume: OFTEN }, flowerColour: 'green', root: 'creeping', deadStalk: { squareStalk: OFTEN, plumeLeft: SOMETIMES } }),
  ],
  substitutes: [],
  lookAlikes: [
    { name: en('Dead-nettles'), scientific: 'Lamium species', severity: 'nuisance', separatedBy: en('No sting; square hollow stem; lipped flowers.') },
  ],
  cautions: [
    { class: 'skin', text: en('Stings through thin cloth: gloves and long sleeves.') },
    { class: 'cooking', text: en('Not once it has flowered: older leaves form gritty crystals (cystoliths).') },
    { class: 'ground', text: en('Grows best where there is most dung and waste: look at what feeds it before you pick.') },
    { class: 'people', text: en('Who takes medicine for blood pressure, blood clotting or kidneys should ask a licensed practitioner first.') },
  ],
  bring: en('gloves · scissors · a cloth bag'),
  keeping: en('Dry in a thin layer out of the sun until the leaf crumbles, then strip from the stem.'),
  works: ['taylor2009', 'bbch2001'],
};
