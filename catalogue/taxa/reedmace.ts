import type { PlantProfile } from '@emberfield/contract';
import { about, after, cooling, en, estimate, growsTo, LOWLAND, warmth } from '../src/figures.ts';
import { EVERYWHERE, found } from '../src/regions.ts';
import { MOSTLY, NEVER, NOW_AND_THEN, OFTEN, shows, SOMETIMES } from '../src/write.ts';

export const reedmace: PlantProfile = {
  key: 'reedmace',
  scientific: 'Typha latifolia L.',
  family: 'Typhaceae',
  regions: found(EVERYWHERE),
  names: en('Broad-leaved reed-mace'),
  about: en('Reed of still water that gives five things in turn: shoots, green spikes, pollen, seed down and leaves for weaving, and starchy rootstock in winter.'),
  habit: 'reed',
  lifeCycle: 'perennial',
  status: 'common',
  severity: 'none',
  seasonStart: '01-01',
  reference: LOWLAND,
  stages: [
    { key: 'shoots', name: en('shoots above the water'), bbch: 1, calendar: about(105, 10), model: warmth(100, 76, 132) },
    { key: 'tall', name: en('shoots waist-high'), bbch: 3, calendar: about(142, 9), model: warmth(348, 290, 417) },
    { key: 'greenSpike', name: en('spikes green in their sheath'), bbch: 5, calendar: about(163, 8), model: warmth(565, 485, 658) },
    { key: 'pollen', name: en('pollen loose'), bbch: 6, calendar: about(178, 8), model: warmth(745, 650, 854) },
    { key: 'brownSpike', name: en('spikes brown'), bbch: 8, calendar: about(205, 10), model: after('pollen', 27, 20, 34) },
    { key: 'dieback', name: en('leaves brown'), bbch: 9, calendar: about(298, 12), model: cooling(80, 52, 122) },
  ],
  parts: [
    {
      key: 'shoot', name: en('shoot hearts'), growth: growsTo([200, 150, 260], [348, 290, 417], [101, 82, 124]), unit: 'shoot', perPlant: estimate(1, 1, 1), massG: estimate(45, 20, 90),
      method: en('Grasp the inner leaves and pull slowly: the heart slips out, the rootstock stays.'), effect: en('One shoot of the clone is lost; others follow.'),
      kills: false, costsSeed: true, spends: ['flower', 'pollen'], minAgeYears: null, use: en('cooked, never raw'), eating: 'cooked',
    },
    {
      key: 'flower', name: en('green spikes'), unit: 'spike', perPlant: estimate(1, 1, 1), massG: estimate(18, 10, 30),
      method: en('Cut the upper, male spike while it is green and sheathed.'), effect: en('No pollen and no seed from that stem.'),
      kills: false, costsSeed: true, spends: ['pollen'], minAgeYears: null, use: en('boiled'), eating: 'cooked',
    },
    {
      key: 'pollen', name: en('pollen'), unit: 'gram', perPlant: estimate(3, 1, 6), massG: estimate(1, 1, 1),
      method: en('On a still day bend the spike into a bag and shake.'), effect: en('Little: enough is spilt to seed.'),
      kills: false, costsSeed: false, spends: [], minAgeYears: null, use: en('as flour'), eating: 'cooked',
    },
    {
      key: 'fibre', name: en('leaves for weaving'), unit: 'leaf', perPlant: estimate(10, 6, 14), massG: estimate(20, 10, 35),
      method: en('Cut green leaves above the water in late summer.'), effect: en('Cut too early it weakens the rootstock.'),
      kills: false, costsSeed: false, spends: [], minAgeYears: null, use: en('dried, then damped and woven'), eating: 'none',
    },
    {
      key: 'root', name: en('rootstock'), unit: 'root', perPlant: estimate(1, 1, 1), massG: estimate(120, 50, 250),
      method: en('Feel along the rootstock in the mud, cut a side run of a hand’s length, leave the main run.'), effect: en('A side run of the clone is lost.'),
      kills: true, costsSeed: false, spends: ['shoot'], minAgeYears: null, use: en('starch washed out, cooked'), eating: 'cooked',
    },
  ],
  windows: [
    { part: 'shoot', use: 'cooked', opens: { stage: 'shoots', offsetDays: 5, lengthCm: 20 }, closes: { stage: 'tall', offsetDays: 5, lengthCm: 100 }, peakShare: 0.4, separableFrom: 'tall', sizeLimit: en('up to waist height') },
    { part: 'flower', use: 'boiled', opens: { stage: 'greenSpike', offsetDays: 0 }, closes: { stage: 'pollen', offsetDays: -2 }, peakShare: 0.4, sizeLimit: en('green, still in the sheath') },
    { part: 'pollen', use: 'flour', opens: { stage: 'pollen', offsetDays: 0 }, closes: { stage: 'pollen', offsetDays: 9 }, peakShare: 0.35, sizeLimit: null },
    { part: 'fibre', use: 'woven', opens: { stage: 'brownSpike', offsetDays: 5 }, closes: { stage: 'dieback', offsetDays: -15 }, peakShare: 0.4, sizeLimit: null },
    { part: 'root', use: 'starch', opens: { stage: 'dieback', offsetDays: 0 }, closes: { stage: 'dieback', offsetDays: 145 }, peakShare: 0.35, separableFrom: NEVER, sizeLimit: null },
  ],
  ceilings: [{ parts: null, rule: { kind: 'fixedShare', share: 0.1 } }],
  signs: [
    { organ: 'flower', text: en('Brown cigar-shaped spike on last year’s stems, the pale male part touching it without a gap.'), price: 'glance' },
    { organ: 'leaf', text: en('Strap leaves without a midrib, filled with air chambers, round-backed at the base.'), price: 'cut' },
    { organ: 'root', text: en('Rootstock white inside, with a starchy core; no smell.'), price: 'cut' },
  ],
  shows: [
    ...shows({ growth: { reed: MOSTLY, fromGround: NOW_AND_THEN }, leafShape: 'strap', leafEdge: 'smooth', leafBase: 'sheath', leafSet: { basal: MOSTLY, alternate: SOMETIMES }, leafVeins: 'parallel', hairs: 'bare', leafSection: { halfMoon: MOSTLY, flat: NOW_AND_THEN }, stemSection: { solid: MOSTLY, pith: NOW_AND_THEN }, smell: 'none', flowerSet: 'spike', flowerColour: { brown: MOSTLY, green: OFTEN, yellow: SOMETIMES }, fruit: 'parachutes', root: { creeping: MOSTLY, fibres: NOW_AND_THEN }, deadStalk: { cigar: MOSTLY, noStalk: NOW_AND_THEN } }),
  ],
  substitutes: [],
  lookAlikes: [
    { name: en('Yellow flag'), scientific: 'Iris pseudacorus', severity: 'poisonous', separatedBy: en('Shoots flat like a fan, leaves with a raised midrib; rootstock reddish inside.') },
    { name: en('Hemlock water-dropwort'), scientific: 'Oenanthe crocata', severity: 'deadly', separatedBy: en('Roots in the same mud like a bunch of fingers: never take a root you have not followed to a reed-mace stem.') },
    { name: en('Sweet flag'), scientific: 'Acorus calamus', severity: 'harmful', separatedBy: en('Swords with one crinkled edge and a midrib off the middle, scented.') },
  ],
  cautions: [
    { class: 'lookAlike', text: en('Young flag and reed-mace shoots stand together: pull one that carries last year’s brown spike.') },
    { class: 'ground', text: en('It gathers metals and filth from the water; raw parts can carry liver fluke. Never from ditches below roads or yards.') },
    { class: 'stand', text: en('Birds nest in reeds from March to July: keep out, and keep to local rules.') },
  ],
  bring: en('waders · knife · net bag'),
  keeping: en('Dry pollen and starch at once; leaves in bundles upright and airy.'),
  works: ['grace1986', 'bbch2001'],
};
