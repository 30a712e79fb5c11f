import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, cap, MOSTLY, NEVER, NOW_AND_THEN, OFTEN, plant, RARELY, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const plantain = plant({
  key: 'plantain', name: 'Ribwort plantain',
  scientific: 'Plantago lanceolata L.',
  family: 'Plantaginaceae',
  regions: found(EVERYWHERE),
  habit: 'herb',
  about: 'Of every meadow.',
  stages: [spring('leaves', 'leaves', 1, 82, 16), spring('flowering', 'heads', 6, 125, 12), spring('seed', 'seed', 8, 185, 16), autumn('regrowth', 'new leaves', 1, 250, 20), autumn('rest', 'winter', 9, 330, 14)],
  parts: [{ key: 'leaf', name: 'leaves', unit: 'leaf', perPlant: [12, 6, 20], massG: [0.9, 0.4, 1.8], method: 'A third of a rosette.', effect: 'Grows again.', use: 'raw while young, cooked, or dried', eating: 'raw' }],
  windows: [{ part: 'leaf', use: 'fresh', from: 'leaves+8', to: 'flowering+10' }, { part: 'leaf', use: 'late leaves', from: 'regrowth', to: 'rest-20', best: 0.3, clearFrom: NEVER }],
  ceilings: [cap(4), share(0.4)],
  signs: [['leaf', 'glance', 'Five strong veins side by side; torn, they draw threads.'], ['flower', 'glance', 'Short dark head on a furrowed bare stalk.']],
  shows: shows({ growth: 'rosette', leafShape: { lance: MOSTLY, strap: RARELY }, leafEdge: { smooth: MOSTLY, fineTeeth: SOMETIMES }, leafBase: 'wedge', leafSet: 'basal', leafVeins: { parallel: MOSTLY, arched: OFTEN }, leafUnder: 'dull', hairs: { bare: OFTEN, soft: OFTEN }, stemSection: { ribbed: 1 }, stemSkin: { hairy: OFTEN, plain: OFTEN }, smell: 'none', flowerSet: { spike: 1, ball: SOMETIMES }, flowerColour: { brown: OFTEN, white: SOMETIMES }, fruit: 'capsule', root: { fibres: MOSTLY, taproot: NOW_AND_THEN }, deadStalk: { noStalk: OFTEN, podsLeft: SOMETIMES }, stalkSection: { grooved: MOSTLY } }),
  lookAlikes: [['Foxglove', 'Digitalis purpurea', 'deadly', 'Wrinkled, with a net of veins and soft hair; never straight ribs.', { apartFrom: 'flowering', pieceByPiece: true }], ['White hellebore', 'Veratrum album', 'deadly', 'Pleated leaves that wrap a stem, one above the other; plantain’s lie on the ground.', { apartFrom: 'flowering', pieceByPiece: true }]],
  cautions: [['lookAlike', 'Foxglove rosettes have been taken for plantains: veins side by side, or leave it.'], ['ground', 'Grows where dogs and boots go.']],
});
