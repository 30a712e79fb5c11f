import { found } from '../src/regions.ts';
import { autumn, MOSTLY, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const butterbur = plant({
  key: 'butterbur', name: 'Butterbur',
  scientific: 'Petasites hybridus (L.) G. Gaertn., B. Mey. & Scherb.',
  family: 'Asteraceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope', 'easternAmerica']),
  habit: 'perennialRoot', severity: 'harmful',
  about: 'Pink spikes before the leaves, then umbrellas of leaves along streams. Harms the liver.',
  stages: [spring('flowering', 'pink spikes', 6, 82, 12), spring('leaves', 'leaves', 3, 110, 12), spring('seed', 'down', 8, 128, 10), autumn('dying', 'leaves gone', 9, 290, 14)],
  signs: [['leafStalk', 'cut', 'Stalk hollow; burdock’s is full.'], ['leaf', 'glance', 'Round as an umbrella, finely toothed.'], ['root', 'cut', 'Creeps near the surface; burdock goes straight down.']],
  shows: shows({ sap: 'clear', growth: { fromGround: 1, rosette: SOMETIMES }, leafShape: { heart: OFTEN, round: OFTEN }, leafEdge: { fineTeeth: MOSTLY, coarseTeeth: OFTEN }, leafBase: 'heartBase', leafSet: 'basal', leafVeins: 'net', leafUnder: { dull: OFTEN, whiteFelt: OFTEN }, hairs: { soft: OFTEN, felt: SOMETIMES, bare: SOMETIMES }, leafSection: 'flat', stemSection: { hollow: MOSTLY, ribbed: OFTEN }, smell: { none: OFTEN, rank: SOMETIMES }, flowerForm: { bell: OFTEN, strapHead: SOMETIMES }, flowerSet: 'spike', flowerColour: { pink: 1, white: RARELY }, fruit: 'parachutes', root: 'creeping', deadStalk: 'noStalk' }),
  cautions: [['slowPoison', 'Alkaloids that harm the liver slowly.']],
});
