import { found } from '../src/regions.ts';
import { MOSTLY, NOW_AND_THEN, OFTEN, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const springBeauty = plant({
  key: 'spring-beauty',
  name: 'Spring beauty',
  scientific: 'Claytonia virginica L.',
  family: 'Montiaceae',
  regions: found(['easternAmerica', 'prairie'], 'slow'),
  habit: 'bulb', grows: 'inWoods', status: 'slow',
  about: 'Pink-veined carpets on the wood floor in April, gone in June, on corms like small potatoes.',
  stages: [spring('leaves', 'grass leaves in pairs', 1, 92, 12), spring('flowering', 'pink-veined flowers', 6, 106, 12), spring('seed', 'seed', 8, 136, 12), spring('gone', 'gone', 9, 154, 12)],
  parts: [{ key: 'leaf', name: 'leaves', unit: 'leaf', perPlant: [3, 2, 6], massG: [0.6, 0.3, 1], method: 'Snip a leaf or two of a plant in flower.', effect: 'The corm feeds from what is left.', use: 'raw', eating: 'raw' }, { key: 'root', name: 'corms', unit: 'root', perPlant: [1, 1, 1], massG: [2, 0.5, 6], method: 'One in twenty, larger than a thumbnail, dug under its own flower; the scattered seed pressed in.', effect: 'Takes the plant.', use: 'boiled', eating: 'cooked', kills: true, costsSeed: true, minAgeYears: 5 }],
  windows: [{ part: 'leaf', use: 'raw', from: 'flowering', to: 'seed-6', clearFrom: 'flowering' }, { part: 'root', use: 'boiled', from: 'flowering+4', to: 'seed', best: 0.3, clearFrom: 'flowering' }],
  ceilings: [share(0.1, 'leaf'), share(0.03, 'root'), { parts: ['root'], rule: { kind: 'age', minYears: 5 } }, { parts: ['root'], rule: { kind: 'restYears', years: 5 } }],
  signs: [['flower', 'glance', 'Five white petals veined pink.'], ['leaf', 'glance', 'One pair of narrow leaves half way up.'], ['root', 'cut', 'A round corm with roots all over, no layers.']],
  shows: shows({ growth: { leafyStem: OFTEN, fromGround: OFTEN }, leafShape: { strap: OFTEN, lance: OFTEN }, leafEdge: 'smooth', leafBase: { wedge: MOSTLY }, leafSet: { opposite: MOSTLY, basal: SOMETIMES }, leafVeins: { net: OFTEN, parallel: SOMETIMES }, hairs: 'bare', leafSection: { flat: MOSTLY }, stemSection: { solid: MOSTLY }, stemSkin: 'plain', sap: { clear: MOSTLY }, smell: 'none', flowerForm: 'star5', flowerSet: { oneSided: OFTEN, spike: SOMETIMES }, flowerColour: { pink: OFTEN, white: OFTEN }, fruit: 'capsule', root: { corm: MOSTLY, bulb: NOW_AND_THEN }, deadStalk: 'noStalk', stalkSection: { round: OFTEN, none: SOMETIMES } }),
  lookAlikes: [['Star-of-Bethlehem', 'Ornithogalum umbellatum', 'poisonous', 'Grass leaves with a white line, all from a layered white bulb; six white petals.', { apartFrom: 'flowering' }]],
  cautions: [['lookAlike', 'Only under an open flower: bulbs that poison lie among the corms.'], ['stand', 'Old woods only have it once.']],
  keeping: 'Fresh.',
});
