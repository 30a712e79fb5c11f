import { autumn, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const whiteHellebore = plant({
  key: 'white-hellebore', name: 'White hellebore',
  scientific: 'Veratrum album L.',
  family: 'Melanthiaceae',
  habit: 'perennialRoot', severity: 'deadly',
  about: 'Stands beside yellow gentian in mountain meadows and has been dug for it.',
  stages: [spring('leaves', 'pleated leaves', 2, 125, 12), spring('flowering', 'greenish panicle', 6, 195, 14), autumn('seed', 'seed', 8, 250, 14), autumn('dying', 'stalk dead', 9, 285, 14)],
  signs: [['leaf', 'glance', 'One at each knot, pleated, downy beneath. Gentian’s stand in pairs and are bare.'], ['root', 'cut', 'A short thick stock with many threads, white inside; gentian has one long yellow taproot.']],
  shows: shows({ growth: { leafyStem: 1, rosette: SOMETIMES, fromGround: SOMETIMES }, leafShape: 'oval', leafEdge: 'smooth', leafBase: { clasping: 1, sheath: OFTEN }, leafSet: { alternate: 1, basal: OFTEN }, leafVeins: { parallel: OFTEN, arched: OFTEN }, leafUnder: { dull: OFTEN, whiteFelt: SOMETIMES }, hairs: { soft: 1, bare: RARELY }, stemSection: { solid: OFTEN, hollow: OFTEN }, stemSkin: 'hairy', smell: { none: OFTEN, rank: SOMETIMES }, flowerForm: 'star6', flowerSet: 'plume', flowerColour: { green: OFTEN, white: OFTEN, yellow: SOMETIMES }, fruit: 'capsule', root: { fibres: 1, creeping: SOMETIMES, bulb: RARELY }, deadStalk: { tallSpike: OFTEN, podsLeft: OFTEN, noStalk: SOMETIMES } }),
  cautions: [['notForEating', 'Deadly: the root above all.']],
});
