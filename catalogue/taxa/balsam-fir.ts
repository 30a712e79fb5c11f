import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, pruning, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const balsamFir = plant({
  key: 'balsam-fir',
  name: 'Balsam fir',
  scientific: 'Abies balsamea (L.) Mill.',
  family: 'Pinaceae',
  regions: found(['easternAmerica', 'prairie']),
  habit: 'conifer', lifeCycle: 'woody',
  about: 'Cold woods of the north; resin blisters in smooth bark, tips like citrus.',
  stages: [spring('tips', 'soft new tips', 1, 142, 12), spring('hardened', 'tips hard', 3, 168, 12), autumn('cones', 'cones', 8, 270, 16), autumn('rest', 'at rest', 9, 320, 16)],
  parts: [{ key: 'tip', name: 'tips', unit: 'tip', perPlant: [800, 100, 5000], massG: [0.8, 0.3, 1.5], method: 'From side branches, never the leader, a few of each branch.', effect: 'The branch loses a year of growth there.', use: 'for a drink or syrup', eating: 'cooked', minAgeYears: 10 }],
  windows: [{ part: 'tip', use: 'drink', from: 'tips', to: 'hardened', clearFrom: 'tips' }],
  ceilings: [pruning(0.05), { parts: null, rule: { kind: 'age', minYears: 10 } }],
  signs: [['bark', 'glance', 'Blisters that spurt resin.'], ['leaf', 'glance', 'Flat, blunt, leaving round scars.']],
  shows: shows({ growth: { tree: MOSTLY, bush: RARELY }, needles: { suckers: MOSTLY, twoRows: SOMETIMES }, leafUnder: { paleBands: MOSTLY }, bark: { smoothBark: MOSTLY }, bud: { sticky: OFTEN, scaled: OFTEN }, cone: { upright: MOSTLY }, branching: { tiers: OFTEN, oppositeTwigs: OFTEN }, leafSet: { alternate: 1 }, smell: { resin: MOSTLY, none: NOW_AND_THEN } }),
  lookAlikes: [['Canada yew', 'Taxus canadensis', 'deadly', 'A low sprawling bush, needles green on both sides with a point, no resin smell; red cups.', { pieceByPiece: true }]],
  cautions: [['lookAlike', 'Yew kills by a handful: cones and resin on the very tree, every twig by its needles.'], ['people', 'Resin can cause a skin allergy.']],
  keeping: 'Fresh; syrup in jars.',
});
