import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const redOak = plant({
  key: 'red-oak',
  name: 'Northern red oak',
  scientific: 'Quercus rubra L.',
  family: 'Fagaceae',
  regions: { ...found(['easternAmerica', 'prairie']), ...found(['atlanticEurope', 'continentalEurope'], 'invasive') },
  habit: 'tree', lifeCycle: 'woody',
  about: 'Bristle-pointed lobes; large acorns of the second year, bitter and oily, that keep all winter.',
  stages: [spring('leaves', 'leaves', 1, 130, 12), spring('flowering', 'catkins', 6, 142, 12), autumn('ripe', 'nuts fall', 8, 275, 14), autumn('bare', 'bare', 9, 308, 14)],
  parts: [{ key: 'fruit', name: 'nuts', unit: 'nut', perPlant: [1500, 100, 8000], massG: [5, 3, 9], method: 'Gather what has fallen, early in the day.', effect: 'Animals and seedlings need the rest.', use: 'raw never: shelled, ground, leached until no longer bitter', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'fruit', use: 'shelled', from: 'ripe', to: 'ripe+30' }],
  ceilings: [others(0.5)],
  signs: [['leaf', 'glance', 'Lobes end in a bristle.'], ['fruit', 'glance', 'A fat acorn in a flat beret.']],
  shows: shows({ growth: 'tree', leafShape: { oval: OFTEN, feather: OFTEN }, leafBase: { wedge: MOSTLY }, leafSet: { alternate: 1 }, smell: 'none', leafEdge: { lobed: MOSTLY, spiny: SOMETIMES }, hairs: 'bare', leafUnder: { dull: OFTEN, glossy: NOW_AND_THEN }, leafVeins: 'net', sap: { clear: MOSTLY }, flowerSet: { catkin: MOSTLY }, flowerColour: { green: MOSTLY, yellow: NOW_AND_THEN }, fruit: 'nut', branching: 'alternateTwigs', bark: { furrowed: OFTEN, smoothBark: OFTEN }, bud: { scaled: MOSTLY } }),
  lookAlikes: [],
  cautions: [['cooking', 'Tannin harms gut and kidneys: leach until the water stays clear and nothing puckers.'], ['people', 'Nut allergy.']],
  keeping: 'In the shell, dry, over the winter.',
});
