import { found } from '../src/regions.ts';
import { MOSTLY, NOW_AND_THEN, OFTEN, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const breadRoot = plant({
  key: 'bread-root',
  name: 'Prairie bread-root',
  scientific: 'Pediomelum esculentum (Pursh) Rydb.',
  family: 'Fabaceae',
  regions: found(['prairie'], 'slow'),
  habit: 'perennialRoot', status: 'slow',
  about: 'Hairy hand-leaved plant of unploughed prairie on an egg-shaped root. Dug while the tops stand, for they break off and roll away; the seed goes back into the hole.',
  stages: [spring('leaves', 'hand leaves', 1, 122, 12), spring('flowering', 'blue spikes', 6, 155, 12), spring('seed', 'pods', 8, 186, 12), spring('gone', 'tops break off', 9, 205, 12)],
  parts: [{ key: 'root', name: 'roots', unit: 'root', perPlant: [1, 1, 1], massG: [40, 15, 90], method: 'Loosen a spade deep around, lift, break seed heads over the hole and close the sod.', effect: 'Takes the plant; one from seed needs four years or more.', use: 'peeled, raw or dried and ground', eating: 'raw', kills: true, costsSeed: true, minAgeYears: 4 }],
  windows: [{ part: 'root', use: 'peeled', from: 'flowering+5', to: 'gone-3', best: 0.3, clearFrom: 'flowering' }],
  ceilings: [share(0.05), { parts: ['root'], rule: { kind: 'age', minYears: 4 } }, { parts: null, rule: { kind: 'restYears', years: 3 } }],
  signs: [['leaf', 'glance', 'Five fingers from one point on a long white-haired stalk.'], ['root', 'cut', 'A brown egg, white inside, that peels like bark.']],
  shows: shows({ growth: { leafyStem: MOSTLY, fromGround: SOMETIMES }, leafShape: { hand: MOSTLY }, leafEdge: 'smooth', leafBase: { wedge: MOSTLY }, leafSet: { alternate: MOSTLY }, leafVeins: 'net', hairs: { soft: OFTEN, bristles: OFTEN }, leafUnder: { dull: MOSTLY }, stemSection: { solid: MOSTLY }, stemSkin: { hairy: MOSTLY }, sap: { clear: MOSTLY }, smell: 'none', flowerForm: 'pea', flowerSet: { spike: OFTEN, ball: SOMETIMES }, flowerColour: { blue: MOSTLY }, fruit: 'pod', root: { taproot: OFTEN, corm: OFTEN, tubers: NOW_AND_THEN }, deadStalk: { noStalk: MOSTLY }, stalkSection: { round: MOSTLY } }),
  lookAlikes: [['Purple locoweed', 'Oxytropis lambertii', 'poisonous', 'Feathered leaves all from the ground, a bare flower stalk, a long taproot.', { apartFrom: 'flowering' }]],
  cautions: [['lookAlike', 'Lupines and locoweeds stand in the same grass: five fingers and white hair on the very plant that is dug.'], ['law', 'Digging needs the owner’s leave, and in many places a permit.']],
  keeping: 'Peeled and braided to dry.',
});
