import { EUROPE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, share, shows, SOMETIMES } from '../src/write.ts';

export const scarletElfCup = plant({
  key: 'scarlet-elf-cup',
  name: 'Scarlet elf cup',
  scientific: 'Sarcoscypha coccinea (Gray) Boud.',
  family: 'Sarcoscyphaceae',
  regions: found([...EUROPE, 'easternAmerica', 'westernAmerica'], 'slow'),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', status: 'slow', seasonStart: '10-01',
  about: 'Scarlet cups on mossy sticks at the end of winter, before anything else.',
  stages: [autumn('fruiting', 'fruiting', 6, 20, 22), autumn('old', 'pale', 8, 85, 16), autumn('over', 'over', 9, 110, 14)],
  parts: [{ key: 'fruitBody', name: 'cups', unit: 'cap', perPlant: [10, 3, 30], massG: [1.5, 0.5, 4], method: 'Cut a few from a stick, leave the stick lying.', effect: 'Lives on in the stick.', use: 'cooked, for colour', eating: 'cooked' }],
  windows: [{ part: 'fruitBody', use: 'cooked', from: 'fruiting', to: 'old' }],
  ceilings: [share(0.2), others(0.4)],
  signs: [['cap', 'glance', 'A cup, scarlet within, pale and downy without.'], ['wholePlant', 'glance', 'On buried sticks of hazel, elm, willow.']],
  shows: shows({ growth: 'cap', capColour: { redCap: 1 }, cap: { funnel: 1 }, capSize: { coin: MOSTLY, palm: NOW_AND_THEN }, underCap: 'noneBeneath', stipe: { bareStem: OFTEN, velvet: NOW_AND_THEN }, sporePrint: 'whitePrint', flesh: 'unchanged', smell: 'none', host: { deadBroadleaf: MOSTLY }, foot: { plain: MOSTLY }, inside: { full: OFTEN, oneHollow: SOMETIMES } }),
  lookAlikes: [],
  cautions: [['cooking', 'Eaten raw by some; kin of it are harmful raw: cooked.'], ['people', 'Anything odd after a mushroom meal, even a day later: call the poison line and keep a piece of everything.']],
  keeping: 'Fresh.',
});
