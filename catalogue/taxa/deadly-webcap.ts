import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const deadlyWebcap = plant({
  key: 'deadly-webcap', name: 'Deadly webcap',
  scientific: 'Cortinarius rubellus Cooke',
  family: 'Cortinariaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope', 'easternAmerica', 'westernAmerica']),
  habit: 'fungus', grows: 'inWoods', lifeCycle: 'fungus', severity: 'deadly', seasonStart: '05-01',
  about: 'A tawny cap of mossy spruce woods, among chanterelles and on the same days. Destroys the kidneys; signs come after days or weeks.',
  stages: [autumn('fruiting', 'fruiting', 6, 228, 25), autumn('old', 'old caps', 8, 285, 18), autumn('over', 'over', 9, 310, 14)],
  signs: [['gills', 'glance', 'True gills, broad and far apart, rust-brown: they can be parted one from the other.'], ['stipe', 'glance', 'Yellowish bands like a crooked belt on a rust-brown stem; cobwebs between rim and stem when young.'], ['sporePrint', 'overnight', 'Rust-brown.']],
  shows: shows({ growth: 'cap', capColour: { brownCap: OFTEN, yellowCap: SOMETIMES, redCap: SOMETIMES }, cap: { bellCap: OFTEN, domed: OFTEN, flat: SOMETIMES }, capSize: { palm: OFTEN, coin: OFTEN }, underCap: { freeGills: MOSTLY, runningGills: NOW_AND_THEN, ridges: RARELY }, stipe: { bareStem: MOSTLY, ring: RARELY }, sporePrint: 'rustPrint', flesh: { unchanged: MOSTLY, yellows: NOW_AND_THEN }, smell: { none: MOSTLY, rank: SOMETIMES }, host: { coniferSoil: MOSTLY, broadleafSoil: SOMETIMES }, gillColour: { brown: OFTEN, orange: OFTEN }, foot: { plain: MOSTLY, bulb: SOMETIMES }, inside: 'full' }),
  cautions: [['notForEating', 'Deadly: destroys the kidneys, and nobody feels it for days.'], ['people', 'Suspected poisoning: call the poison line at once and keep a piece of everything.']],
});
