import { found } from '../src/regions.ts';
import { ALWAYS, autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const huckleberry = plant({
  key: 'huckleberry',
  name: 'Black huckleberry',
  scientific: 'Gaylussacia baccata (Wangenh.) K. Koch',
  family: 'Ericaceae',
  regions: found(['easternAmerica']),
  habit: 'shrub', lifeCycle: 'woody',
  about: 'Knee-high on dry acid ground, with black berries of ten hard seeds and gold dots under the leaf.',
  stages: [spring('leaves', 'leaves', 1, 128, 12), spring('flowering', 'in flower', 6, 145, 12), spring('ripe', 'ripe', 8, 208, 16), autumn('bare', 'bare', 9, 308, 14)],
  parts: [{ key: 'fruit', name: 'fruit', unit: 'gram', perPlant: [80, 20, 300], massG: null, method: 'Pick ripe ones by hand, a branch here and there; birds need the rest.', effect: 'Seed goes with it; the plant lives on.', use: 'raw', eating: 'raw', costsSeed: true }],
  windows: [{ part: 'fruit', use: 'ripe', from: 'ripe', to: 'ripe+25' }],
  ceilings: [others(0.4)],
  signs: [['leaf', 'loupe', 'Golden resin dots beneath.'], ['fruit', 'cut', 'Ten seeds that crunch, a crown at the end.']],
  shows: shows({ growth: 'bush', leafShape: { oval: MOSTLY, lance: NOW_AND_THEN }, leafVeins: 'net', leafSet: { alternate: 1 }, leafBase: { wedge: MOSTLY }, leafEdge: 'smooth', hairs: { bare: OFTEN, soft: SOMETIMES }, leafUnder: { dull: OFTEN, glossy: SOMETIMES }, smell: 'none', flowerForm: 'bell', flowerSet: { spike: OFTEN, oneSided: OFTEN }, flowerColour: { pink: OFTEN, brown: NOW_AND_THEN }, fruit: 'berry', berryColour: { black: MOSTLY, blueBloom: SOMETIMES }, bark: { smoothBark: MOSTLY }, bud: { scaled: MOSTLY }, branching: 'alternateTwigs', stemSkin: { plain: MOSTLY }, sap: { clear: MOSTLY } }),
  lookAlikes: [['Red baneberry', 'Actaea rubra', 'poisonous', 'A herb with compound leaves; glossy red or white berries on a spike, no crown.', { apartFrom: ALWAYS }]],
  cautions: [['ground', 'Bears eat them too: make noise.']],
  keeping: 'Dried or frozen.',
});
