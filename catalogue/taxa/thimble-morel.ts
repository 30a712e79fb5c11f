import { found } from '../src/regions.ts';
import { MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const thimbleMorel = plant({
  key: 'thimble-morel', name: 'Wrinkled thimble',
  scientific: 'Verpa bohemica (Krombh.) J. Schröt.',
  family: 'Morchellaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope', 'easternAmerica', 'westernAmerica']),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', severity: 'harmful',
  about: 'A wrinkled brown thimble that hangs loose on its stem, a week or two before the morels, under aspen and cherry.',
  stages: [spring('fruiting', 'fruiting', 6, 95, 12), spring('old', 'old', 8, 118, 10), spring('over', 'over', 9, 130, 10)],
  signs: [['cap', 'cut', 'Cut lengthwise the cap hangs free from the top of the stem like a thimble.'], ['flesh', 'cut', 'The stem is stuffed with cotton, not one clean hollow.']],
  shows: shows({ growth: 'cap', capColour: { brownCap: MOSTLY, yellowCap: SOMETIMES }, cap: { brain: OFTEN, honeycomb: SOMETIMES, bellCap: SOMETIMES }, capSize: { coin: OFTEN, palm: OFTEN }, underCap: 'noneBeneath', stipe: 'bareStem', sporePrint: 'whitePrint', flesh: 'unchanged', smell: 'none', host: { broadleafSoil: MOSTLY, grass: RARELY, coniferSoil: RARELY }, inside: { loose: MOSTLY, chambers: NOW_AND_THEN, oneHollow: NOW_AND_THEN }, foot: { plain: MOSTLY } }),
  cautions: [['notForEating', 'Sick stomach and unsteady legs, worse the more is eaten.'], ['people', 'Suspected poisoning: call the poison line at once and keep a piece of everything.']],
});
