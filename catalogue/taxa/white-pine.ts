import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, pruning, RARELY, shows, spring } from '../src/write.ts';

export const whitePine = plant({
  key: 'white-pine',
  name: 'Eastern white pine',
  scientific: 'Pinus strobus L.',
  family: 'Pinaceae',
  regions: found(['easternAmerica', 'prairie', 'continentalEurope']),
  habit: 'conifer', lifeCycle: 'woody',
  about: 'Five soft needles to a bundle, on the tallest trees of the east.',
  stages: [spring('tips', 'soft new tips', 1, 142, 12), spring('hardened', 'tips hard', 3, 168, 12), autumn('cones', 'cones', 8, 270, 16), autumn('rest', 'at rest', 9, 320, 16)],
  parts: [{ key: 'leaf', name: 'needles', unit: 'gram', perPlant: [400, 100, 1500], massG: null, method: 'From side branches, never the leader, a few of each branch.', effect: 'The branch loses a year of growth there.', use: 'for a drink or syrup', eating: 'cooked', minAgeYears: 10 }],
  windows: [{ part: 'leaf', use: 'drink', from: 'tips', to: 'hardened', clearFrom: 'tips' }],
  ceilings: [pruning(0.05), { parts: null, rule: { kind: 'age', minYears: 10 } }],
  signs: [['leaf', 'glance', 'Five in a bundle, thin and soft.'], ['fruit', 'glance', 'Long hanging cones with white resin.']],
  shows: shows({ growth: { tree: MOSTLY, bush: RARELY }, needles: { tufts: OFTEN, pairs: NOW_AND_THEN }, leafUnder: { paleBands: OFTEN, dull: OFTEN }, bark: { furrowed: OFTEN, smoothBark: OFTEN }, bud: { sticky: OFTEN, scaled: OFTEN }, cone: { hanging: MOSTLY }, branching: { tiers: MOSTLY }, leafSet: { whorl: OFTEN, alternate: OFTEN }, smell: { resin: MOSTLY, none: NOW_AND_THEN } }),
  lookAlikes: [['Canada yew', 'Taxus canadensis', 'deadly', 'A low sprawling bush, needles green on both sides with a point, no resin smell; red cups.', { pieceByPiece: true }]],
  cautions: [['lookAlike', 'Yew kills by a handful: cones and resin on the very tree, every twig by its needles.'], ['people', 'Some western pines harm a pregnancy: none in pregnancy.']],
  keeping: 'Fresh; syrup in jars.',
});
