import { found } from '../src/regions.ts';
import { autumn, MOSTLY, OFTEN, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const poisonSumac = plant({
  key: 'poison-sumac',
  name: 'Poison sumac',
  scientific: 'Toxicodendron vernix (L.) Kuntze',
  family: 'Anacardiaceae',
  regions: found(['easternAmerica']),
  habit: 'shrub', severity: 'harmful', lifeCycle: 'woody',
  about: 'A tall shrub of eastern swamps. Every part blisters the skin, smoke of it the lungs.',
  stages: [spring('leaves', 'leaves', 1, 120, 12), spring('flowering', 'in flower', 6, 160, 12), autumn('ripe', 'ripe', 8, 245, 16), autumn('bare', 'bare', 9, 300, 14)],
  signs: [['leaf', 'glance', 'Seven to thirteen leaflets without teeth, on a red stalk.'], ['fruit', 'glance', 'White, hanging loose.']],
  shows: shows({ growth: { bush: MOSTLY, tree: SOMETIMES }, leafShape: 'feather', leafEdge: { smooth: MOSTLY }, leafBase: { wedge: MOSTLY }, leafSet: { alternate: 1 }, leafVeins: 'net', hairs: 'bare', leafUnder: { dull: OFTEN, glossy: SOMETIMES }, stemSkin: { plain: MOSTLY }, sap: { milk: OFTEN, clear: SOMETIMES }, smell: 'none', flowerSet: { plume: MOSTLY }, flowerColour: { green: OFTEN, yellow: OFTEN }, fruit: { stoneFruit: OFTEN, berry: OFTEN }, berryColour: { green: SOMETIMES }, bark: { smoothBark: MOSTLY }, bud: { scaled: OFTEN }, branching: 'alternateTwigs' }),
  cautions: [['skin', 'Its oil blisters skin for weeks, in winter too: wash at once, clothes as well. Never burn it.']],
});
