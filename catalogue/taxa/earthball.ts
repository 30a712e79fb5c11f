import { EUROPE, found } from '../src/regions.ts';
import { autumn, MOSTLY, OFTEN, plant, shows, SOMETIMES } from '../src/write.ts';

export const earthball = plant({
  key: 'earthball',
  name: 'Common earthball',
  scientific: 'Scleroderma citrinum Pers.',
  family: 'Sclerodermataceae',
  regions: found([...EUROPE, 'easternAmerica', 'westernAmerica']),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', severity: 'poisonous', seasonStart: '05-01',
  about: 'A hard scaly potato on acid woodland soil, black inside.',
  stages: [autumn('fruiting', 'fruiting', 6, 215, 24), autumn('old', 'old', 8, 275, 18), autumn('over', 'over', 9, 320, 16)],
  signs: [['cap', 'glance', 'Thick yellowish skin in coarse scales.'], ['flesh', 'cut', 'Purple-black with white threads, soon.']],
  shows: shows({ growth: 'cap', capColour: { yellowCap: OFTEN, brownCap: OFTEN }, cap: { ball: 1 }, capSize: { palm: MOSTLY, coin: SOMETIMES }, underCap: 'noneBeneath', sporePrint: { darkPrint: OFTEN }, flesh: { unchanged: OFTEN, reddens: SOMETIMES }, smell: { rank: OFTEN, none: SOMETIMES }, host: { coniferSoil: OFTEN, broadleafSoil: OFTEN }, foot: { plain: MOSTLY }, inside: { full: OFTEN, loose: SOMETIMES }, gillColour: { dark: SOMETIMES } }),
  cautions: [['notForEating', 'Poisonous: sick stomach and fainting within hours.'], ['people', 'Suspected poisoning: call the poison line at once and keep a piece of everything.']],
});
