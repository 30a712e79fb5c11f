import { found } from '../src/regions.ts';
import { autumn, cap, MOSTLY, NOW_AND_THEN, OFTEN, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const sugarMaple = plant({
  key: 'sugar-maple',
  name: 'Sugar maple',
  scientific: 'Acer saccharum Marshall',
  family: 'Sapindaceae',
  regions: found(['easternAmerica']),
  habit: 'tree', lifeCycle: 'woody',
  about: 'Sap in weeks of frost by night and thaw by day, boiled forty to one.',
  stages: [spring('running', 'sap runs', 0, 64, 14), spring('buds', 'buds swell', 1, 98, 12), spring('leaves', 'leaves', 2, 126, 12), autumn('colour', 'colour', 8, 280, 14), autumn('bare', 'bare', 9, 305, 14)],
  parts: [{ key: 'sap', name: 'sap', unit: 'litre', perPlant: [40, 15, 80], massG: [1000, 950, 1050], method: 'One hole a hand’s width from old ones, two fingers deep, slightly upward; pull the spout when buds swell.', effect: 'The hole closes within two years.', use: 'boiled to syrup', eating: 'cooked', minAgeYears: 40 }],
  windows: [{ part: 'sap', use: 'syrup', from: 'running', to: 'buds' }],
  // Trunks of about 30 and 48 cm (estimates).
  ceilings: [{ parts: ['sap'], rule: { kind: 'age', minYears: 40 } }, { parts: ['sap'], rule: { kind: 'sapTaps', firstCm: 95, secondCm: 150 } }, cap(60, 'sap'), share(0.5)],
  signs: [['leaf', 'glance', 'Five lobes, smooth curves between, no teeth.'], ['bud', 'glance', 'Sharp, brown, in pairs.']],
  shows: shows({ growth: 'tree', leafShape: { hand: 1 }, leafEdge: { lobed: MOSTLY, smooth: SOMETIMES }, leafBase: { heartBase: OFTEN, wedge: OFTEN }, leafSet: { opposite: 1 }, leafVeins: 'net', leafUnder: { dull: OFTEN, paleBands: NOW_AND_THEN }, hairs: 'bare', sap: { clear: MOSTLY }, smell: 'none', flowerSet: { umbel: OFTEN, ball: SOMETIMES }, flowerColour: { yellow: OFTEN, green: OFTEN }, fruit: 'winged', bark: { furrowed: MOSTLY, smoothBark: NOW_AND_THEN }, bud: { longPointed: OFTEN, scaled: OFTEN }, branching: 'oppositeTwigs' }),
  lookAlikes: [],
  cautions: [['handling', 'Boiling sap and steam burn; boil out of doors.'], ['spoiling', 'Sap sours within days in warmth.']],
  keeping: 'Syrup hot into jars.',
});
