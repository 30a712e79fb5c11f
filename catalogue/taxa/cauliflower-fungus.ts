import { EUROPE, found } from '../src/regions.ts';
import { ALWAYS, autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, share, shows, SOMETIMES } from '../src/write.ts';

export const cauliflowerFungus = plant({
  key: 'cauliflower-fungus',
  name: 'Cauliflower fungus',
  scientific: 'Sparassis crispa (Wulfen) Fr.',
  family: 'Sparassidaceae',
  regions: found([...EUROPE, 'easternAmerica', 'westernAmerica']),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', seasonStart: '05-01',
  about: 'A cream sponge of curled leaves at the foot of pines, coming back for years.',
  stages: [autumn('fruiting', 'fruiting', 6, 245, 20), autumn('old', 'brown rims', 8, 290, 14), autumn('over', 'over', 9, 315, 12)],
  parts: [{ key: 'fruitBody', name: 'fruit bodies', unit: 'gram', perPlant: [800, 200, 3000], massG: null, method: 'Cut two thirds while it is cream; leave the foot.', effect: 'Comes again next year.', use: 'cooked; washing takes long', eating: 'cooked' }],
  windows: [{ part: 'fruitBody', use: 'cooked', from: 'fruiting', to: 'old+8' }],
  ceilings: [share(0.6), others(0.3)],
  signs: [['cap', 'glance', 'Flat curled ribbons, not round twigs.'], ['wholePlant', 'glance', 'At the foot of a pine.']],
  shows: shows({ growth: 'cap', capColour: { yellowCap: OFTEN, whiteCap: OFTEN, brownCap: NOW_AND_THEN }, cap: { brain: OFTEN, coral: SOMETIMES, ball: NOW_AND_THEN }, capSize: { plate: MOSTLY, palm: SOMETIMES }, underCap: 'noneBeneath', sporePrint: 'whitePrint', flesh: 'unchanged', smell: { none: MOSTLY, resin: NOW_AND_THEN }, host: { deadConifer: OFTEN, coniferSoil: OFTEN }, foot: { tufted: OFTEN, plain: OFTEN }, inside: { full: OFTEN, chambers: SOMETIMES } }),
  lookAlikes: [['Beautiful coral', 'Ramaria formosa', 'harmful', 'Round pink twigs with yellow tips, under beech.', { apartFrom: ALWAYS }]],
  cautions: [['cooking', 'Cooked through, a little the first time, one kind at a time.'], ['law', 'Many places limit how much of a fungus a person takes: ask first.'], ['people', 'Anything odd after a mushroom meal, even a day later: call the poison line and keep a piece of everything.']],
  keeping: 'Dried.',
});
