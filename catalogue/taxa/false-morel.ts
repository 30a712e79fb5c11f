import { found } from '../src/regions.ts';
import { MOSTLY, NOW_AND_THEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const falseMorel = plant({
  key: 'false-morel', name: 'False morel',
  scientific: 'Gyromitra esculenta (Pers.) Fr.',
  family: 'Discinaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope', 'easternAmerica', 'westernAmerica']),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', severity: 'deadly',
  about: 'A brown brain on a short stem under pines in spring. Its fumes poison while it cooks.',
  stages: [spring('fruiting', 'fruiting', 6, 108, 15), spring('old', 'old', 8, 135, 12), spring('over', 'over', 9, 150, 12)],
  signs: [['cap', 'glance', 'Folded like a brain, never pitted like a honeycomb.'], ['flesh', 'cut', 'Cut lengthwise: cottony chambers, not one clean hollow.']],
  shows: shows({ growth: 'cap', capColour: { brownCap: MOSTLY, redCap: SOMETIMES }, cap: { brain: MOSTLY, domed: 0.3, honeycomb: RARELY }, underCap: 'noneBeneath', stipe: { bareStem: 1 }, sporePrint: 'whitePrint', smell: { none: 1 }, host: { coniferSoil: MOSTLY, deadConifer: SOMETIMES, broadleafSoil: RARELY }, inside: { chambers: MOSTLY, full: NOW_AND_THEN, oneHollow: RARELY }, foot: { plain: MOSTLY, bulb: NOW_AND_THEN }, flesh: 'unchanged', capSize: { palm: MOSTLY, plate: NOW_AND_THEN } }),
  cautions: [['notForEating', 'Deadly, cooked as well; customs of eating it after boiling have killed.']],
});
