import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, everything, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const cleavers = plant({
  key: 'cleavers',
  name: 'Cleavers',
  scientific: 'Galium aparine L.',
  family: 'Rubiaceae',
  regions: found(EVERYWHERE),
  habit: 'herb', lifeCycle: 'annual',
  about: 'Clings to every sleeve by hooks. Young tops early in the year, hooked seed roasted in summer.',
  stages: [spring('shoots', 'young shoots', 1, 60, 16), spring('climbing', 'climbs', 3, 115, 12), spring('flowering', 'tiny white flowers', 6, 140, 12), spring('seed', 'hooked seed', 8, 178, 14), autumn('dying', 'straw', 9, 225, 16)],
  parts: [{ key: 'tip', name: 'tops', unit: 'tip', perPlant: [3, 1, 8], massG: [1.5, 0.7, 3], method: 'Nip tops while they are softer than they are hooked.', effect: 'Branches from below.', use: 'cooked; raw it scratches the throat', eating: 'cooked' }, { key: 'seed', name: 'seed', unit: 'gram', perPlant: [3, 1, 10], massG: null, method: 'Comb off with a woollen glove.', effect: 'It sows itself all the same.', use: 'roasted for a drink', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'tip', use: 'cooked', from: 'shoots', to: 'flowering-10' }, { part: 'seed', use: 'roasted', from: 'seed', to: 'dying' }],
  ceilings: [everything],
  signs: [['stem', 'glance', 'Square, with hooks on the edges that hold on to cloth.'], ['leaf', 'glance', 'Six to nine in a star at each joint.']],
  shows: shows({ growth: { climber: OFTEN, creeping: OFTEN, leafyStem: OFTEN }, leafShape: { lance: MOSTLY, strap: SOMETIMES, needle: RARELY }, leafEdge: { smooth: MOSTLY, fineTeeth: NOW_AND_THEN }, leafBase: { stalkless: MOSTLY, wedge: SOMETIMES }, leafSet: { whorl: 1 }, leafVeins: { net: OFTEN, parallel: SOMETIMES }, hairs: { bristles: MOSTLY, soft: NOW_AND_THEN }, stemSection: { square: 1 }, stemSkin: { hooks: MOSTLY, prickles: NOW_AND_THEN }, sap: { clear: MOSTLY }, smell: 'none', flowerForm: 'cross4', flowerSet: { flatHead: OFTEN, umbel: NOW_AND_THEN, single: NOW_AND_THEN }, flowerColour: { white: MOSTLY, green: NOW_AND_THEN }, fruit: { burr: MOSTLY, nut: NOW_AND_THEN }, root: { fibres: MOSTLY, taproot: NOW_AND_THEN }, deadStalk: { noStalk: OFTEN, burrsLeft: SOMETIMES, squareStalk: SOMETIMES }, stalkSection: { none: MOSTLY } }),
  lookAlikes: [],
  cautions: [['people', 'The juice gives some people a rash.'], ['ground', 'Roadsides, dog walks, sprayed fields and old tips: look where it grows before you pick.']],
  keeping: 'Tops the same day; seed roasted dry.',
});
