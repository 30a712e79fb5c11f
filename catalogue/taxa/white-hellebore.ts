import { found } from '../src/regions.ts';
import { autumn, MOSTLY, mountainSpring, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const whiteHellebore = plant({
  key: 'white-hellebore', name: 'White hellebore',
  scientific: 'Veratrum album L.',
  family: 'Melanthiaceae',
  regions: found(['northernEurope', 'continentalEurope', 'mountainsOfEurope', 'mediterranean']),
  habit: 'perennialRoot', grows: 'inMountains', severity: 'deadly',
  about: 'Stands beside yellow gentian in mountain meadows and has been dug for it.',
  stages: [mountainSpring('leaves', 'pleated leaves', 2, 125, 12), mountainSpring('flowering', 'greenish panicle', 6, 195, 14), autumn('seed', 'seed', 8, 250, 14), autumn('dying', 'stalk dead', 9, 285, 14)],
  signs: [['leaf', 'glance', 'One at each knot, pleated, downy beneath. Gentian’s stand in pairs and are bare.'], ['root', 'cut', 'A short thick stock with many threads, white inside; gentian has one long yellow taproot.']],
  shows: shows({ sap: { clear: MOSTLY }, stalkSection: { none: MOSTLY }, growth: { leafyStem: OFTEN, fromGround: OFTEN, rosette: SOMETIMES }, leafShape: { oval: MOSTLY, lance: NOW_AND_THEN }, leafEdge: 'smooth', leafBase: { clasping: OFTEN, sheath: OFTEN, stalkless: SOMETIMES }, leafSet: { alternate: MOSTLY, basal: NOW_AND_THEN, opposite: RARELY }, leafVeins: { parallel: OFTEN, arched: OFTEN }, leafUnder: { dull: OFTEN, whiteFelt: SOMETIMES }, hairs: { soft: MOSTLY, bare: NOW_AND_THEN }, stemSection: { solid: OFTEN, hollow: OFTEN }, stemSkin: 'hairy', smell: { none: OFTEN, rank: SOMETIMES }, flowerForm: 'star6', flowerSet: { plume: OFTEN, spike: OFTEN }, flowerColour: { green: OFTEN, white: OFTEN, yellow: SOMETIMES }, fruit: 'capsule', root: { fibres: OFTEN, creeping: OFTEN, taproot: SOMETIMES, bulb: RARELY }, deadStalk: { tallSpike: OFTEN, podsLeft: OFTEN, noStalk: SOMETIMES } }),
  cautions: [['notForEating', 'Deadly: the root above all.']],
});
