import { autumn, MOSTLY, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const foxglove = plant({
  key: 'foxglove', name: 'Foxglove',
  scientific: 'Digitalis purpurea L.',
  family: 'Plantaginaceae',
  habit: 'biennial', grows: 'atEdges', lifeCycle: 'biennial', severity: 'deadly',
  about: 'A rosette of soft wrinkled leaves the first year, a tall stalk of hanging bells the second. The rosette has been taken for comfrey, mullein and burdock.',
  stages: [spring('rosette', 'rosette', 2, 75, 20), spring('stalk', 'stalk rises', 3, 132, 12), spring('flowering', 'bells', 6, 162, 12), spring('seed', 'capsules', 8, 208, 14), autumn('dying', 'stalk dead', 9, 275, 16)],
  signs: [
    ['leaf', 'glance', 'Edge with fine blunt teeth; the blade runs down its stalk as a wing.'],
    ['leaf', 'loupe', 'Hairs short and single, never a branched felt.'],
    ['leaf', 'glance', 'A raised net of veins beneath.'],
    ['stem', 'glance', 'In winter a bare spike of two-chambered capsules, all to one side.'],
  ],
  shows: shows({ growth: { rosette: 1, leafyStem: OFTEN }, leafShape: { oval: MOSTLY, lance: OFTEN }, leafEdge: { fineTeeth: MOSTLY, coarseTeeth: SOMETIMES, smooth: RARELY }, leafBase: { runsDown: MOSTLY, wedge: SOMETIMES }, leafSet: { basal: 1, alternate: OFTEN }, leafVeins: 'net', leafUnder: { dull: OFTEN, whiteFelt: SOMETIMES }, hairs: { soft: 1, felt: RARELY }, leafSection: 'flat', stemSection: { solid: OFTEN, ribbed: SOMETIMES, hollow: SOMETIMES }, stemSkin: 'hairy', smell: { none: OFTEN, rank: SOMETIMES }, flowerForm: { bell: 1, lipped: SOMETIMES }, flowerSet: 'oneSided', flowerColour: { pink: MOSTLY, white: SOMETIMES }, fruit: 'capsule', root: { fibres: OFTEN, taproot: OFTEN }, deadStalk: { tallSpike: MOSTLY, podsLeft: SOMETIMES, noStalk: OFTEN } }),
  cautions: [['notForEating', 'Deadly: a few leaves stop the heart, dried ones too.']],
});
