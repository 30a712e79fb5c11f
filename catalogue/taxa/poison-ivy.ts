import { AMERICA, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const poisonIvy = plant({
  key: 'poison-ivy',
  name: 'Poison ivy',
  scientific: 'Toxicodendron radicans (L.) Kuntze',
  family: 'Anacardiaceae',
  regions: found([...AMERICA]),
  habit: 'climber', severity: 'harmful', lifeCycle: 'woody',
  about: 'Leaves of three on the ground, up trees and over walls. Its oil stays on boots and tools for years.',
  stages: [spring('leaves', 'leaves', 1, 120, 12), spring('flowering', 'in flower', 6, 160, 12), autumn('ripe', 'ripe', 8, 245, 16), autumn('bare', 'bare', 9, 300, 14)],
  signs: [['leaf', 'glance', 'Three leaflets, the middle one on a longer stalk; alternate.'], ['stem', 'glance', 'Old vines hairy like a rope.']],
  shows: shows({ growth: { climber: OFTEN, creeping: OFTEN, bush: SOMETIMES }, leafShape: 'threeLeaflets', leafEdge: { smooth: OFTEN, coarseTeeth: OFTEN, lobed: SOMETIMES }, leafBase: { wedge: MOSTLY }, leafSet: { alternate: 1 }, leafVeins: 'net', hairs: { bare: OFTEN, soft: OFTEN }, leafUnder: { dull: OFTEN, glossy: OFTEN }, stemSkin: { hairy: OFTEN, plain: OFTEN }, sap: { milk: SOMETIMES, clear: OFTEN }, smell: 'none', flowerSet: { plume: OFTEN }, flowerColour: { green: OFTEN, white: SOMETIMES }, fruit: { stoneFruit: OFTEN, berry: OFTEN }, berryColour: { green: SOMETIMES }, bark: { furrowed: NOW_AND_THEN, smoothBark: OFTEN }, branching: 'alternateTwigs', stalkSection: { round: OFTEN } }),
  cautions: [['skin', 'Its oil blisters skin for weeks, in winter too: wash at once, clothes as well. Never burn it.']],
});
