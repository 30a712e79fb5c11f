import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const goosefoot = plant({
  key: 'goosefoot',
  name: 'Fat hen',
  scientific: 'Chenopodium album L.',
  family: 'Amaranthaceae',
  regions: found(EVERYWHERE),
  habit: 'herb', lifeCycle: 'annual',
  about: 'The mealy goosefoot of potato fields and dung heaps: greens all summer, then seed.',
  stages: [spring('seedlings', 'seedlings', 1, 112, 14), spring('tops', 'a hand high', 3, 140, 14), spring('flowering', 'green clusters', 6, 190, 16), autumn('seed', 'seed black', 8, 250, 16), autumn('dying', 'dead', 9, 298, 14)],
  parts: [{ key: 'tip', name: 'tops', unit: 'tip', perPlant: [3, 1, 8], massG: [6, 3, 12], method: 'Pinch the tender top; it branches below.', effect: 'Bushes out and gives twice more.', use: 'cooked like spinach', eating: 'cooked' }, { key: 'seed', name: 'seed', unit: 'gram', perPlant: [15, 3, 50], massG: null, method: 'Rub dry heads over a cloth, winnow.', effect: 'It sows itself all the same.', use: 'washed long, then boiled or ground', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'tip', use: 'cooked', from: 'tops', to: 'flowering+10', clearFrom: 'tops' }, { part: 'seed', use: 'flour', from: 'seed', to: 'dying+10' }],
  ceilings: [others(0.3)],
  signs: [['leaf', 'glance', 'Like a goose’s foot, with white meal on the youngest that rubs off; water runs off in pearls.'], ['stem', 'glance', 'Ribbed, striped green and red, red in the joints.']],
  shows: shows({ growth: { leafyStem: MOSTLY, fromGround: RARELY }, leafShape: { oval: OFTEN, lance: OFTEN, arrow: NOW_AND_THEN }, leafEdge: { coarseTeeth: OFTEN, lobed: OFTEN, smooth: SOMETIMES }, leafBase: { wedge: MOSTLY }, leafSet: { alternate: MOSTLY, opposite: RARELY }, leafVeins: 'net', leafUnder: { whiteFelt: OFTEN, dull: OFTEN }, hairs: { bare: MOSTLY, felt: NOW_AND_THEN }, stemSection: { ribbed: MOSTLY, solid: SOMETIMES }, stemSkin: { plain: MOSTLY, blotched: NOW_AND_THEN }, sap: { clear: MOSTLY }, smell: 'none', flowerForm: { star5: SOMETIMES }, flowerSet: { plume: OFTEN, spike: OFTEN, ball: NOW_AND_THEN }, flowerColour: 'green', fruit: 'nut', root: { taproot: MOSTLY, fibres: NOW_AND_THEN }, deadStalk: { plumeLeft: OFTEN, tallSpike: OFTEN, noStalk: SOMETIMES }, stalkSection: { grooved: OFTEN, round: OFTEN } }),
  lookAlikes: [['Black nightshade', 'Solanum nigrum', 'poisonous', 'As a seedling dark, soft-haired, never mealy; later white stars and black berries.', { apartFrom: 'flowering', pieceByPiece: true }]],
  cautions: [['people', 'Rich in oxalic acid, and on dunged soil in nitrate: cooked, not every day.'], ['ground', 'Roadsides, dog walks, sprayed fields and old tips: look where it grows before you pick.']],
  keeping: 'Tops blanched and frozen; seed dry.',
});
