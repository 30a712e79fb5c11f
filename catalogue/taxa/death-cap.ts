import { EUROPE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, shows, SOMETIMES } from '../src/write.ts';

export const deathCap = plant({
  key: 'death-cap', name: 'Death cap',
  scientific: 'Amanita phalloides (Vaill. ex Fr.) Link',
  family: 'Amanitaceae',
  regions: found([...EUROPE, 'easternAmerica', 'westernAmerica']),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', severity: 'deadly', seasonStart: '05-01',
  about: 'Olive to white caps under oak and beech, with a bag at the foot that stays in the ground when it is cut.',
  stages: [autumn('fruiting', 'fruiting', 6, 213, 22), autumn('old', 'old caps', 8, 275, 20), autumn('over', 'over', 9, 310, 15)],
  signs: [['stipe', 'cut', 'Dig out the foot: it stands in a bag. Cut above it, the bag is missed.'], ['gills', 'glance', 'White, and white they stay.'], ['sporePrint', 'overnight', 'White. Field mushrooms print dark.']],
  shows: shows({ growth: 'cap', capColour: { greenCap: OFTEN, yellowCap: SOMETIMES, whiteCap: SOMETIMES, brownCap: NOW_AND_THEN }, cap: { domed: MOSTLY, flat: OFTEN, bellCap: NOW_AND_THEN }, capSize: { palm: MOSTLY, coin: NOW_AND_THEN, plate: NOW_AND_THEN }, underCap: 'freeGills', stipe: { ring: OFTEN, ringAndBag: OFTEN, bareStem: SOMETIMES }, sporePrint: 'whitePrint', flesh: 'unchanged', smell: { none: OFTEN, rank: OFTEN }, host: { broadleafSoil: MOSTLY, coniferSoil: SOMETIMES, grass: SOMETIMES }, gillColour: { white: MOSTLY }, foot: { bag: MOSTLY, bulb: NOW_AND_THEN }, inside: { full: OFTEN, loose: NOW_AND_THEN, outline: SOMETIMES } }),
  cautions: [['notForEating', 'Deadly: half a cap. Signs come late, when the liver is already going.'], ['people', 'Suspected poisoning: call the poison line at once and keep a piece of everything.']],
});
