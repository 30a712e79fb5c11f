import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, shows, spring } from '../src/write.ts';

export const whiteOak = plant({
  key: 'white-oak',
  name: 'White oak',
  scientific: 'Quercus alba L.',
  family: 'Fagaceae',
  regions: found(['easternAmerica', 'prairie']),
  habit: 'tree', lifeCycle: 'woody',
  about: 'Round lobes; acorns ripe in one year that sprout the same autumn: gather fast, leach least.',
  stages: [spring('leaves', 'leaves', 1, 130, 12), spring('flowering', 'catkins', 6, 142, 12), autumn('ripe', 'nuts fall', 8, 268, 14), autumn('bare', 'bare', 9, 308, 14)],
  parts: [{ key: 'fruit', name: 'nuts', unit: 'nut', perPlant: [1500, 100, 8000], massG: [3.5, 2, 6], method: 'Gather what has fallen, early in the day.', effect: 'Animals and seedlings need the rest.', use: 'raw never: shelled, ground, leached until no longer bitter', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'fruit', use: 'shelled', from: 'ripe', to: 'ripe+30' }],
  ceilings: [others(0.5)],
  signs: [['leaf', 'glance', 'Lobes round, no bristle at their ends.'], ['fruit', 'glance', 'Warty shallow cup.']],
  shows: shows({ growth: 'tree', leafShape: { oval: OFTEN, feather: OFTEN }, leafBase: { wedge: MOSTLY }, leafSet: { alternate: 1 }, smell: 'none', leafEdge: { lobed: 1 }, hairs: 'bare', leafUnder: { dull: MOSTLY }, leafVeins: 'net', sap: { clear: MOSTLY }, flowerSet: { catkin: MOSTLY }, flowerColour: { green: MOSTLY, yellow: NOW_AND_THEN }, fruit: 'nut', branching: 'alternateTwigs', bark: { peeling: OFTEN, furrowed: OFTEN }, bud: { scaled: MOSTLY } }),
  lookAlikes: [],
  cautions: [['cooking', 'Tannin harms gut and kidneys: leach until the water stays clear and nothing puckers.'], ['people', 'Nut allergy.']],
  keeping: 'Dried fast, else they sprout.',
});
