import type { PlantProfile } from '@emberfield/contract';
import { about, afterWarmth, cooling, en, estimate, fixed, LOWLAND, warmth } from '../src/figures.ts';
import { EVERYWHERE, found } from '../src/regions.ts';
import { MOSTLY, NEVER, NOW_AND_THEN, OFTEN, shows, SOMETIMES } from '../src/write.ts';

export const burdock: PlantProfile = {
  key: 'burdock',
  scientific: 'Arctium lappa L.',
  family: 'Asteraceae',
  regions: found(EVERYWHERE),
  names: en('Greater burdock'),
  about: en('Biennial: a rosette and a deep taproot in the first year, a flower stalk in the second, then it dies. Roots are dug in the first autumn, stalks cut in the second spring.'),
  habit: 'biennial',
  lifeCycle: 'biennial',
  status: 'common',
  severity: 'none',
  seasonStart: '01-01',
  reference: LOWLAND,
  stages: [
    { key: 'rosette', name: en('rosette in leaf'), bbch: 1, calendar: about(95, 12), model: warmth(65, 45, 92) },
    { key: 'stalk', name: en('second-year stalk rising'), bbch: 3, calendar: about(138, 8), model: warmth(312, 260, 375) },
    { key: 'buds', name: en('buds on the stalk'), bbch: 5, calendar: about(162, 8), model: warmth(555, 475, 650) },
    { key: 'flowering', name: en('in flower'), bbch: 6, calendar: about(196, 10), model: afterWarmth('buds', 430, 340, 540) },
    { key: 'leaffall', name: en('leaves of first-year plants die back'), bbch: 9, calendar: about(305, 10), model: cooling(108, 72, 160) },
  ],
  parts: [
    {
      key: 'root', name: en('first-year roots'), yearOfLife: 1, unit: 'root', perPlant: fixed(1), massG: estimate(140, 50, 320),
      method: en('Dig beside a rosette that has no old stalk: a deep hole on one side, then lean the root into it. Fill the hole and press it down.'),
      effect: en('The plant is killed before it has ever seeded.'),
      kills: true, costsSeed: true, spends: ['stalk'], minAgeYears: null, use: en('cooked, or sliced and dried'), eating: 'cooked',
    },
    {
      key: 'stalk', name: en('second-year stalks'), yearOfLife: 2, unit: 'stalk', perPlant: fixed(1), massG: estimate(180, 80, 350),
      method: en('Cut below knee height before the buds open; peel down to the pale core.'),
      effect: en('The plant is dying anyway, but its seed is lost.'),
      kills: false, costsSeed: true, spends: [], minAgeYears: null, use: en('peeled and cooked'), eating: 'cooked',
    },
  ],
  windows: [
    { part: 'stalk', use: 'peeled', opens: { stage: 'stalk', offsetDays: 0 }, closes: { stage: 'buds', offsetDays: -8 }, peakShare: 0.4, sizeLimit: en('below knee height, still snaps') },
    { part: 'root', use: 'cooked', opens: { stage: 'leaffall', offsetDays: -20 }, closes: { stage: 'leaffall', offsetDays: 135 }, peakShare: 0.35, separableFrom: NEVER, sizeLimit: en('rosettes of this year only') },
  ],
  ceilings: [
    { parts: null, rule: { kind: 'keepFlowering', share: 0.5 } },
    { parts: ['root'], rule: { kind: 'fixedShare', share: 1 / 3 } },
  ],
  signs: [
    { organ: 'leaf', text: en('Very large heart-shaped leaves, pale felt beneath, wavy edge.'), price: 'glance' },
    { organ: 'leafStalk', text: en('Leaf stalk of greater burdock is filled with pith, not hollow, with a groove.'), price: 'cut' },
    { organ: 'fruit', text: en('Round burs with hooked bristles on last year’s stalks.'), price: 'glance' },
    { organ: 'root', text: en('Long, brown, hardly branched taproot, white within.'), price: 'cut' },
  ],
  shows: [
    ...shows({ growth: { rosette: MOSTLY, fromGround: NOW_AND_THEN, leafyStem: OFTEN }, leafShape: { heart: MOSTLY, oval: SOMETIMES }, leafEdge: { smooth: MOSTLY, fineTeeth: NOW_AND_THEN }, leafBase: { heartBase: MOSTLY, wedge: SOMETIMES }, leafSet: { basal: OFTEN, alternate: OFTEN }, leafVeins: 'net', leafUnder: { whiteFelt: MOSTLY, dull: NOW_AND_THEN }, hairs: { soft: OFTEN, felt: OFTEN }, stemSection: { ribbed: OFTEN, solid: SOMETIMES, hollow: SOMETIMES }, smell: 'none', flowerSet: 'ball', flowerColour: 'pink', fruit: 'burr', root: 'taproot', deadStalk: { burrsLeft: MOSTLY, noStalk: NOW_AND_THEN }, stalkSection: { grooved: OFTEN, hollow: OFTEN, round: SOMETIMES } }),
    ...shows({ flowerForm: { bell: OFTEN, strapHead: OFTEN } }),
  ],
  substitutes: [],
  lookAlikes: [
    { name: en('Deadly nightshade'), scientific: 'Atropa belladonna', severity: 'deadly', separatedBy: en('Roots have been confused: no rosette, leaves without pale felt, no burs. Dig only where you saw the leaf and last year’s burs.') },
    { name: en('Foxglove'), scientific: 'Digitalis purpurea', severity: 'deadly', separatedBy: en('First-year rosette: leaves narrow into the stalk and are fine-toothed, never heart-shaped at the base.') },
    { name: en('Butterbur'), scientific: 'Petasites hybridus', severity: 'harmful', separatedBy: en('Stream banks; round leaves from a creeping rootstock, no taproot, no burs.') },
  ],
  cautions: [
    { class: 'lookAlike', text: en('A root alone cannot be named. Mark rosettes while they are in leaf and dig only at the mark.') },
    { class: 'law', text: en('Digging needs the owner’s leave.') },
    { class: 'skin', text: en('Bur hairs hurt eyes and skin.') },
    { class: 'people', text: en('In pregnancy and with plants of the daisy family as an allergy: ask a licensed practitioner.') },
  ],
  bring: en('digging stick or spade · brush · paper bag'),
  keeping: en('Roots keep for weeks in damp sand, or slice and dry at once.'),
  works: ['gross1980', 'bbch2001'],
};
