import { EUROPE, found } from '../src/regions.ts';
import { autumn, MOSTLY, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const spindle = plant({
  key: 'spindle', name: 'Spindle',
  scientific: 'Euonymus europaeus L.',
  family: 'Celastraceae',
  regions: found([...EUROPE, 'easternAmerica']),
  habit: 'shrub', lifeCycle: 'woody', severity: 'poisonous',
  about: 'A hedge shrub with green four-edged twigs and pink four-lobed fruit round orange seeds.',
  stages: [spring('leaves', 'leaves', 1, 105, 10), spring('flowering', 'greenish crosses', 6, 145, 10), autumn('fruit', 'pink fruit', 8, 265, 16), autumn('bare', 'leaf-fall', 9, 310, 12)],
  signs: [['stem', 'glance', 'Young twigs green, with four corky edges.'], ['fruit', 'glance', 'Pink, four-lobed, opening to orange seeds.']],
  shows: shows({ sap: 'clear', stalkSection: { grooved: OFTEN, round: OFTEN }, growth: { bush: 1, tree: SOMETIMES }, leafShape: { oval: OFTEN, lance: OFTEN }, leafEdge: { fineTeeth: MOSTLY, smooth: RARELY }, leafBase: 'wedge', leafSet: { opposite: 1, alternate: RARELY }, leafVeins: 'net', hairs: 'bare', stemSection: { square: MOSTLY, solid: SOMETIMES }, stemSkin: 'plain', flowerForm: 'cross4', flowerSet: 'flatHead', flowerColour: 'green', fruit: 'capsule', bark: { smoothBark: OFTEN, corky: OFTEN }, bud: 'scaled', branching: 'oppositeTwigs', berryColour: { red: OFTEN, orange: OFTEN } }),
  cautions: [['notForEating', 'Poisonous; harm shows late.']],
});
