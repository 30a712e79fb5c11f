import { autumn, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const savin = plant({
  key: 'savin', name: 'Savin',
  scientific: 'Juniperus sabina L.',
  family: 'Cupressaceae',
  habit: 'conifer', lifeCycle: 'woody', severity: 'deadly',
  about: 'A spreading juniper of gardens and dry mountains with scale leaves.',
  stages: [spring('pollen', 'pollen', 6, 105, 12), spring('shoots', 'shoots', 1, 140, 12), autumn('ripe', 'blue berries', 8, 275, 18), autumn('rest', 'winter', 9, 335, 14)],
  signs: [['leaf', 'glance', 'Scales, on young twigs needles.'], ['smell', 'glance', 'Foul when rubbed.'], ['fruit', 'glance', 'Berries hang on bent stalks.']],
  shows: shows({ growth: { bush: 1, creeping: OFTEN }, leafShape: { scale: 1, needle: SOMETIMES }, needles: { scaleLeaves: 1, sharpThrees: SOMETIMES }, smell: { rank: 1, resin: RARELY }, cone: 'blueBerry', bark: { peeling: OFTEN, furrowed: OFTEN }, branching: 'alternateTwigs' }),
  cautions: [['notForEating', 'Deadly, and the oil harms through the skin.']],
});
