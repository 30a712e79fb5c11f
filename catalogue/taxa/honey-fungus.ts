import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, everything, MOSTLY, NEVER, NOW_AND_THEN, OFTEN, plant, shows, SOMETIMES } from '../src/write.ts';

export const honeyFungus = plant({
  key: 'honey-fungus',
  name: 'Honey fungus',
  scientific: 'Armillaria mellea (Vahl) P. Kumm.',
  family: 'Physalacriaceae',
  regions: found(EVERYWHERE),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', seasonStart: '05-01',
  about: 'Honey-coloured tufts on stumps and living trees in autumn; it kills whole plantings. Young caps, boiled first.',
  stages: [autumn('fruiting', 'fruiting', 6, 268, 16), autumn('old', 'old caps', 8, 300, 14), autumn('over', 'over', 9, 325, 12)],
  parts: [{ key: 'fruitBody', name: 'young caps', unit: 'cap', perPlant: [25, 8, 80], massG: [12, 5, 25], method: 'Every cap singly: a white print, a woolly ring. Cut caps only.', effect: 'Lives on in the wood.', use: 'boiled, water thrown away, then fried', eating: 'cooked' }],
  windows: [{ part: 'fruitBody', use: 'cooked', from: 'fruiting', to: 'old', clearFrom: NEVER }],
  ceilings: [everything],
  signs: [['stipe', 'glance', 'A thick woolly ring; feet grown together.'], ['sporePrint', 'overnight', 'White.'], ['cap', 'loupe', 'Fine dark scales in the middle.']],
  shows: shows({ growth: 'cap', capColour: { yellowCap: OFTEN, brownCap: OFTEN }, cap: { domed: MOSTLY, flat: OFTEN }, capSize: { palm: MOSTLY, coin: SOMETIMES }, underCap: { runningGills: OFTEN, freeGills: OFTEN }, gillColour: { white: MOSTLY, brown: SOMETIMES, pink: NOW_AND_THEN }, stipe: { ring: MOSTLY, bareStem: NOW_AND_THEN }, sporePrint: 'whitePrint', flesh: 'unchanged', smell: { none: MOSTLY, rank: NOW_AND_THEN }, host: { deadBroadleaf: MOSTLY, deadConifer: SOMETIMES, broadleafSoil: SOMETIMES }, foot: { tufted: MOSTLY }, inside: { full: OFTEN, loose: SOMETIMES } }),
  lookAlikes: [['Funeral bell', 'Galerina marginata', 'deadly', 'Rust-brown print, a thin fleeting ring, silky stem below it. Grows in the same tuft.', { pieceByPiece: true }], ['Sulphur tuft', 'Hypholoma fasciculare', 'poisonous', 'Greenish gills, dark print, no woolly ring.', { pieceByPiece: true }], ['Jack-o’-lantern', 'Omphalotus olearius', 'poisonous', 'Orange all through, gills far down the stem, no ring.', { pieceByPiece: true }]],
  cautions: [['lookAlike', 'The deadly funeral bell grows in its tufts: a print of every tuft, each cap turned over.'], ['cooking', 'Raw or half cooked it makes ill; some people cannot bear it at all.'], ['people', 'Anything odd after a mushroom meal, even a day later: call the poison line and keep a piece of everything.']],
  keeping: 'Boiled, then frozen.',
});
