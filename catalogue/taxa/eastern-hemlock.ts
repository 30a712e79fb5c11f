import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, plant, pruning, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const easternHemlock = plant({
  key: 'eastern-hemlock',
  name: 'Eastern hemlock tree',
  scientific: 'Tsuga canadensis (L.) Carrière',
  family: 'Pinaceae',
  regions: found(['easternAmerica'], 'slow'),
  habit: 'conifer', lifeCycle: 'woody', status: 'slow',
  about: 'A shade tree of the eastern hills that an insect is killing; nothing to do with the deadly herb. Tips in late spring, from sound trees only.',
  stages: [spring('tips', 'soft new tips', 1, 142, 12), spring('hardened', 'tips hard', 3, 168, 12), autumn('cones', 'cones', 8, 270, 16), autumn('rest', 'at rest', 9, 320, 16)],
  parts: [{ key: 'tip', name: 'tips', unit: 'tip', perPlant: [800, 100, 5000], massG: [0.8, 0.3, 1.5], method: 'From side branches, never the leader, a few of each branch.', effect: 'The branch loses a year of growth there.', use: 'for a drink or syrup', eating: 'cooked', minAgeYears: 10 }],
  windows: [{ part: 'tip', use: 'drink', from: 'tips', to: 'hardened', clearFrom: 'tips' }],
  ceilings: [pruning(0.05), { parts: null, rule: { kind: 'age', minYears: 10 } }],
  signs: [['leaf', 'glance', 'Short, flat, on tiny stalks, two white lines beneath.'], ['fruit', 'glance', 'Cones as long as a fingernail.']],
  shows: shows({ growth: { tree: MOSTLY, bush: RARELY }, needles: { twoRows: MOSTLY, pegs: SOMETIMES }, leafUnder: { paleBands: MOSTLY }, bark: { furrowed: MOSTLY }, bud: { scaled: MOSTLY }, cone: { hanging: MOSTLY }, branching: { alternateTwigs: MOSTLY }, leafSet: { alternate: 1 }, smell: { resin: MOSTLY, none: NOW_AND_THEN } }),
  lookAlikes: [['Canada yew', 'Taxus canadensis', 'deadly', 'A low sprawling bush, needles green on both sides with a point, no resin smell; red cups.', { pieceByPiece: true }]],
  cautions: [['lookAlike', 'Yew kills by a handful: cones and resin on the very tree, every twig by its needles.'], ['stand', 'White wool at the foot of the needles: a dying tree, carry nothing away.']],
  keeping: 'Fresh; syrup in jars.',
});
