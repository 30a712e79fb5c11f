import { AMERICA, EUROPE, found } from '../src/regions.ts';
import { autumn, everything, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const charlock = plant({
  key: 'charlock',
  name: 'Charlock',
  scientific: 'Sinapis arvensis L.',
  family: 'Brassicaceae',
  regions: { ...found(EUROPE), ...found([...AMERICA], 'invasive') },
  habit: 'herb', lifeCycle: 'annual',
  about: 'Yellow mustard of fields. Young tops cooked, buds, hot seed.',
  stages: [spring('leaves', 'rough leaves', 1, 105, 14), spring('buds', 'buds', 5, 135, 12), spring('flowering', 'yellow flowers', 6, 145, 12), spring('seed', 'pods dry', 8, 200, 16), autumn('dying', 'dead', 9, 260, 16)],
  parts: [{ key: 'tip', name: 'tops', unit: 'tip', perPlant: [3, 1, 6], massG: [3, 1, 6], method: 'Pinch budding tops.', effect: 'Branches below.', use: 'boiled', eating: 'cooked', costsSeed: true, spends: ['seed'] }, { key: 'seed', name: 'seed', unit: 'gram', perPlant: [4, 1, 12], massG: null, method: 'Shake dry pods into a bag.', effect: 'It has seed in the ground for years.', use: 'ground, as mustard', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'tip', use: 'boiled', from: 'leaves+10', to: 'flowering+8' }, { part: 'seed', use: 'spice', from: 'seed', to: 'seed+25' }],
  ceilings: [everything],
  signs: [['leaf', 'glance', 'Rough, lower ones lobed, upper ones without a stalk.'], ['fruit', 'glance', 'A pod with a beak two thirds as long as itself.']],
  shows: shows({ growth: { leafyStem: MOSTLY, rosette: SOMETIMES }, leafShape: { oval: OFTEN, lance: OFTEN, feather: SOMETIMES }, leafEdge: { coarseTeeth: MOSTLY, lobed: OFTEN }, leafBase: { stalkless: OFTEN, wedge: OFTEN }, leafSet: { alternate: MOSTLY, basal: SOMETIMES }, leafVeins: 'net', hairs: { bristles: MOSTLY, soft: NOW_AND_THEN }, stemSection: { solid: OFTEN, ribbed: SOMETIMES }, stemSkin: { hairy: MOSTLY, blotched: RARELY }, sap: { clear: MOSTLY }, smell: { none: OFTEN, rank: NOW_AND_THEN }, flowerForm: 'cross4', flowerSet: { flatHead: OFTEN, spike: OFTEN }, flowerColour: 'yellow', fruit: 'pod', root: { taproot: MOSTLY }, deadStalk: { podsLeft: MOSTLY }, stalkSection: { grooved: OFTEN, none: SOMETIMES } }),
  lookAlikes: [],
  cautions: [['ground', 'A field that is sprayed for it is no place to pick it: ask the farmer.'], ['people', 'Hot seed burns an empty stomach; not for small children.']],
  keeping: 'Tops fresh; seed dry.',
});
