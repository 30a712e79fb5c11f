import { found } from '../src/regions.ts';
import { ALWAYS, autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const salal = plant({
  key: 'salal',
  name: 'Salal',
  scientific: 'Gaultheria shallon Pursh',
  family: 'Ericaceae',
  regions: { ...found(['westernAmerica']), ...found(['atlanticEurope'], 'invasive') },
  habit: 'shrub', lifeCycle: 'woody',
  about: 'Leathery thickets under the conifers of the west coast; dark mealy berries by the string.',
  stages: [spring('leaves', 'leaves', 1, 128, 12), spring('flowering', 'in flower', 6, 158, 12), autumn('ripe', 'ripe', 8, 228, 16), autumn('bare', 'rest', 9, 308, 14)],
  parts: [{ key: 'fruit', name: 'fruit', unit: 'gram', perPlant: [200, 40, 800], massG: null, method: 'Pick ripe ones by hand, a branch here and there; birds need the rest.', effect: 'Seed goes with it; the plant lives on.', use: 'raw or dried in cakes', eating: 'raw', costsSeed: true }],
  windows: [{ part: 'fruit', use: 'ripe', from: 'ripe', to: 'ripe+25' }],
  ceilings: [others(0.4)],
  signs: [['leaf', 'glance', 'Thick, evergreen, finely toothed.'], ['fruit', 'glance', 'Hairy blue-black, on one side of a red string.']],
  shows: shows({ growth: 'bush', leafShape: { oval: MOSTLY, lance: NOW_AND_THEN }, leafVeins: 'net', leafSet: { alternate: 1 }, leafBase: { wedge: MOSTLY }, leafEdge: { fineTeeth: MOSTLY, smooth: NOW_AND_THEN }, hairs: { bare: OFTEN, soft: NOW_AND_THEN }, leafUnder: { glossy: OFTEN, dull: OFTEN }, smell: 'none', flowerForm: 'bell', flowerSet: { oneSided: MOSTLY, spike: SOMETIMES }, flowerColour: { pink: OFTEN, white: OFTEN }, fruit: 'berry', berryColour: { black: OFTEN, blueBloom: OFTEN }, bark: { smoothBark: MOSTLY }, bud: { scaled: MOSTLY }, branching: 'alternateTwigs', stemSkin: { plain: MOSTLY }, sap: { clear: MOSTLY } }),
  lookAlikes: [['Red baneberry', 'Actaea rubra', 'poisonous', 'A soft herb with compound leaves; shining red or white berries.', { apartFrom: ALWAYS }]],
  cautions: [['ground', 'Bears eat them too: make noise.']],
  keeping: 'Dried or frozen.',
});
