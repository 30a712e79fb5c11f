import { EVERYWHERE, found } from '../src/regions.ts';
import { ALWAYS, MOSTLY, NEVER, NOW_AND_THEN, others, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const morel = plant({
  key: 'morel', name: 'Morel',
  scientific: 'Morchella esculenta (L.) Pers.',
  family: 'Morchellaceae',
  regions: found(EVERYWHERE),
  habit: 'fungus', grows: 'atEdges', lifeCycle: 'fungus',
  about: 'A honeycomb in April under ash and elm, along streams.',
  stages: [spring('first', 'first', 5, 98, 10), spring('fruiting', 'fruiting', 6, 110, 10), spring('old', 'old', 8, 132, 10), spring('over', 'over', 9, 142, 10)],
  parts: [{ key: 'fruitBody', name: 'fruit bodies', unit: 'cap', perPlant: [5, 1, 15], massG: [18, 6, 45], method: 'Cut lengthwise on the spot: one clean hollow from tip to foot.', effect: 'Lives on in the soil.', use: 'well cooked; never raw', eating: 'cooked' }],
  windows: [{ part: 'fruitBody', use: 'cooked', from: 'first', to: 'old', best: 0.5, clearFrom: NEVER }],
  ceilings: [others(0.4)],
  signs: [['cap', 'glance', 'Pits like a honeycomb, one with the stem.'], ['flesh', 'cut', 'One clean hollow.']],
  shows: shows({ growth: 'cap', capColour: { brownCap: MOSTLY, greyCap: SOMETIMES, yellowCap: SOMETIMES }, cap: { honeycomb: MOSTLY, brain: RARELY }, underCap: 'noneBeneath', stipe: 'bareStem', sporePrint: 'whitePrint', flesh: 'unchanged', smell: 'none', host: { broadleafSoil: MOSTLY, grass: SOMETIMES, coniferSoil: SOMETIMES }, inside: { oneHollow: 1 }, foot: { plain: MOSTLY, bulb: NOW_AND_THEN }, capSize: { palm: MOSTLY, coin: NOW_AND_THEN } }),
  lookAlikes: [['False morel', 'Gyromitra esculenta', 'deadly', 'A folded brain with cottony chambers inside.', { pieceByPiece: true }], ['Wrinkled thimble', 'Verpa bohemica', 'harmful', 'The cap hangs loose from the top like a thimble; the stem is stuffed with cotton.', { apartFrom: ALWAYS }]],
  cautions: [['lookAlike', 'False morels kill: pits and one clean hollow in every single one.'], ['cooking', 'Raw and underdone they make ill, and with alcohol some people.'], ['law', 'Many countries limit how much may be gathered in a day, or where: ask first.'], ['people', 'Anything odd after a mushroom meal, even a day later: call the poison line and keep a piece of everything.']],
});
