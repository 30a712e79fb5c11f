import { found } from '../src/regions.ts';
import { MOSTLY, NEVER, NOW_AND_THEN, OFTEN, plant, RARELY, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const pignut = plant({
  key: 'pignut',
  name: 'Pignut',
  scientific: 'Conopodium majus (Gouan) Loret',
  family: 'Apiaceae',
  regions: found(['atlanticEurope'], 'slow'),
  habit: 'perennialRoot', status: 'slow',
  about: 'A thread of an umbellifer in old woods, on a brown tuber a hand deep. Each one taken is one plant gone.',
  stages: [spring('leaves', 'lace leaves', 1, 75, 14), spring('flowering', 'white umbels', 6, 140, 12), spring('seed', 'seed', 8, 178, 12), spring('dying', 'withered', 9, 196, 14)],
  parts: [{ key: 'root', name: 'tubers', unit: 'root', perPlant: [1, 1, 1], massG: [6, 2, 15], method: 'Follow the thread of one stem down by hand, without losing it, to the tuber; sow its seed in the hole.', effect: 'Takes the plant.', use: 'peeled', eating: 'raw', kills: true, costsSeed: true, minAgeYears: 4 }],
  windows: [{ part: 'root', use: 'peeled', from: 'seed-8', to: 'dying+12', best: 0.3 }],
  ceilings: [share(0.03), { parts: ['root'], rule: { kind: 'age', minYears: 4 } }, { parts: null, rule: { kind: 'restYears', years: 3 } }],
  signs: [['stem', 'glance', 'Thin as a thread underground, without any hair.'], ['root', 'cut', 'A knobbly brown nut, white inside.'], ['leaf', 'glance', 'Ground leaves gone at flowering; those on the stem are threads.']],
  shows: shows({ growth: { leafyStem: OFTEN, fromGround: OFTEN, rosette: NOW_AND_THEN }, leafShape: { fineFeather: MOSTLY, needle: NOW_AND_THEN }, leafEdge: { smooth: OFTEN, lobed: OFTEN }, leafBase: { sheath: MOSTLY }, leafSet: { alternate: MOSTLY, basal: OFTEN }, hairs: 'bare', stemSection: { hollow: SOMETIMES, solid: OFTEN, ribbed: OFTEN }, stemSkin: { plain: MOSTLY }, sap: { clear: MOSTLY }, smell: { none: OFTEN, carrot: SOMETIMES }, flowerForm: 'star5', flowerSet: 'twiceUmbel', flowerColour: 'white', bracts: { noBracts: MOSTLY, fewBracts: NOW_AND_THEN }, fruit: 'pairedSeeds', seedShape: { longSmooth: MOSTLY }, root: { corm: MOSTLY, tubers: RARELY, bulb: SOMETIMES }, deadStalk: { umbelRibs: SOMETIMES, noStalk: MOSTLY }, stalkSection: { grooved: OFTEN, round: OFTEN } }),
  lookAlikes: [['Hemlock', 'Conium maculatum', 'deadly', 'A stout plant on a taproot, stem blotched.', { apartFrom: NEVER }], ['Hemlock water-dropwort', 'Oenanthe crocata', 'deadly', 'Several fat fingers, not one nut; wet ground. Children have died of them.', { apartFrom: NEVER }]],
  cautions: [['lookAlike', 'A family with deadly members in the same places: settle each plant by signs of two organs, and leave every one that stays unsettled.'], ['law', 'Digging needs the owner’s leave, and in many places a permit.']],
  keeping: 'Fresh.',
});
