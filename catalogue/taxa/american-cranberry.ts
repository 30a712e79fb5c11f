import { found } from '../src/regions.ts';
import { ALWAYS, autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const americanCranberry = plant({
  key: 'american-cranberry',
  name: 'Large cranberry',
  scientific: 'Vaccinium macrocarpon Aiton',
  family: 'Ericaceae',
  regions: found(['easternAmerica', 'atlanticEurope']),
  habit: 'shrub', lifeCycle: 'woody',
  about: 'Creeps in bogs and dune hollows; red berries that hang into the winter.',
  stages: [spring('leaves', 'leaves', 1, 132, 12), spring('flowering', 'in flower', 6, 172, 12), autumn('ripe', 'ripe', 8, 275, 16), autumn('bare', 'rest', 9, 308, 14)],
  parts: [{ key: 'fruit', name: 'fruit', unit: 'gram', perPlant: [60, 15, 200], massG: null, method: 'Pick ripe ones by hand, a branch here and there; birds need the rest.', effect: 'Seed goes with it; the plant lives on.', use: 'cooked, or raw and sour', eating: 'raw', costsSeed: true }],
  windows: [{ part: 'fruit', use: 'ripe', from: 'ripe', to: 'ripe+25' }],
  ceilings: [others(0.4)],
  signs: [['leaf', 'glance', 'Small, blunt, evergreen, edge a little rolled.'], ['fruit', 'cut', 'Four air chambers: it bounces.']],
  shows: shows({ growth: { creeping: MOSTLY, bush: NOW_AND_THEN }, leafShape: { oval: MOSTLY, lance: NOW_AND_THEN }, leafVeins: 'net', leafSet: { alternate: 1 }, leafBase: { wedge: MOSTLY }, leafEdge: 'smooth', hairs: 'bare', leafUnder: { dull: OFTEN, glossy: OFTEN, paleBands: NOW_AND_THEN }, smell: 'none', flowerForm: { star5: SOMETIMES, cross4: OFTEN }, flowerSet: 'single', flowerColour: 'pink', fruit: 'berry', berryColour: { red: MOSTLY }, bark: { smoothBark: OFTEN, peeling: SOMETIMES }, branching: 'alternateTwigs', stemSkin: { plain: MOSTLY }, sap: { clear: MOSTLY } }),
  lookAlikes: [['Bog rosemary', 'Andromeda polifolia', 'poisonous', 'Stiff upright, long leaves white beneath; dry capsules.', { apartFrom: ALWAYS }]],
  cautions: [['people', 'Not with blood thinners in quantity: ask a licensed practitioner.'], ['law', 'Bogs are mostly protected: ask, and tread on no moss.']],
  keeping: 'Keep for months in water or cold.',
});
