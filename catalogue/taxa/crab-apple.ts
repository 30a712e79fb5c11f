import { EUROPE, found } from '../src/regions.ts';
import { afterRest, autumn, MOSTLY, OFTEN, others, plant, shows, SOMETIMES } from '../src/write.ts';

export const crabApple = plant({
  key: 'crab-apple', name: 'Crab apple',
  scientific: 'Malus sylvestris (L.) Mill.',
  family: 'Rosaceae',
  regions: found(EUROPE, 'slow'),
  habit: 'tree', lifeCycle: 'woody', status: 'slow',
  about: 'Small sour apples for jelly; the true wild one has become rare.',
  stages: [afterRest('leafing', 'leaves', 1, 105, 9), afterRest('flowering', 'blossom', 6, 128, 9), autumn('ripe', 'apples fall', 8, 268, 14), autumn('bare', 'leaf-fall', 9, 315, 12)],
  parts: [{ key: 'fruit', name: 'apples', unit: 'gram', perPlant: [6000, 1000, 30000], massG: null, method: 'From the ground or shaken.', effect: 'Little.', use: 'jelly', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'fruit', use: 'jelly', from: 'ripe-6', to: 'ripe+28' }],
  ceilings: [others(0.5)],
  signs: [['leaf', 'glance', 'Smooth when grown; garden apples stay felted beneath.'], ['stem', 'glance', 'Some short twigs end in thorns.']],
  shows: shows({ growth: { tree: 1, bush: SOMETIMES }, leafShape: { oval: 1, round: SOMETIMES }, leafEdge: 'fineTeeth', leafBase: 'wedge', leafSet: 'alternate', leafVeins: 'net', hairs: { bare: MOSTLY, soft: SOMETIMES }, stemSkin: { thorns: OFTEN, plain: OFTEN }, flowerForm: 'star5', flowerSet: { umbel: OFTEN, flatHead: OFTEN }, flowerColour: { white: OFTEN, pink: OFTEN }, fruit: 'pome', bark: 'furrowed', bud: 'scaled', branching: 'alternateTwigs' }),
  cautions: [['cooking', 'Cooked; leave the pips out.']],
});
