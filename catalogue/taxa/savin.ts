import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const savin = plant({
  key: 'savin', name: 'Savin',
  scientific: 'Juniperus sabina L.',
  family: 'Cupressaceae',
  regions: found(['atlanticEurope', 'continentalEurope', 'mountainsOfEurope', 'mediterranean']),
  habit: 'conifer', lifeCycle: 'woody', severity: 'deadly',
  about: 'A spreading juniper of gardens and dry mountains with scale leaves.',
  stages: [spring('pollen', 'pollen', 6, 105, 12), spring('shoots', 'shoots', 1, 140, 12), autumn('ripe', 'blue berries', 8, 275, 18), autumn('rest', 'winter', 4, 335, 14)],
  signs: [['leaf', 'glance', 'Scales, on young twigs needles.'], ['smell', 'glance', 'Foul when rubbed.'], ['fruit', 'glance', 'Berries hang on bent stalks.']],
  shows: shows({ growth: { bush: 1, creeping: OFTEN }, leafShape: { scale: 1, needle: SOMETIMES }, needles: { scaleLeaves: MOSTLY, sharpThrees: NOW_AND_THEN }, smell: { rank: OFTEN, resin: OFTEN }, cone: 'blueBerry', bark: { peeling: OFTEN, furrowed: OFTEN }, branching: 'alternateTwigs', stemSkin: 'plain', leafUnder: { dull: OFTEN, paleBands: SOMETIMES }, leafSet: { opposite: OFTEN, whorl: NOW_AND_THEN }, berryColour: { blueBloom: MOSTLY, black: NOW_AND_THEN, green: NOW_AND_THEN } }),
  cautions: [['notForEating', 'Deadly, and the oil harms through the skin.']],
});
