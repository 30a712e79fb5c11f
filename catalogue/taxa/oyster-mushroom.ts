import { EVERYWHERE, found } from '../src/regions.ts';
import { ALWAYS, autumn, MOSTLY, NEVER, NOW_AND_THEN, OFTEN, others, plant, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const oysterMushroom = plant({
  key: 'oyster-mushroom', name: 'Oyster mushroom',
  scientific: 'Pleurotus ostreatus (Jacq.) P. Kumm.',
  family: 'Pleurotaceae',
  regions: found(EVERYWHERE),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', seasonStart: '07-01',
  about: 'Shelves on beech in the cold months.',
  stages: [autumn('firstCold', 'first cold', 5, 300, 14), autumn('fruiting', 'fruiting', 6, 315, 14), autumn('late', 'last shelves', 9, 74, 16)],
  parts: [{ key: 'fruitBody', name: 'shelves', unit: 'cap', perPlant: [15, 5, 50], massG: [30, 10, 80], method: 'Cut young shelves; leave the wood.', effect: 'Lives on in the wood.', use: 'cooked', eating: 'cooked' }],
  windows: [{ part: 'fruitBody', use: 'cooked', from: 'fruiting', to: 'late', clearFrom: NEVER }],
  ceilings: [others(0.4)],
  signs: [['gills', 'glance', 'White, running down a short stem at the side.'], ['sporePrint', 'overnight', 'Pale lilac to white.']],
  shows: shows({ growth: 'cap', capColour: { greyCap: OFTEN, brownCap: OFTEN, whiteCap: NOW_AND_THEN }, cap: { shelf: MOSTLY, funnel: NOW_AND_THEN }, underCap: 'runningGills', stipe: 'bareStem', sporePrint: 'whitePrint', flesh: 'unchanged', smell: { none: OFTEN, aniseed: RARELY }, host: { deadBroadleaf: 1, deadConifer: RARELY }, gillColour: { white: MOSTLY, brown: RARELY }, foot: { tufted: OFTEN, plain: SOMETIMES }, inside: 'full', capSize: { palm: MOSTLY, plate: NOW_AND_THEN, coin: RARELY } }),
  lookAlikes: [['Funeral bell', 'Galerina marginata', 'deadly', 'Small brown caps with a stem in the middle, rust print.', { pieceByPiece: true }], ['Jack-o’-lantern', 'Omphalotus olearius', 'poisonous', 'Orange throughout, with a stem in the middle.', { apartFrom: ALWAYS }], ['Angel wing', 'Pleurocybella porrigens', 'poisonous', 'Pure white, thin as cardboard, on rotten conifer wood.', { pieceByPiece: true }]],
  cautions: [['lookAlike', 'Other kinds share the log: every cap is looked at.'], ['cooking', 'Cooked only.'], ['people', 'Anything odd after a mushroom meal, even a day later: call the poison line and keep a piece of everything.']],
});
