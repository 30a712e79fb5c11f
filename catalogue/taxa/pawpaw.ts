import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const pawpaw = plant({
  key: 'pawpaw',
  name: 'Pawpaw',
  scientific: 'Asimina triloba (L.) Dunal',
  family: 'Annonaceae',
  regions: found(['easternAmerica']),
  habit: 'tree', lifeCycle: 'woody',
  about: 'A small tree in river woods with large drooping leaves and soft fruit like custard.',
  stages: [spring('leaves', 'leaves', 1, 128, 12), spring('flowering', 'in flower', 6, 130, 12), autumn('ripe', 'ripe', 8, 262, 16), autumn('bare', 'bare', 9, 308, 14)],
  parts: [{ key: 'fruit', name: 'fruit', unit: 'fruit', perPlant: [20, 5, 80], massG: [150, 60, 300], method: 'Pick ripe ones by hand, a branch here and there; birds need the rest.', effect: 'Seed goes with it; the plant lives on.', use: 'flesh raw', eating: 'raw', costsSeed: true }],
  windows: [{ part: 'fruit', use: 'ripe', from: 'ripe', to: 'ripe+25' }],
  ceilings: [others(0.4)],
  signs: [['leaf', 'glance', 'As long as a forearm, widest near the tip, smell of green pepper.'], ['bud', 'glance', 'Naked, brown velvet.']],
  shows: shows({ growth: { tree: OFTEN, bush: OFTEN }, leafShape: { oval: MOSTLY, lance: NOW_AND_THEN }, leafVeins: 'net', leafSet: { alternate: 1 }, leafBase: { wedge: MOSTLY }, leafEdge: 'smooth', hairs: { bare: OFTEN, soft: SOMETIMES }, leafUnder: { dull: MOSTLY }, smell: { rank: OFTEN, none: SOMETIMES }, flowerForm: { star6: OFTEN }, flowerSet: 'single', flowerColour: { brown: MOSTLY }, fruit: { berry: MOSTLY }, berryColour: { green: OFTEN }, bark: { smoothBark: MOSTLY }, bud: { naked: MOSTLY }, branching: 'alternateTwigs', sap: { clear: MOSTLY } }),
  lookAlikes: [],
  cautions: [['people', 'Some people are sickened by it or get a rash: a little the first time; never skin, seed or leaf. Dried or cooked fruit has sickened more.']],
  keeping: 'A few days; frozen pulp.',
});
