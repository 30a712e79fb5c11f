import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, everything, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const broadDock = plant({
  key: 'broad-dock',
  name: 'Broad-leaved dock',
  scientific: 'Rumex obtusifolius L.',
  family: 'Polygonaceae',
  regions: found(EVERYWHERE),
  habit: 'perennialRoot',
  about: 'Where cattle stood and compost lies. Very young leaves are cooked, seed is ground, the yellow root is dried.',
  stages: [spring('leaves', 'rolled young leaves', 1, 70, 16), spring('stem', 'stem rises', 3, 130, 12), spring('flowering', 'green whorls', 6, 165, 14), autumn('seed', 'seed rust-brown', 8, 225, 18), autumn('dying', 'leaves brown', 9, 305, 16)],
  parts: [{ key: 'leaf', name: 'young leaves', unit: 'leaf', perPlant: [6, 3, 12], massG: [4, 2, 9], method: 'Take the slimy, still rolled ones from the middle.', effect: 'Comes again within weeks.', use: 'cooked, water thrown away', eating: 'cooked' }, { key: 'seed', name: 'seed', unit: 'gram', perPlant: [25, 5, 80], massG: null, method: 'Strip brown spikes by hand into a bag.', effect: 'It has seed for forty years in the ground.', use: 'ground, husks and all', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'leaf', use: 'cooked', from: 'leaves', to: 'stem-8' }, { part: 'seed', use: 'flour', from: 'seed', to: 'dying+60' }],
  ceilings: [everything],
  signs: [['leaf', 'glance', 'Large, blunt, heart-shaped at the foot, red-veined.'], ['stem', 'glance', 'A brown papery sheath about each joint.'], ['root', 'cut', 'Thick, forked, yellow inside.']],
  shows: shows({ growth: { rosette: MOSTLY, fromGround: OFTEN, leafyStem: OFTEN }, leafShape: { oval: MOSTLY, heart: OFTEN, lance: NOW_AND_THEN }, leafEdge: { smooth: MOSTLY, fineTeeth: NOW_AND_THEN }, leafBase: { heartBase: MOSTLY, wedge: RARELY }, leafSet: { basal: MOSTLY, alternate: OFTEN }, leafVeins: 'net', leafUnder: { dull: MOSTLY }, hairs: { bare: MOSTLY, soft: NOW_AND_THEN }, stemSection: { ribbed: MOSTLY, solid: SOMETIMES }, stemSkin: { plain: MOSTLY, blotched: NOW_AND_THEN }, sap: { clear: MOSTLY }, smell: 'none', flowerForm: { star6: OFTEN }, flowerSet: { spike: MOSTLY, plume: SOMETIMES }, flowerColour: { green: MOSTLY, brown: SOMETIMES, pink: NOW_AND_THEN }, fruit: { winged: MOSTLY, nut: SOMETIMES }, root: { taproot: MOSTLY }, deadStalk: { tallSpike: OFTEN, plumeLeft: OFTEN }, stalkSection: { grooved: MOSTLY } }),
  lookAlikes: [['Foxglove', 'Digitalis purpurea', 'deadly', 'Soft with hair, edge finely toothed, leaf running down into the stalk; dock is bare and heart-shaped at the foot.', { apartFrom: 'stem', pieceByPiece: true }], ['Lords-and-ladies', 'Arum maculatum', 'poisonous', 'Arrow barbs at the foot and veins that meet a line round the edge.', { apartFrom: 'stem', pieceByPiece: true }]],
  cautions: [['lookAlike', 'Young leaves of foxglove and lords-and-ladies come up beside it: leaf by leaf, with the foot of each in sight.'], ['people', 'Rich in oxalic acid: not in quantity, and not for those with kidney trouble or gout.'], ['ground', 'Roadsides, dog walks, sprayed fields and old tips: look where it grows before you pick.']],
  keeping: 'Leaves fresh; seed dry and airy.',
});
