import { AMERICA, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, share, shows } from '../src/write.ts';

export const lionsMane = plant({
  key: 'lions-mane',
  name: 'Lion’s mane',
  scientific: 'Hericium erinaceus (Bull.) Pers.',
  family: 'Hericiaceae',
  regions: { ...found(['atlanticEurope', 'continentalEurope', 'mediterranean'], 'atRisk'), ...found(AMERICA) },
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', status: 'atRisk', seasonStart: '05-01',
  about: 'A white beard of spines on old beech and oak. Rare in Europe, red-listed in many countries and protected in some: there it is watched.',
  stages: [autumn('fruiting', 'fruiting', 6, 262, 20), autumn('old', 'yellow', 8, 300, 14), autumn('over', 'over', 9, 325, 12)],
  parts: [{ key: 'fruitBody', name: 'fruit bodies', unit: 'gram', perPlant: [400, 100, 1200], massG: null, method: 'Where it is common: cut half of the beard, the wood untouched.', effect: 'Lives on in the trunk; a cut one drops fewer spores.', use: 'cooked', eating: 'cooked' }],
  windows: [{ part: 'fruitBody', use: 'cooked', from: 'fruiting', to: 'old' }],
  ceilings: [share(0.1), others(0.5)],
  signs: [['cap', 'glance', 'One white ball of hanging spines, unbranched.'], ['gills', 'glance', 'Spines as long as a finger joint.']],
  shows: shows({ growth: 'cap', capColour: { whiteCap: MOSTLY, yellowCap: NOW_AND_THEN }, cap: { ball: MOSTLY, shelf: NOW_AND_THEN }, capSize: { palm: OFTEN, plate: OFTEN }, underCap: 'spines', sporePrint: 'whitePrint', flesh: 'unchanged', smell: 'none', host: { deadBroadleaf: MOSTLY }, inside: { full: MOSTLY }, foot: { plain: MOSTLY } }),
  lookAlikes: [],
  cautions: [['law', 'Protected in several countries: ask before you touch one.'], ['cooking', 'Cooked through, a little the first time, one kind at a time.'], ['people', 'Anything odd after a mushroom meal, even a day later: call the poison line and keep a piece of everything.']],
  keeping: 'Fresh.',
  substitutes: [['hedgehog', 'Spines, firm flesh, the same dishes, and common.'], ['oyster-mushroom', 'Can be grown on logs at home.']],
});
