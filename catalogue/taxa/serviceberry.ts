import { AMERICA, found } from '../src/regions.ts';
import { ALWAYS, autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const serviceberry = plant({
  key: 'serviceberry',
  name: 'Serviceberry',
  scientific: 'Amelanchier canadensis (L.) Medik.',
  family: 'Rosaceae',
  regions: found([...AMERICA, 'atlanticEurope', 'continentalEurope']),
  habit: 'shrub', lifeCycle: 'woody',
  about: 'White in bare woods; the first fruit of summer, purple, with a crown.',
  stages: [spring('leaves', 'leaves', 1, 108, 12), spring('flowering', 'in flower', 6, 112, 12), spring('ripe', 'ripe', 8, 172, 16), autumn('bare', 'bare', 9, 308, 14)],
  parts: [{ key: 'fruit', name: 'fruit', unit: 'gram', perPlant: [800, 150, 4000], massG: null, method: 'Pick ripe ones by hand, a branch here and there; birds need the rest.', effect: 'Seed goes with it; the plant lives on.', use: 'raw, dried', eating: 'raw', costsSeed: true }],
  windows: [{ part: 'fruit', use: 'ripe', from: 'ripe', to: 'ripe+25' }],
  ceilings: [others(0.4)],
  signs: [['bark', 'glance', 'Smooth, grey, with dark streaks.'], ['fruit', 'glance', 'A small apple with a crown, several soft seeds.']],
  shows: shows({ growth: { bush: OFTEN, tree: OFTEN }, leafShape: { oval: MOSTLY, lance: NOW_AND_THEN }, leafVeins: 'net', leafSet: { alternate: 1 }, leafBase: { wedge: MOSTLY }, leafEdge: { fineTeeth: MOSTLY }, hairs: { soft: OFTEN, bare: OFTEN }, leafUnder: { dull: MOSTLY }, smell: 'none', flowerForm: 'star5', flowerSet: { spike: OFTEN }, flowerColour: 'white', fruit: { pome: MOSTLY, berry: NOW_AND_THEN }, berryColour: { blueBloom: OFTEN, red: SOMETIMES, black: SOMETIMES }, bark: { smoothBark: MOSTLY }, bud: { longPointed: MOSTLY }, branching: 'alternateTwigs', stemSkin: { plain: MOSTLY }, sap: { clear: MOSTLY } }),
  lookAlikes: [['Alder buckthorn', 'Frangula alnus', 'poisonous', 'Leaf without teeth; berries without a crown, green, red and black together.', { apartFrom: ALWAYS }]],
  cautions: [['ground', 'Leaves and seed hold a little cyanide: fruit only.']],
  keeping: 'Dried or frozen.',
});
