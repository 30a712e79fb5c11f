import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, flowering, MOSTLY, NEVER, NOW_AND_THEN, OFTEN, others, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const juniper = plant({
  key: 'juniper', name: 'Juniper',
  scientific: 'Juniperus communis L.',
  family: 'Cupressaceae',
  regions: found(EVERYWHERE, 'slow'),
  habit: 'conifer', lifeCycle: 'woody', status: 'slow',
  about: 'Berries take two or three years; green and blue ones stand on one bush.',
  stages: [spring('pollen', 'pollen', 6, 125, 10), spring('shoots', 'shoots', 1, 145, 10), autumn('ripe', 'blue berries', 8, 265, 16), autumn('rest', 'winter', 9, 335, 14)],
  parts: [{ key: 'fruit', name: 'blue berries', unit: 'gram', perPlant: [90, 20, 300], massG: null, method: 'Shake blue ones over a cloth; leave the green.', effect: 'Birds sow what is left; young bushes have become rare.', use: 'as a spice, dried', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'fruit', use: 'spice', from: 'ripe', to: 'rest+20', clearFrom: NEVER }],
  ceilings: [flowering(0.7), others(0.3)],
  signs: [['leaf', 'glance', 'Sharp needles in threes with one white band above.'], ['fruit', 'glance', 'A three-rayed seam on top of the berry.'], ['smell', 'glance', 'Of gin.']],
  shows: shows({ growth: { bush: 1, tree: SOMETIMES }, leafShape: 'needle', needles: 'sharpThrees', smell: { resin: MOSTLY, none: NOW_AND_THEN }, cone: 'blueBerry', bark: { peeling: OFTEN, furrowed: SOMETIMES }, branching: 'alternateTwigs', leafSet: { whorl: MOSTLY }, leafUnder: { dull: OFTEN, paleBands: OFTEN }, berryColour: { blueBloom: MOSTLY, black: NOW_AND_THEN, green: NOW_AND_THEN } }),
  lookAlikes: [['Savin', 'Juniperus sabina', 'deadly', 'Scale leaves with a foul smell when rubbed; berries hang.']],
  cautions: [['lookAlike', 'Savin, planted and wild, is deadly: sharp needles in threes, or leave it.'], ['people', 'Not in pregnancy, not with kidney trouble: ask a licensed practitioner.']],
});
