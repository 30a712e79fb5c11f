import { EUROPE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NEVER, NOW_AND_THEN, others, plant, RARELY, share, shows, SOMETIMES } from '../src/write.ts';

export const giantPuffball = plant({
  key: 'giant-puffball',
  name: 'Giant puffball',
  scientific: 'Calvatia gigantea (Batsch) Lloyd',
  family: 'Agaricaceae',
  regions: found([...EUROPE, 'easternAmerica', 'prairie']),
  habit: 'fungus', lifeCycle: 'fungus', seasonStart: '05-01',
  about: 'White balls as large as heads in rich meadows and under nettles. Only while they are white as milk all through.',
  stages: [autumn('fruiting', 'fruiting', 6, 222, 22), autumn('old', 'yellow inside', 8, 262, 16), autumn('over', 'dust', 9, 295, 14)],
  parts: [{ key: 'fruitBody', name: 'balls', unit: 'cap', perPlant: [2, 1, 8], massG: [1500, 400, 4000], method: 'Larger than a fist only; cut each one from top to foot and look.', effect: 'Lives on in the soil; leave one to dust.', use: 'cooked', eating: 'cooked' }],
  windows: [{ part: 'fruitBody', use: 'cooked', from: 'fruiting', to: 'old', clearFrom: NEVER, size: 'larger than a fist, white all through' }],
  ceilings: [share(0.5), others(0.4)],
  signs: [['flesh', 'cut', 'White and even like cheese, with no outline of anything in it.'], ['cap', 'glance', 'Skin like kid leather, no stem.']],
  shows: shows({ growth: 'cap', capColour: { whiteCap: MOSTLY, yellowCap: NOW_AND_THEN }, cap: { ball: 1 }, capSize: { plate: MOSTLY, palm: NOW_AND_THEN }, underCap: 'noneBeneath', sporePrint: { rustPrint: SOMETIMES }, flesh: { unchanged: MOSTLY, yellows: NOW_AND_THEN }, smell: 'none', host: { grass: MOSTLY, broadleafSoil: SOMETIMES }, foot: { plain: MOSTLY }, inside: { full: MOSTLY, loose: RARELY } }),
  lookAlikes: [['Common earthball', 'Scleroderma citrinum', 'poisonous', 'Hard, scaly skin; inside purple-black with white veins.', { pieceByPiece: true }], ['Destroying angel', 'Amanita virosa', 'deadly', 'As an egg: the outline of cap and stem shows when it is cut from top to foot.', { pieceByPiece: true }], ['Death cap', 'Amanita phalloides', 'deadly', 'As an egg: the outline of cap and stem shows when it is cut from top to foot.', { pieceByPiece: true }]],
  cautions: [['lookAlike', 'A small white ball may be the egg of what kills: nothing below the size of a fist, and each one cut through.'], ['cooking', 'Cooked through, a little the first time, one kind at a time.'], ['people', 'Anything odd after a mushroom meal, even a day later: call the poison line and keep a piece of everything.']],
  keeping: 'The same day.',
});
