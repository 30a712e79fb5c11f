import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, flush, MOSTLY, NEVER, NOW_AND_THEN, OFTEN, others, plant, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const fieldMushroom = plant({
  key: 'field-mushroom', name: 'Field mushroom',
  scientific: 'Agaricus campestris L.',
  family: 'Agaricaceae',
  regions: found(EVERYWHERE),
  habit: 'fungus', lifeCycle: 'fungus', seasonStart: '04-01',
  about: 'Pink gills on old pasture after summer rain, chocolate in two days.',
  stages: [flush('first', 'first', 5, { day: 185, spread: 20, start: '06-10', rainMm: [25, 15, 40], daysAfter: [9, 5, 14] }), autumn('fruiting', 'fruiting', 6, 240, 20), autumn('late', 'last', 8, 290, 14), autumn('over', 'over', 9, 310, 12)],
  parts: [{ key: 'fruitBody', name: 'caps', unit: 'cap', perPlant: [8, 3, 30], massG: [30, 12, 70], method: 'Dig out the first of every place with its foot and look for a bag; cut its base and watch the colour.', effect: 'Lives on in the turf.', use: 'cooked', eating: 'cooked' }],
  windows: [{ part: 'fruitBody', use: 'cooked', from: 'first', to: 'late', clearFrom: NEVER }],
  ceilings: [others(0.4)],
  signs: [['gills', 'glance', 'Pink, then chocolate; never white.'], ['sporePrint', 'overnight', 'Dark brown.'], ['flesh', 'cut', 'The foot does not turn yellow.'], ['stipe', 'cut', 'No bag at the foot.']],
  shows: [
    ...shows({ growth: 'cap', capColour: { whiteCap: MOSTLY, brownCap: NOW_AND_THEN, greyCap: NOW_AND_THEN }, cap: { domed: MOSTLY, flat: OFTEN }, capSize: { palm: 1, coin: SOMETIMES }, underCap: 'freeGills', stipe: { ring: MOSTLY, bareStem: SOMETIMES }, sporePrint: 'darkPrint', flesh: { unchanged: OFTEN, reddens: OFTEN }, smell: 'none', host: 'grass', foot: { plain: MOSTLY, bulb: RARELY }, inside: 'full' }),
    ...shows({ gillColour: { pink: MOSTLY, brown: SOMETIMES } }, 'flower'),
    ...shows({ gillColour: { dark: OFTEN, brown: OFTEN, pink: RARELY } }, 'fruit'),
  ],
  lookAlikes: [['Death cap', 'Amanita phalloides', 'deadly', 'White gills for good; a bag at the foot; white print.', { pieceByPiece: true }], ['Yellow stainer', 'Agaricus xanthodermus', 'harmful', 'Foot turns bright yellow when cut; smells of ink.'], ['Destroying angel', 'Amanita virosa', 'deadly', 'Gills white for good; a bag in the moss about the foot; white print. Only opened caps with pink gills, no buttons.', { pieceByPiece: true }], ['Livid pinkgill', 'Entoloma sinuatum', 'poisonous', 'Gills yellowish, then salmon, and never chocolate; no ring; smells of meal.']],
  cautions: [['lookAlike', 'Death caps stand at wood edges and under single oaks in pasture. White gills or a bag: nothing from that place.'], ['ground', 'Pastures are treated: ask.'], ['slowPoison', 'Gathers cadmium and mercury: eaten seldom, and not from beside roads or works.'], ['people', 'Anything odd after a mushroom meal, even a day later: call the poison line and keep a piece of everything.']],
});
