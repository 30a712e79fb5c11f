import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, shows, SOMETIMES } from '../src/write.ts';

export const beautifulCoral = plant({
  key: 'beautiful-coral',
  name: 'Beautiful coral',
  scientific: 'Ramaria formosa (Pers.) Quél.',
  family: 'Gomphaceae',
  regions: found(['atlanticEurope', 'continentalEurope', 'mountainsOfEurope', 'mediterranean', 'easternAmerica', 'westernAmerica']),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', severity: 'harmful', seasonStart: '05-01',
  about: 'A pink coral with yellow tips under beech. Purges. Corals are hard to tell, and several are rare.',
  stages: [autumn('fruiting', 'fruiting', 6, 240, 20), autumn('old', 'ochre', 8, 285, 14), autumn('over', 'over', 9, 305, 12)],
  signs: [['cap', 'glance', 'Crowded round twigs, salmon, tips lemon.'], ['flesh', 'cut', 'Brittle when dry.']],
  shows: shows({ growth: 'cap', capColour: { redCap: OFTEN, yellowCap: OFTEN }, cap: { coral: 1 }, capSize: { palm: OFTEN, plate: OFTEN }, underCap: 'noneBeneath', sporePrint: { rustPrint: MOSTLY }, flesh: { unchanged: OFTEN, reddens: SOMETIMES }, smell: 'none', host: { broadleafSoil: MOSTLY, coniferSoil: NOW_AND_THEN }, foot: { plain: MOSTLY }, inside: 'full' }),
  cautions: [['notForEating', 'Violent purging for a day.'], ['people', 'Suspected poisoning: call the poison line at once and keep a piece of everything.']],
});
