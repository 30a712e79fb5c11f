import { EUROPE, found } from '../src/regions.ts';
import { ALWAYS, autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, RARELY, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const chickenOfTheWoods = plant({
  key: 'chicken-of-the-woods',
  name: 'Chicken of the woods',
  scientific: 'Laetiporus sulphureus (Bull.) Murrill',
  family: 'Laetiporaceae',
  regions: found([...EUROPE, 'easternAmerica', 'prairie']),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', seasonStart: '04-01',
  about: 'Sulphur and orange shelves on oak, cherry and willow from May. Young lobes; some people are made ill by it, by any tree.',
  stages: [spring('fruiting', 'fruiting', 6, 145, 18), autumn('old', 'chalky', 8, 250, 22), autumn('over', 'over', 9, 300, 14)],
  parts: [{ key: 'fruitBody', name: 'young lobes', unit: 'gram', perPlant: [1000, 200, 4000], massG: null, method: 'Cut the soft rim that drips when pressed; leave what is chalky.', effect: 'Lives on in the trunk.', use: 'boiled first, then fried', eating: 'cooked' }],
  windows: [{ part: 'fruitBody', use: 'cooked', from: 'fruiting', to: 'old-40' }],
  ceilings: [share(0.5), others(0.3)],
  signs: [['gills', 'glance', 'Sulphur-yellow pores, never gills.'], ['cap', 'glance', 'Orange shelves, one over the other, without a stem.']],
  shows: shows({ growth: 'cap', capColour: { yellowCap: MOSTLY, redCap: NOW_AND_THEN }, cap: { shelf: 1 }, capSize: { plate: OFTEN, palm: OFTEN }, underCap: 'pores', sporePrint: 'whitePrint', flesh: { unchanged: MOSTLY, yellows: NOW_AND_THEN }, smell: { none: OFTEN, apricot: RARELY }, host: { deadBroadleaf: MOSTLY, deadConifer: NOW_AND_THEN }, foot: { tufted: OFTEN, plain: SOMETIMES }, inside: 'full' }),
  lookAlikes: [['Jack-o’-lantern', 'Omphalotus olearius', 'poisonous', 'True gills beneath, and a stem.', { apartFrom: ALWAYS }]],
  cautions: [['lookAlike', 'From yew never: the tree’s poison is feared in it.'], ['cooking', 'Cooked through, a little the first time, one kind at a time.'], ['people', 'Anything odd after a mushroom meal, even a day later: call the poison line and keep a piece of everything.']],
  keeping: 'Frozen cooked.',
});
