import { EUROPE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const alderBuckthorn = plant({
  key: 'alder-buckthorn', name: 'Alder buckthorn',
  scientific: 'Frangula alnus Mill.',
  family: 'Rhamnaceae',
  regions: { ...found(EUROPE), ...found(['easternAmerica'], 'invasive') },
  habit: 'shrub', lifeCycle: 'woody', severity: 'poisonous',
  about: 'A shrub of wet woods whose berries ripen one after another, green, red and black at once.',
  stages: [spring('leaves', 'leaves', 1, 118, 10), spring('flowering', 'small greenish flowers', 6, 148, 14), spring('berries', 'berries', 8, 218, 18), autumn('bare', 'leaf-fall', 9, 300, 12)],
  signs: [['bark', 'glance', 'Dark bark with pale dots in rows.'], ['leaf', 'glance', 'Edge without teeth, side veins parallel and bowed.'], ['bud', 'glance', 'Winter buds are small folded leaves, brown-haired, without scales.']],
  shows: shows({ sap: 'clear', stalkSection: { grooved: OFTEN, round: OFTEN }, growth: { bush: 1, tree: SOMETIMES }, leafShape: 'oval', leafEdge: { smooth: MOSTLY, fineTeeth: RARELY }, leafBase: 'wedge', leafSet: { alternate: 1, opposite: RARELY }, leafVeins: { net: OFTEN, arched: OFTEN }, hairs: { bare: MOSTLY, soft: SOMETIMES }, stemSkin: { plain: MOSTLY }, stemSection: 'solid', flowerForm: 'star5', flowerSet: { single: OFTEN, flatHead: SOMETIMES }, flowerColour: { green: 1, white: SOMETIMES }, fruit: { berry: 1, stoneFruit: OFTEN }, bark: { bands: NOW_AND_THEN, smoothBark: MOSTLY }, bud: 'naked', branching: 'alternateTwigs', berryColour: { black: OFTEN, red: OFTEN, green: SOMETIMES } }),
  cautions: [['notForEating', 'Fresh bark and berries cause violent vomiting and purging.']],
});
