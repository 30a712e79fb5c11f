import { AMERICA, found } from '../src/regions.ts';
import { autumn, cap, MOSTLY, OFTEN, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const ostrichFern = plant({
  key: 'ostrich-fern', name: 'Ostrich fern',
  scientific: 'Matteuccia struthiopteris (L.) Tod.',
  family: 'Onocleaceae',
  regions: found([...AMERICA, 'atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope'], 'slow'),
  habit: 'fern', grows: 'inWoods', status: 'slow',
  about: 'Shuttlecocks on river silt. Its croziers are eaten cooked; nearly every other fern is poisonous.',
  stages: [spring('croziers', 'croziers', 1, 112, 9), spring('unrolling', 'unrolling', 3, 124, 8), spring('fronds', 'fronds open', 4, 140, 8), spring('spores', 'brown spore fronds', 8, 220, 16), autumn('dying', 'fronds brown', 9, 285, 14)],
  parts: [{ key: 'shoot', name: 'croziers', growth: [[80, 50, 120], [286, 235, 345], [57, 44, 74]], unit: 'shoot', perPlant: [7, 4, 12], massG: [6, 3, 10], method: 'Snap those still tightly rolled, at most two of a crown and never two years running.', effect: 'A crown robbed of half shrinks for years.', use: 'boiled in two waters', eating: 'cooked' }],
  windows: [{ part: 'shoot', use: 'boiled', from: 'croziers', to: 'unrolling', best: 0.5, size: 'rolled tight, as long as a finger', lengths: [5, 15] }],
  ceilings: [cap(2), share(0.3), { parts: ['shoot'], rule: { kind: 'restYears', years: 1 } }],
  signs: [['leafStalk', 'cut', 'A deep groove along the inside of the smooth stalk, like a stick of celery.'], ['bud', 'glance', 'Thin brown skin that rubs off; no wool, no lasting scales.'], ['stem', 'glance', 'Stiff brown plumes of last year in the middle of the crown.']],
  shows: shows({ growth: 'fern', crozier: 'grooved', frond: { once: OFTEN, twice: OFTEN }, leafSet: 'basal', root: { creeping: OFTEN, fibres: SOMETIMES }, smell: 'none', deadStalk: 'plumeLeft', leafShape: { feather: OFTEN, fineFeather: OFTEN }, leafEdge: { lobed: OFTEN, smooth: SOMETIMES }, leafVeins: 'net', hairs: { bare: MOSTLY }, stemSkin: { plain: MOSTLY }, stemSection: { ribbed: OFTEN, solid: OFTEN } }),
  lookAlikes: [['Bracken', 'Pteridium aquilinum', 'harmful', 'Single, furry, with three claws.'], ['Male fern', 'Dryopteris filix-mas', 'poisonous', 'Covered with brown scales; no groove.']],
  substitutes: [['hop', 'a spring shoot to boil']],
  cautions: [['cooking', 'Boiled at least fifteen minutes and the water thrown away: undercooked croziers have made many people ill.'], ['stand', 'A slow crown: rest it every second year.']],
});
