import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, shows, spring } from '../src/write.ts';

export const persimmon = plant({
  key: 'persimmon',
  name: 'American persimmon',
  scientific: 'Diospyros virginiana L.',
  family: 'Ebenaceae',
  regions: found(['easternAmerica', 'prairie']),
  habit: 'tree', lifeCycle: 'woody',
  about: 'Orange fruit that puckers until it is soft as jam; trees are male or female.',
  stages: [spring('leaves', 'leaves', 1, 128, 12), spring('flowering', 'in flower', 6, 160, 12), autumn('ripe', 'ripe', 8, 285, 16), autumn('bare', 'bare', 9, 308, 14)],
  parts: [{ key: 'fruit', name: 'fruit', unit: 'fruit', perPlant: [200, 40, 900], massG: [18, 8, 35], method: 'Pick ripe ones by hand, a branch here and there; birds need the rest.', effect: 'Seed goes with it; the plant lives on.', use: 'soft ones raw, or as pulp', eating: 'raw', costsSeed: true }],
  windows: [{ part: 'fruit', use: 'ripe', from: 'ripe', to: 'ripe+25' }],
  ceilings: [others(0.4)],
  signs: [['bark', 'glance', 'Black, broken into small blocks like an alligator.'], ['fruit', 'glance', 'Orange, with a stiff four-lobed collar.']],
  shows: shows({ growth: 'tree', leafShape: { oval: MOSTLY, lance: NOW_AND_THEN }, leafVeins: 'net', leafSet: { alternate: 1 }, leafBase: { wedge: MOSTLY }, leafEdge: 'smooth', hairs: { bare: MOSTLY, soft: NOW_AND_THEN }, leafUnder: { dull: OFTEN, glossy: NOW_AND_THEN }, smell: 'none', flowerForm: 'bell', flowerSet: 'single', flowerColour: { yellow: OFTEN, white: OFTEN }, fruit: { berry: MOSTLY }, berryColour: { orange: MOSTLY }, bark: { furrowed: MOSTLY }, bud: { scaled: MOSTLY }, branching: 'alternateTwigs', sap: { clear: MOSTLY } }),
  lookAlikes: [],
  cautions: [['people', 'Unripe ones in numbers can clot in the stomach: only soft ones, not many at once.']],
  keeping: 'Pulp frozen or dried.',
});
