import { found } from '../src/regions.ts';
import { autumn, cap, flowering, MOSTLY, NOW_AND_THEN, OFTEN, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const seaRadish = plant({
  key: 'sea-radish',
  name: 'Sea radish',
  scientific: 'Raphanus raphanistrum subsp. maritimus (Sm.) Thell.',
  family: 'Brassicaceae',
  regions: found(['atlanticEurope', 'mediterranean']),
  habit: 'biennial', lifeCycle: 'biennial',
  about: 'Rough green rosettes through the winter above the tide line; leaves, flower buds like sprouting broccoli, green pods.',
  stages: [spring('leaves', 'winter leaves grow', 2, 60, 16), spring('buds', 'flower buds', 5, 122, 12), spring('flowering', 'yellow flowers', 6, 140, 12), spring('pods', 'green pods', 7, 178, 12), autumn('dying', 'dead', 9, 235, 16)],
  parts: [{ key: 'leaf', name: 'young leaves', unit: 'leaf', perPlant: [8, 4, 20], massG: [4, 2, 9], method: 'Take a few inner leaves of each rosette.', effect: 'Grows on.', use: 'cooked', eating: 'cooked' }, { key: 'bud', name: 'flower buds', unit: 'head', perPlant: [8, 3, 20], massG: [3, 1, 6], method: 'Snap bud heads with a finger of stalk.', effect: 'Side buds follow.', use: 'steamed', eating: 'raw', costsSeed: true, spends: ['fruit'] }, { key: 'fruit', name: 'green pods', unit: 'fruit', perPlant: [40, 10, 120], massG: [0.6, 0.3, 1], method: 'Pick pods that snap.', effect: 'Leave half for seed.', use: 'raw or pickled', eating: 'raw', costsSeed: true }],
  windows: [{ part: 'leaf', use: 'cooked', from: 'leaves-30', to: 'buds' }, { part: 'bud', use: 'steamed', from: 'buds', to: 'flowering+14' }, { part: 'fruit', use: 'raw', from: 'pods', to: 'pods+25' }],
  ceilings: [cap(4, 'leaf'), flowering(0.5, 'bud', 'fruit')],
  signs: [['leaf', 'glance', 'Rough; many pairs of lobes, small ones between large ones, a big end lobe.'], ['fruit', 'glance', 'Pods pinched like beads on a string.']],
  shows: shows({ growth: { rosette: MOSTLY, leafyStem: OFTEN }, leafShape: { feather: MOSTLY, lance: NOW_AND_THEN }, leafEdge: { lobed: MOSTLY, coarseTeeth: OFTEN }, leafBase: { wedge: MOSTLY }, leafSet: { basal: MOSTLY, alternate: OFTEN }, leafVeins: 'net', hairs: { bristles: MOSTLY, soft: NOW_AND_THEN }, stemSection: { solid: OFTEN, hollow: NOW_AND_THEN }, stemSkin: { hairy: MOSTLY }, sap: { clear: MOSTLY }, smell: { none: OFTEN, rank: SOMETIMES }, flowerForm: 'cross4', flowerSet: { spike: OFTEN, flatHead: OFTEN }, flowerColour: { yellow: MOSTLY, white: NOW_AND_THEN }, fruit: 'pod', root: { taproot: MOSTLY }, deadStalk: { podsLeft: MOSTLY, noStalk: NOW_AND_THEN }, stalkSection: { grooved: OFTEN, round: OFTEN } }),
  lookAlikes: [['Ragwort', 'Jacobaea vulgaris', 'poisonous', 'Ragged leaves without rough bristles and without radish in the smell; daisies.', { apartFrom: 'buds', pieceByPiece: true }]],
  cautions: [['ground', 'Above the tide line, away from outfalls.'], ['law', 'The owner’s leave; on reserves not at all.']],
  keeping: 'Fresh; pods in vinegar.',
});
