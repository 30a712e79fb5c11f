import { EUROPE, found } from '../src/regions.ts';
import { MOSTLY, noneAtAll, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const cowslip = plant({
  key: 'cowslip', name: 'Cowslip',
  scientific: 'Primula veris L.',
  family: 'Primulaceae',
  regions: found(EUROPE, 'protected'),
  habit: 'herb', grows: 'atEdges', status: 'protected',
  about: 'Once picked by the basket, now protected in many places: watched here, grown in the garden.',
  stages: [spring('leaves', 'leaves', 1, 78, 12), spring('flowering', 'yellow keys', 6, 110, 9), spring('seed', 'capsules', 8, 165, 12), spring('gone', 'leaves gone', 9, 205, 14)],
  parts: [{ key: 'flower', name: 'flowers', unit: 'head', perPlant: [2, 1, 4], massG: null, method: 'Watched and counted only.', effect: 'Seed is its way to spread.', use: 'watched only', eating: 'none', costsSeed: true }],
  windows: [{ part: 'flower', use: 'watched', from: 'flowering', to: 'flowering+22' }],
  ceilings: [noneAtAll],
  signs: [['leaf', 'glance', 'Wrinkled, narrowing suddenly to a winged stalk.'], ['flower', 'glance', 'Deep yellow with five orange spots, hanging to one side.']],
  shows: shows({ growth: 'rosette', leafShape: { oval: MOSTLY, lance: NOW_AND_THEN }, leafEdge: { fineTeeth: OFTEN, smooth: SOMETIMES }, leafBase: { runsDown: OFTEN, wedge: OFTEN }, leafSet: 'basal', leafVeins: 'net', hairs: { soft: MOSTLY, felt: RARELY }, stemSkin: 'hairy', smell: 'none', flowerForm: { star5: OFTEN, bell: OFTEN }, flowerSet: { umbel: OFTEN, oneSided: OFTEN }, flowerColour: 'yellow', fruit: 'capsule', root: { fibres: MOSTLY, creeping: NOW_AND_THEN }, deadStalk: 'noStalk', leafUnder: { dull: MOSTLY, whiteFelt: NOW_AND_THEN } }),
  lookAlikes: [['Foxglove', 'Digitalis purpurea', 'deadly', 'Rosette larger and softer, pointed leaves.']],
  substitutes: [['mullein', 'flowers for a cough tea'], ['lime', 'blossom for tea']],
  cautions: [['lookAlike', 'Foxglove rosettes look like it in winter.'], ['law', 'Protected in many places: not picked, not dug.']],
});
