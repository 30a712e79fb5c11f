import { EUROPE, found } from '../src/regions.ts';
import { autumn, OFTEN, others, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const oak = plant({
  key: 'oak', name: 'Pedunculate oak',
  scientific: 'Quercus robur L.',
  family: 'Fagaceae',
  regions: found(EUROPE),
  habit: 'tree', lifeCycle: 'woody',
  about: 'Acorns for flour, once the tannin is washed out; galls and bark for dye.',
  stages: [spring('leafing', 'leaves', 1, 118, 9), spring('flowering', 'catkins', 6, 128, 8), autumn('acorns', 'acorns fall', 8, 280, 12), autumn('bare', 'leaf-fall', 9, 318, 12)],
  parts: [{ key: 'seed', name: 'acorns', unit: 'gram', perPlant: [12000, 0, 60000], massG: null, method: 'From the ground, brown, without holes.', effect: 'Many animals live on them.', use: 'leached in many waters, then cooked', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'seed', use: 'flour', from: 'acorns-5', to: 'acorns+25' }],
  ceilings: [others(0.5)],
  signs: [['leaf', 'glance', 'Round lobes, two small ears at the foot.'], ['fruit', 'glance', 'Acorns on long stalks.'], ['bud', 'glance', 'Several buds crowded at the end of the twig.']],
  shows: shows({ growth: 'tree', leafShape: { oval: 1 }, leafEdge: 'lobed', leafBase: { heartBase: OFTEN, stalkless: OFTEN, wedge: SOMETIMES }, leafSet: 'alternate', leafVeins: 'net', hairs: 'bare', flowerSet: 'catkin', flowerColour: 'green', fruit: 'nut', bark: 'furrowed', bud: 'scaled', branching: 'alternateTwigs' }),
  cautions: [['cooking', 'Raw acorns are full of tannin and harm the kidneys: several waters, until nothing is bitter.']],
});
