import { EUROPE, found } from '../src/regions.ts';
import { autumn, cap, flowering, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const hogweed = plant({
  key: 'hogweed',
  name: 'Hogweed',
  scientific: 'Heracleum sphondylium L.',
  family: 'Apiaceae',
  regions: found(EUROPE),
  habit: 'perennialRoot',
  about: 'Coarse hairy umbellifer of every verge. Furled young shoots in spring, closed flower buds, seed as spice. The sap burns skin in the sun.',
  stages: [spring('shoots', 'furled shoots', 1, 86, 12), spring('buds', 'buds in sheaths', 5, 140, 12), spring('flowering', 'white umbels', 6, 162, 12), autumn('seed', 'seed', 8, 225, 16), autumn('dying', 'stalks dead', 9, 290, 16)],
  parts: [{ key: 'shoot', name: 'young shoots', unit: 'shoot', perPlant: [4, 2, 8], massG: [12, 6, 25], method: 'Cut furled leaf stalks a finger above the ground, with gloves.', effect: 'More follow from the crown.', use: 'fried or boiled', eating: 'cooked' }, { key: 'seed', name: 'seed', unit: 'gram', perPlant: [8, 2, 25], massG: null, method: 'Rub dry flat seed off; wear gloves while it is green.', effect: 'Leave half to fall.', use: 'as a spice', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'shoot', use: 'fried', from: 'shoots', to: 'buds-14' }, { part: 'seed', use: 'spice', from: 'seed', to: 'seed+40' }],
  ceilings: [cap(2, 'shoot'), flowering(0.5, 'seed')],
  signs: [['leaf', 'glance', 'Once feathered into a few big lobed leaflets, rough with hair.'], ['stem', 'glance', 'Bristly, furrowed, hollow; huge sheaths.']],
  shows: shows({ growth: { rosette: OFTEN, fromGround: OFTEN, leafyStem: OFTEN }, leafShape: { feather: MOSTLY, threeLeaflets: NOW_AND_THEN, hand: NOW_AND_THEN }, leafEdge: { lobed: MOSTLY, coarseTeeth: OFTEN }, leafBase: 'sheath', leafSet: { basal: MOSTLY, alternate: OFTEN }, leafVeins: 'net', hairs: { bristles: MOSTLY, soft: SOMETIMES }, stemSection: { hollow: MOSTLY, ribbed: OFTEN }, stemSkin: { hairy: MOSTLY }, sap: { clear: MOSTLY }, smell: { carrot: SOMETIMES, rank: OFTEN, none: SOMETIMES }, flowerForm: 'star5', flowerSet: 'twiceUmbel', flowerColour: { white: MOSTLY, pink: NOW_AND_THEN }, bracts: { noBracts: MOSTLY, fewBracts: RARELY }, fruit: 'pairedSeeds', seedShape: { flatWinged: MOSTLY }, root: { taproot: MOSTLY }, deadStalk: { umbelRibs: MOSTLY, noStalk: NOW_AND_THEN }, stalkSection: { grooved: MOSTLY, hollow: SOMETIMES } }),
  lookAlikes: [['Giant hogweed', 'Heracleum mantegazzianum', 'harmful', 'Leaf ends in spikes, stem blotched purple, taller than a man.', { apartFrom: 'buds', pieceByPiece: true }], ['Hemlock', 'Conium maculatum', 'deadly', 'Fine as lace and without a single hair.', { apartFrom: 'buds', pieceByPiece: true }]],
  cautions: [['lookAlike', 'A family with deadly members in the same places: settle each plant by signs of two organs, and leave every one that stays unsettled.'], ['skin', 'Sap on skin and then sun: blisters that leave marks for months. Cover up, cut on dull days.'], ['ground', 'Roadsides, dog walks, sprayed fields and old tips: look where it grows before you pick.']],
  keeping: 'Shoots the same day; seed dry.',
});
