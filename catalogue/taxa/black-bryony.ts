import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const blackBryony = plant({
  key: 'black-bryony', name: 'Black bryony',
  scientific: 'Dioscorea communis (L.) Caddick & Wilkin',
  family: 'Dioscoreaceae',
  regions: found(['atlanticEurope', 'continentalEurope', 'mediterranean']),
  habit: 'climber', grows: 'atEdges', severity: 'poisonous',
  about: 'Twines through hedges with shining heart leaves and strings of red berries; no tendrils.',
  stages: [spring('shoots', 'shoots', 1, 98, 12), spring('leaves', 'leaves', 2, 118, 10), spring('flowering', 'greenish flowers', 6, 155, 14), autumn('berries', 'red berries', 8, 250, 16), autumn('dying', 'dead vines', 9, 300, 14)],
  signs: [['stem', 'glance', 'Smooth and round, twines by itself.'], ['leaf', 'glance', 'A shining heart with a few bowed veins.']],
  shows: shows({ sap: 'clear', stalkSection: { round: OFTEN, grooved: OFTEN }, growth: 'climber', leafShape: { heart: MOSTLY, arrow: RARELY, oval: RARELY }, leafEdge: 'smooth', leafBase: 'heartBase', leafSet: { alternate: 1, opposite: RARELY }, leafVeins: { arched: MOSTLY, net: OFTEN }, leafUnder: { glossy: MOSTLY, dull: SOMETIMES }, hairs: 'bare', stemSection: { solid: 1 }, stemSkin: 'plain', smell: 'none', flowerForm: 'star6', flowerSet: { spike: OFTEN, plume: OFTEN }, flowerColour: 'green', fruit: 'berry', root: { tubers: MOSTLY, taproot: NOW_AND_THEN }, deadStalk: { noStalk: 1 }, berryColour: { red: MOSTLY, green: NOW_AND_THEN } }),
  cautions: [['notForEating', 'Poisonous in all parts.'], ['skin', 'The juice is full of needles and blisters.']],
});
