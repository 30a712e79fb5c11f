import { EUROPE, found } from '../src/regions.ts';
import { autumn, OFTEN, others, plant, pruning, shows, spring } from '../src/write.ts';

export const beech = plant({
  key: 'beech', name: 'Beech',
  scientific: 'Fagus sylvatica L.',
  family: 'Fagaceae',
  regions: found(EUROPE),
  habit: 'tree', lifeCycle: 'woody',
  about: 'Silky leaves for ten days in spring; nuts in mast years.',
  stages: [spring('budBurst', 'bud burst', 0, 112, 7), spring('silky', 'silky leaves', 1, 118, 6), spring('full', 'leaves harden', 2, 134, 7), autumn('nuts', 'nuts fall', 8, 272, 12), autumn('bare', 'leaf-fall', 9, 310, 12)],
  parts: [{ key: 'leaf', name: 'silky leaves', unit: 'leaf', perPlant: [4000, 1000, 20000], massG: [0.12, 0.07, 0.2], method: 'Single leaves from low twigs while they still hang limp.', effect: 'Little, if spread.', use: 'raw', eating: 'raw' }, { key: 'seed', name: 'nuts', unit: 'gram', perPlant: [800, 0, 5000], massG: null, method: 'From the ground, full ones.', effect: 'Mice and jays need them in lean years.', use: 'roasted', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'leaf', use: 'raw', from: 'silky', to: 'full', best: 0.3 }, { part: 'seed', use: 'roasted', from: 'nuts', to: 'bare' }],
  ceilings: [pruning(0.02, 'leaf'), others(0.4)],
  signs: [['bud', 'glance', 'Long, thin, sharp, brown.'], ['bark', 'glance', 'Smooth and grey like an elephant.'], ['leaf', 'glance', 'Edge fringed with silk when young.'], ['fruit', 'glance', 'Bristly husks in four, left on the twigs in winter.']],
  shows: shows({ growth: 'tree', leafShape: 'oval', leafEdge: 'smooth', leafBase: 'wedge', leafSet: 'alternate', leafVeins: 'net', hairs: { soft: OFTEN, bare: OFTEN }, smell: 'none', flowerSet: 'ball', flowerColour: 'green', fruit: 'nut', bark: 'smoothBark', bud: 'longPointed', branching: 'alternateTwigs' }),
  cautions: [['cooking', 'Raw nuts in numbers upset the stomach; roasting helps.']],
});
