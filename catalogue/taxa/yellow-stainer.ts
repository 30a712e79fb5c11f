import { found } from '../src/regions.ts';
import { autumn, MOSTLY, OFTEN, plant, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const yellowStainer = plant({
  key: 'yellow-stainer', name: 'Yellow stainer',
  scientific: 'Agaricus xanthodermus Genev.',
  family: 'Agaricaceae',
  regions: found(['atlanticEurope', 'continentalEurope', 'mediterranean', 'easternAmerica', 'westernAmerica']),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', severity: 'harmful', seasonStart: '05-01',
  about: 'Looks like a field mushroom until its foot is cut: bright yellow within seconds, and a smell of ink.',
  stages: [autumn('fruiting', 'fruiting', 6, 230, 30), autumn('old', 'old caps', 8, 280, 20), autumn('over', 'over', 9, 315, 15)],
  signs: [['flesh', 'cut', 'The very foot of the stem turns bright yellow at once.'], ['smell', 'glance', 'Of ink or hospital.']],
  shows: shows({ growth: 'cap', capColour: { whiteCap: MOSTLY, greyCap: SOMETIMES }, cap: { domed: MOSTLY, flat: OFTEN }, capSize: { palm: 1, coin: RARELY, plate: RARELY }, underCap: 'freeGills', stipe: 'ring', sporePrint: 'darkPrint', flesh: { yellows: MOSTLY, unchanged: RARELY }, smell: { rank: MOSTLY, none: SOMETIMES }, host: { grass: MOSTLY, broadleafSoil: OFTEN, coniferSoil: SOMETIMES }, foot: { bulb: OFTEN, plain: OFTEN }, gillColour: { white: SOMETIMES, pink: OFTEN, brown: OFTEN, dark: OFTEN } }),
  cautions: [['notForEating', 'Upsets the stomach of most people.']],
});
