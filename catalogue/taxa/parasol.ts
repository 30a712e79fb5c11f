import { EUROPE, found } from '../src/regions.ts';
import { ALWAYS, autumn, MOSTLY, NEVER, NOW_AND_THEN, OFTEN, others, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const parasol = plant({
  key: 'parasol', name: 'Parasol',
  scientific: 'Macrolepiota procera (Scop.) Singer',
  family: 'Agaricaceae',
  regions: found([...EUROPE, 'easternAmerica']),
  habit: 'fungus', grows: 'atEdges', lifeCycle: 'fungus', seasonStart: '04-01',
  about: 'A hand wide and more, on a tall stem with a snakeskin and a ring that slides.',
  stages: [spring('first', 'drumsticks', 5, 205, 18), autumn('fruiting', 'fruiting', 6, 245, 18), autumn('late', 'last', 8, 290, 14), autumn('over', 'over', 9, 312, 12)],
  parts: [{ key: 'fruitBody', name: 'caps', unit: 'cap', perPlant: [4, 1, 12], massG: [60, 25, 120], method: 'Only caps wider than a hand, the ring slid and the stem looked at.', effect: 'Lives on in the soil.', use: 'cooked', eating: 'cooked' }],
  windows: [{ part: 'fruitBody', use: 'cooked', from: 'first+4', to: 'late', clearFrom: NEVER }],
  ceilings: [others(0.4)],
  signs: [['stipe', 'glance', 'Brown snakeskin; a double ring that slides.'], ['cap', 'glance', 'Wider than a hand: small kin are deadly.'], ['flesh', 'cut', 'Does not turn red.']],
  shows: shows({ growth: 'cap', capColour: { brownCap: OFTEN, whiteCap: OFTEN, greyCap: SOMETIMES }, cap: { domed: OFTEN, bellCap: SOMETIMES, flat: OFTEN }, underCap: 'freeGills', stipe: { slidingRing: MOSTLY, ring: NOW_AND_THEN }, capSize: { plate: MOSTLY, palm: OFTEN }, sporePrint: 'whitePrint', flesh: 'unchanged', smell: 'none', host: { grass: OFTEN, broadleafSoil: OFTEN, coniferSoil: SOMETIMES }, gillColour: { white: MOSTLY, brown: RARELY }, foot: { bulb: MOSTLY, plain: NOW_AND_THEN } }),
  lookAlikes: [['Deadly dapperling', 'Lepiota brunneoincarnata', 'deadly', 'Small as a coin to a palm, no sliding ring.', { pieceByPiece: true }], ['Death cap', 'Amanita phalloides', 'deadly', 'A bag at the foot, no snakeskin, no sliding ring.', { pieceByPiece: true }], ['Brown parasol', 'Chlorophyllum brunneum', 'harmful', 'Stem plain without snakeskin, a rimmed bulb; cut flesh goes orange and red-brown.', { apartFrom: ALWAYS }]],
  cautions: [['lookAlike', 'Small dapperlings kill: nothing below the width of a hand, and the ring slides.'], ['cooking', 'Cooked; the stem is wood.'], ['people', 'Anything odd after a mushroom meal, even a day later: call the poison line and keep a piece of everything.']],
});
