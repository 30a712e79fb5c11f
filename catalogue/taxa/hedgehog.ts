import { EUROPE, found } from '../src/regions.ts';
import { autumn, OFTEN, others, plant, shows, SOMETIMES } from '../src/write.ts';

export const hedgehog = plant({
  key: 'hedgehog', name: 'Hedgehog fungus',
  scientific: 'Hydnum repandum L.',
  family: 'Hydnaceae',
  regions: found([...EUROPE, 'easternAmerica', 'westernAmerica']),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', seasonStart: '05-01',
  about: 'Spines beneath where others have gills: nothing dangerous has them on soil.',
  stages: [autumn('fruiting', 'fruiting', 6, 245, 20), autumn('late', 'last', 8, 305, 16), autumn('over', 'over', 9, 330, 12)],
  parts: [{ key: 'fruitBody', name: 'fruit bodies', unit: 'cap', perPlant: [6, 2, 20], massG: [25, 8, 70], method: 'Cut; rub the spines off old ones.', effect: 'Lives on in the soil.', use: 'cooked', eating: 'cooked' }],
  windows: [{ part: 'fruitBody', use: 'cooked', from: 'fruiting', to: 'late' }],
  ceilings: [others(0.4)],
  signs: [['gills', 'glance', 'Brittle spines.'], ['cap', 'glance', 'Cream to buff, wavy.']],
  shows: shows({ growth: 'cap', capColour: { yellowCap: OFTEN, whiteCap: OFTEN, brownCap: SOMETIMES }, cap: { domed: 1, funnel: SOMETIMES }, underCap: 'spines', stipe: 'bareStem', sporePrint: 'whitePrint', flesh: { unchanged: OFTEN, yellows: SOMETIMES }, smell: 'none', host: { broadleafSoil: OFTEN, coniferSoil: OFTEN }, foot: 'plain', inside: 'full' }),
  cautions: [['cooking', 'Old ones are bitter: young, and cooked.'], ['slowPoison', 'Gathers radioactive caesium where it once rained down: ask what is advised where you live.'], ['people', 'Anything odd after a mushroom meal, even a day later: call the poison line and keep a piece of everything.']],
});
