import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const bittercress = plant({
  key: 'bittercress',
  name: 'Hairy bittercress',
  scientific: 'Cardamine hirsuta L.',
  family: 'Brassicaceae',
  regions: found(EVERYWHERE),
  habit: 'herb', lifeCycle: 'annual', seasonStart: '08-01',
  about: 'A cress of pots, paths and vineyards that is green all winter.',
  stages: [autumn('rosettes', 'rosettes', 2, 280, 20), spring('flowering', 'white flowers', 6, 63, 16), spring('seed', 'pods spring', 8, 105, 14), spring('dying', 'dead', 9, 130, 14)],
  parts: [{ key: 'rosette', name: 'rosettes', unit: 'head', perPlant: [1, 1, 1], massG: [3, 1, 6], method: 'Cut the rosette above the root with scissors.', effect: 'The seed in the ground makes next year’s.', use: 'raw, like cress', eating: 'raw', kills: true, costsSeed: true }],
  windows: [{ part: 'rosette', use: 'raw', from: 'rosettes+20', to: 'flowering+14' }],
  ceilings: [others(0.4)],
  signs: [['leaf', 'glance', 'Pairs of round leaflets, the end one the largest, flat on the ground.'], ['fruit', 'glance', 'Thin pods that overtop the flowers and spring when touched.']],
  shows: shows({ growth: { rosette: MOSTLY, leafyStem: SOMETIMES }, leafShape: { feather: MOSTLY }, leafEdge: { lobed: OFTEN, smooth: OFTEN }, leafBase: { wedge: MOSTLY }, leafSet: { basal: MOSTLY, alternate: SOMETIMES }, leafVeins: 'net', hairs: { soft: OFTEN, bare: OFTEN }, stemSection: { solid: OFTEN, ribbed: SOMETIMES }, stemSkin: { plain: MOSTLY, hairy: NOW_AND_THEN }, sap: { clear: MOSTLY }, smell: { none: MOSTLY, rank: NOW_AND_THEN }, flowerForm: 'cross4', flowerSet: { flatHead: OFTEN, spike: OFTEN }, flowerColour: 'white', fruit: 'pod', root: { fibres: OFTEN, taproot: OFTEN }, deadStalk: { podsLeft: OFTEN, noStalk: OFTEN }, stalkSection: { grooved: OFTEN, round: OFTEN } }),
  lookAlikes: [['Ragwort', 'Jacobaea vulgaris', 'poisonous', 'Ragged thick leaves, no cress in the smell; never round leaflets in pairs.', { apartFrom: 'flowering', pieceByPiece: true }]],
  cautions: [['ground', 'Roadsides, dog walks, sprayed fields and old tips: look where it grows before you pick.']],
  keeping: 'The same day.',
});
