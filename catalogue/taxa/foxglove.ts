import { EUROPE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const foxglove = plant({
  key: 'foxglove', name: 'Foxglove',
  scientific: 'Digitalis purpurea L.',
  family: 'Plantaginaceae',
  regions: found([...EUROPE, 'easternAmerica', 'westernAmerica']),
  habit: 'biennial', grows: 'atEdges', lifeCycle: 'biennial', severity: 'deadly',
  about: 'A rosette of soft wrinkled leaves the first year, a tall stalk of hanging bells the second. The rosette has been taken for comfrey, mullein and burdock.',
  stages: [spring('rosette', 'rosette', 2, 75, 20), spring('stalk', 'stalk rises', 3, 132, 12), spring('flowering', 'bells', 6, 162, 12), spring('seed', 'capsules', 8, 208, 14), autumn('dying', 'stalk dead', 9, 275, 16), autumn('rosettes', 'young rosettes', 2, 290, 16)],
  signs: [
    ['leaf', 'glance', 'Edge with fine blunt teeth; the blade runs down its stalk as a wing.'],
    ['leaf', 'loupe', 'Hairs short and single, never a branched felt.'],
    ['leaf', 'glance', 'A raised net of veins beneath.'],
    ['stem', 'glance', 'In winter a bare spike of two-chambered capsules, all to one side.'],
  ],
  shows: shows({ sap: { clear: MOSTLY }, growth: { rosette: 1, fromGround: OFTEN, leafyStem: OFTEN }, leafShape: { oval: MOSTLY, lance: OFTEN }, leafEdge: { fineTeeth: OFTEN, coarseTeeth: NOW_AND_THEN, smooth: NOW_AND_THEN }, leafBase: { runsDown: OFTEN, wedge: OFTEN }, leafSet: { basal: 1, alternate: OFTEN }, leafVeins: 'net', leafUnder: { dull: OFTEN, whiteFelt: OFTEN }, hairs: { soft: MOSTLY, felt: NOW_AND_THEN, bristles: RARELY, bare: RARELY }, leafSection: 'flat', stemSection: { solid: OFTEN, ribbed: SOMETIMES, hollow: SOMETIMES }, stemSkin: { hairy: MOSTLY, plain: NOW_AND_THEN }, smell: { none: OFTEN, rank: SOMETIMES }, flowerForm: { bell: 1, lipped: SOMETIMES }, flowerSet: { oneSided: MOSTLY, spike: NOW_AND_THEN }, flowerColour: { pink: MOSTLY, white: SOMETIMES }, fruit: 'capsule', root: { fibres: OFTEN, taproot: OFTEN }, deadStalk: { tallSpike: MOSTLY, podsLeft: SOMETIMES, noStalk: OFTEN }, stalkSection: { threeEdged: SOMETIMES, grooved: OFTEN } }),
  cautions: [['notForEating', 'Deadly: a few leaves stop the heart, dried ones too.']],
});
