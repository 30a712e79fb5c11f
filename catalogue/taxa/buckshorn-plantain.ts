import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const buckshornPlantain = plant({
  key: 'buckshorn-plantain',
  name: 'Buck’s-horn plantain',
  scientific: 'Plantago coronopus L.',
  family: 'Plantaginaceae',
  regions: found(['atlanticEurope', 'mediterranean', 'westernAmerica']),
  habit: 'herb', lifeCycle: 'biennial',
  about: 'A star of forked leaves on sea cliffs, salted verges and trodden sand, green through the winter.',
  stages: [spring('leaves', 'forked leaves', 1, 70, 16), spring('flowering', 'spikes', 6, 145, 14), autumn('seed', 'seed', 8, 225, 18), autumn('rosettes', 'autumn rosettes', 2, 275, 18)],
  parts: [{ key: 'leaf', name: 'leaves', unit: 'leaf', perPlant: [25, 10, 60], massG: [0.3, 0.15, 0.6], method: 'Cut half of a rosette with scissors, not the heart.', effect: 'Grows again in three weeks.', use: 'raw or steamed', eating: 'raw' }],
  windows: [{ part: 'leaf', use: 'raw', from: 'leaves', to: 'flowering', best: 0.5 }],
  ceilings: [share(0.3)],
  signs: [['leaf', 'glance', 'Narrow with side horns like a deer’s, flat to the ground.'], ['flower', 'glance', 'A stiff thin spike on a bowed stalk.']],
  shows: shows({ growth: { rosette: 1 }, leafShape: { strap: OFTEN, feather: OFTEN, lance: SOMETIMES }, leafEdge: { lobed: MOSTLY, coarseTeeth: SOMETIMES, smooth: RARELY }, leafBase: { wedge: OFTEN, stalkless: OFTEN }, leafSet: { basal: 1 }, leafVeins: { parallel: OFTEN, net: SOMETIMES }, hairs: { soft: OFTEN, bare: OFTEN }, stemSection: { solid: OFTEN }, stemSkin: { hairy: OFTEN, plain: SOMETIMES }, sap: { clear: MOSTLY }, smell: 'none', flowerForm: { cross4: SOMETIMES }, flowerSet: 'spike', flowerColour: { brown: OFTEN, green: OFTEN, yellow: NOW_AND_THEN }, fruit: 'capsule', root: { taproot: OFTEN, fibres: OFTEN }, deadStalk: { tallSpike: SOMETIMES, noStalk: OFTEN }, stalkSection: { none: OFTEN, grooved: SOMETIMES } }),
  lookAlikes: [],
  cautions: [['ground', 'Not beside roads that are salted: oil and rubber run there too.'], ['law', 'The owner’s leave; on reserves not at all.']],
  keeping: 'Keeps a week in the cold.',
});
