import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, share, shortening, shows, SOMETIMES, spring } from '../src/write.ts';

export const hop = plant({
  key: 'hop', name: 'Hop',
  scientific: 'Humulus lupulus L.',
  family: 'Cannabaceae',
  regions: found(EVERYWHERE),
  habit: 'climber', grows: 'atEdges',
  about: 'Shoots like asparagus for two weeks in spring, cones in September.',
  stages: [spring('shoots', 'shoots', 1, 92, 9), spring('climbing', 'climbs', 3, 112, 9), shortening('flowering', 'flowers', 6, { day: 200, spread: 12, ofLongest: [0.962, 0.93, 0.99] }), autumn('cones', 'ripe cones', 8, 250, 12), autumn('dying', 'dead vines', 9, 285, 14)],
  parts: [
    { key: 'shoot', name: 'shoots', growth: [[400, 280, 550], [283, 235, 340], [57, 44, 74]], unit: 'shoot', perPlant: [9, 4, 20], massG: [6, 3, 10], method: 'Snap the tip as long as a hand; leave the two strongest to climb.', effect: 'Sprouts again from the crown.', use: 'cooked', eating: 'cooked' },
    { key: 'fruit', name: 'cones', unit: 'gram', perPlant: [120, 40, 400], massG: null, method: 'Pick when they feel of paper and stick a little.', effect: 'Lives on from the root.', use: 'dried', eating: 'cooked', costsSeed: true },
  ],
  windows: [{ part: 'shoot', use: 'cooked', from: 'shoots', to: 'climbing+4', best: 0.5, size: 'as long as a hand', lengths: [8, 30], clearFrom: 'climbing' }, { part: 'fruit', use: 'dried', from: 'cones-8', to: 'cones+12' }],
  ceilings: [share(0.33), others(0.25)],
  signs: [['stem', 'glance', 'Rough with small hooks; no tendrils.'], ['leaf', 'glance', 'In pairs.'], ['fruit', 'glance', 'Papery cones, left on dead vines.']],
  shows: shows({ growth: 'climber', leafShape: { hand: MOSTLY, heart: NOW_AND_THEN }, leafEdge: { coarseTeeth: MOSTLY, fineTeeth: NOW_AND_THEN }, leafBase: 'heartBase', leafSet: 'opposite', leafVeins: 'net', hairs: { bristles: MOSTLY, soft: SOMETIMES }, stemSection: { ribbed: OFTEN, square: SOMETIMES, solid: SOMETIMES }, stemSkin: { hooks: MOSTLY, hairy: NOW_AND_THEN }, smell: { none: OFTEN, resin: OFTEN, rank: SOMETIMES }, flowerSet: { catkin: OFTEN, plume: OFTEN, ball: OFTEN }, flowerColour: 'green', fruit: 'winged', root: 'creeping', deadStalk: { podsLeft: OFTEN, noStalk: SOMETIMES } }),
  lookAlikes: [['White bryony', 'Bryonia dioica', 'poisonous', 'Coiled tendrils; leaves one by one; no hooks.'], ['Black bryony', 'Dioscorea communis', 'poisonous', 'Smooth shining stem and heart leaves, one by one.']],
  cautions: [['lookAlike', 'Shoots of both bryonies come in the same hedges in the same weeks and are poisonous.'], ['skin', 'Rough stems scratch and can raise a rash.'], ['people', 'Not for pregnant people, nor with medicines that make drowsy: ask a licensed practitioner.']],
});
