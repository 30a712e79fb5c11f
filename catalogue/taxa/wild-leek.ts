import { found } from '../src/regions.ts';
import { autumn, cap, flowering, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const wildLeek = plant({
  key: 'wild-leek',
  name: 'Wild leek',
  scientific: 'Allium tricoccum Aiton',
  family: 'Amaryllidaceae',
  regions: found(['easternAmerica'], 'slow'),
  habit: 'bulb', grows: 'inWoods', status: 'slow',
  about: 'Two or three broad leaves on a red stalk, in old hardwood forests for six weeks of spring. A clump that is dug needs ten years: a leaf from a plant, the bulb stays.',
  stages: [spring('spears', 'spears', 1, 96, 12), spring('unfolded', 'leaves open', 2, 108, 12), spring('fading', 'leaves yellow', 4, 146, 12), spring('flowering', 'white balls, no leaves', 6, 178, 12), autumn('seed', 'black seed', 8, 250, 16), autumn('rest', 'at rest', 9, 300, 16)],
  parts: [{ key: 'leaf', name: 'leaves', unit: 'leaf', perPlant: [2, 2, 3], massG: [3, 1.5, 5], method: 'One leaf of a plant that has two or more, cut above the red, each held against the table of its look-alikes.', effect: 'The bulb lives on, smaller for a year.', use: 'raw or cooked', eating: 'raw' }, { key: 'seed', name: 'seed', unit: 'gram', perPlant: [0.3, 0.1, 1], massG: null, method: 'Shake half of it out beside the clump under leaves.', effect: 'It comes up after two winters.', use: 'for sowing', eating: 'none', costsSeed: true }],
  windows: [{ part: 'leaf', use: 'raw', from: 'unfolded', to: 'fading-8', best: 0.5 }, { part: 'seed', use: 'for sowing', from: 'seed', to: 'rest' }],
  ceilings: [cap(1, 'leaf'), share(0.15, 'leaf'), { parts: ['leaf'], rule: { kind: 'restYears', years: 2 } }, flowering(0.8, 'seed')],
  signs: [['leafStalk', 'glance', 'Stalk of its own, red to purple, round; leaf flat and soft.'], ['smell', 'glance', 'Of onion and garlic, as do the fingers after one.'], ['root', 'cut', 'A white bulb of layers.']],
  shows: shows({ growth: { fromGround: 1 }, leafShape: { lance: OFTEN, oval: OFTEN }, leafEdge: 'smooth', leafBase: { wedge: MOSTLY, sheath: RARELY }, leafSet: { basal: 1 }, leafVeins: { parallel: MOSTLY, arched: NOW_AND_THEN }, leafUnder: { dull: MOSTLY }, hairs: 'bare', leafSection: { flat: MOSTLY }, stemSkin: 'plain', stemSection: { solid: OFTEN }, sap: { clear: MOSTLY }, smell: 'garlic', flowerForm: 'star6', flowerSet: { ball: OFTEN, umbel: OFTEN }, flowerColour: 'white', fruit: 'capsule', root: { bulb: MOSTLY }, deadStalk: { noStalk: OFTEN, plumeLeft: NOW_AND_THEN }, stalkSection: { round: OFTEN, grooved: SOMETIMES } }),
  lookAlikes: [['American false hellebore', 'Veratrum viride', 'deadly', 'Pleated leaves that wrap a stout stem, one above the other; no stalk, no red, no onion. Comes up in the same weeks.', { apartFrom: 'flowering', pieceByPiece: true }], ['Lily of the valley', 'Convallaria majalis', 'deadly', 'Two leaves on one stalk, the outer about the inner; no onion; a thin creeping root.', { apartFrom: 'flowering', pieceByPiece: true }]],
  cautions: [['lookAlike', 'False hellebore and lily of the valley kill and stand among it: stalk by stalk, never by the smell of the fingers.'], ['law', 'Digging is forbidden or limited in many states and provinces.'], ['stand', 'Whole woods have been dug out for markets: leaves only, and a year of rest.']],
  keeping: 'Leaves frozen as butter or paste.',
});
