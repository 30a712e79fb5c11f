import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const blackWalnut = plant({
  key: 'black-walnut',
  name: 'Black walnut',
  scientific: 'Juglans nigra L.',
  family: 'Juglandaceae',
  regions: { ...found(['easternAmerica', 'prairie']), ...found(['atlanticEurope', 'continentalEurope'], 'invasive') },
  habit: 'tree', lifeCycle: 'woody',
  about: 'Round green husks that stain hands for weeks, a hard furrowed nut. Little grows beneath it.',
  stages: [spring('leaves', 'leaves', 1, 130, 12), spring('flowering', 'catkins', 6, 142, 12), autumn('ripe', 'nuts fall', 8, 280, 14), autumn('bare', 'bare', 9, 308, 14)],
  parts: [{ key: 'fruit', name: 'nuts', unit: 'nut', perPlant: [200, 30, 900], massG: [18, 8, 35], method: 'Gather what has fallen, early in the day.', effect: 'Animals and seedlings need the rest.', use: 'dried, cracked', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'fruit', use: 'shelled', from: 'ripe', to: 'ripe+30' }],
  ceilings: [others(0.5)],
  signs: [['fruit', 'glance', 'A green ball that does not split, spicy.'], ['stem', 'cut', 'Pith in plates like a ladder.']],
  shows: shows({ growth: 'tree', leafShape: { feather: 1 }, leafEdge: { fineTeeth: MOSTLY }, leafBase: { wedge: OFTEN }, leafSet: { alternate: 1 }, hairs: { soft: OFTEN, bare: SOMETIMES }, leafUnder: { dull: MOSTLY }, smell: { resin: OFTEN, rank: SOMETIMES }, leafVeins: 'net', sap: { clear: MOSTLY }, flowerSet: { catkin: MOSTLY }, flowerColour: { green: MOSTLY, yellow: NOW_AND_THEN }, fruit: 'nut', branching: 'alternateTwigs', bark: { furrowed: 1 }, bud: { naked: OFTEN, scaled: SOMETIMES } }),
  lookAlikes: [],
  cautions: [['handling', 'Husks stain skin and cloth; old ones hold maggots and mould: husk at once, with gloves.'], ['people', 'Nut allergy.']],
  keeping: 'Husked, washed, dried two weeks.',
});
