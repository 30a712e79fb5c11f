import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const salmonberry = plant({
  key: 'salmonberry',
  name: 'Salmonberry',
  scientific: 'Rubus spectabilis Pursh',
  family: 'Rosaceae',
  regions: { ...found(['westernAmerica']), ...found(['atlanticEurope', 'continentalEurope'], 'invasive') },
  habit: 'shrub', lifeCycle: 'woody',
  about: 'The first berry of the west coast, orange or red, along every stream.',
  stages: [spring('leaves', 'leaves', 1, 88, 12), spring('flowering', 'in flower', 6, 108, 12), spring('ripe', 'ripe', 8, 168, 16), autumn('bare', 'bare', 9, 308, 14)],
  parts: [{ key: 'fruit', name: 'fruit', unit: 'gram', perPlant: [200, 40, 800], massG: null, method: 'Pick ripe ones by hand, a branch here and there; birds need the rest.', effect: 'Seed goes with it; the plant lives on.', use: 'raw', eating: 'raw', costsSeed: true }],
  windows: [{ part: 'fruit', use: 'ripe', from: 'ripe', to: 'ripe+25' }],
  ceilings: [others(0.4)],
  signs: [['leaf', 'glance', 'Three leaflets; the two side ones make a butterfly.'], ['fruit', 'glance', 'Comes off hollow, like a raspberry.']],
  shows: shows({ growth: 'bush', leafShape: { threeLeaflets: MOSTLY }, leafVeins: 'net', leafSet: { alternate: 1 }, leafBase: { wedge: MOSTLY }, leafEdge: { coarseTeeth: OFTEN, fineTeeth: OFTEN }, hairs: { soft: OFTEN, bare: OFTEN }, leafUnder: { dull: MOSTLY }, smell: 'none', flowerForm: 'star5', flowerSet: 'single', flowerColour: 'pink', fruit: 'manyDrupes', berryColour: { orange: OFTEN, red: OFTEN }, bark: { peeling: OFTEN, smoothBark: SOMETIMES }, bud: { scaled: OFTEN }, branching: 'alternateTwigs', stemSkin: { prickles: MOSTLY, plain: NOW_AND_THEN }, sap: { clear: MOSTLY } }),
  lookAlikes: [],
  cautions: [['ground', 'Bears eat them too: make noise.']],
  keeping: 'The same day.',
});
