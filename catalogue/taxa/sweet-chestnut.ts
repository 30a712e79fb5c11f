import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const sweetChestnut = plant({
  key: 'sweet-chestnut', name: 'Sweet chestnut',
  scientific: 'Castanea sativa Mill.',
  family: 'Fagaceae',
  regions: found(['atlanticEurope', 'continentalEurope', 'mountainsOfEurope', 'mediterranean', 'westernAmerica']),
  habit: 'tree', lifeCycle: 'woody',
  about: 'Nuts fall for two or three weeks in October.',
  stages: [spring('leafing', 'leaves', 1, 125, 9), spring('flowering', 'long catkins', 6, 178, 10), autumn('falling', 'nuts fall', 8, 278, 10), autumn('last', 'last nuts', 8, 300, 10), autumn('bare', 'leaf-fall', 9, 318, 10)],
  parts: [{ key: 'fruit', name: 'nuts', unit: 'gram', perPlant: [9000, 2000, 40000], massG: null, method: 'From the ground, gloves for the husks, full and unbored ones.', effect: 'Deer and jays share them.', use: 'roasted or boiled', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'fruit', use: 'roasted', from: 'falling', to: 'last', best: 0.4 }],
  ceilings: [others(0.4)],
  signs: [['leaf', 'glance', 'Long, with a sharp tooth at the end of each vein.'], ['fruit', 'glance', 'Husk like a hedgehog; nut flat on a side, with a tuft at its tip.'], ['bark', 'glance', 'Furrows that wind round the trunk.']],
  shows: shows({ growth: 'tree', leafShape: 'lance', leafEdge: { coarseTeeth: 1, spiny: SOMETIMES }, leafBase: 'wedge', leafSet: 'alternate', leafVeins: 'net', hairs: 'bare', flowerSet: 'catkin', flowerColour: { white: OFTEN, yellow: OFTEN }, fruit: { nut: MOSTLY, burr: OFTEN }, bark: { furrowed: MOSTLY, smoothBark: NOW_AND_THEN }, bud: 'scaled', branching: 'alternateTwigs' }),
  lookAlikes: [['Horse chestnut', 'Aesculus hippocastanum', 'poisonous', 'Leaves of fingers from one point; few soft spikes; conker round, without a tuft.']],
  cautions: [['lookAlike', 'Conkers are poisonous: a tuft at the tip and a husk like a hedgehog.'], ['spoiling', 'Maggots and mould: cut one open of every handful.']],
});
