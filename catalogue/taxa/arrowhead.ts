import { AMERICA, found } from '../src/regions.ts';
import { autumn, MOSTLY, NEVER, NOW_AND_THEN, OFTEN, others, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const arrowhead = plant({
  key: 'arrowhead',
  name: 'Broadleaf arrowhead',
  scientific: 'Sagittaria latifolia Willd.',
  family: 'Alismataceae',
  regions: found([...AMERICA]),
  habit: 'waterPlant',
  about: 'Arrow leaves in shallow water; white tubers in the mud, loosened with the feet until they float.',
  stages: [spring('leaves', 'arrow leaves', 1, 145, 12), spring('flowering', 'white whorls', 6, 200, 14), autumn('seed', 'seed balls', 8, 250, 14), autumn('dying', 'leaves rot', 9, 285, 14)],
  parts: [{ key: 'root', name: 'tubers', unit: 'gram', perPlant: [60, 15, 200], massG: null, method: 'Under leaves that were seen as arrows with one vein to each corner: tread, gather what floats, tread the small ones in again.', effect: 'A third of the tubers make next year’s bed.', use: 'roasted or boiled', eating: 'cooked' }],
  windows: [{ part: 'root', use: 'roasted', from: 'dying-20', to: 'dying+45', clearFrom: NEVER }],
  ceilings: [share(0.3), others(0.4)],
  signs: [['leaf', 'glance', 'Arrow with veins that run from one point into every corner.'], ['flower', 'glance', 'Three white petals, in threes up a stalk.']],
  shows: shows({ growth: { fromGround: MOSTLY, reed: NOW_AND_THEN }, leafShape: { arrow: MOSTLY, strap: NOW_AND_THEN }, leafEdge: 'smooth', leafBase: { sheath: OFTEN, wedge: NOW_AND_THEN, heartBase: NOW_AND_THEN }, leafSet: { basal: 1 }, leafVeins: { arched: OFTEN, parallel: OFTEN }, hairs: 'bare', stemSection: { hollow: SOMETIMES, pith: OFTEN }, stemSkin: 'plain', sap: { milk: OFTEN, clear: SOMETIMES }, smell: 'none', flowerForm: { threePart: MOSTLY }, flowerSet: { spike: MOSTLY }, flowerColour: 'white', fruit: { nut: OFTEN, burr: NOW_AND_THEN }, root: { tubers: OFTEN, creeping: OFTEN, corm: NOW_AND_THEN }, deadStalk: 'noStalk', stalkSection: { threeEdged: OFTEN, round: SOMETIMES } }),
  lookAlikes: [['Arrow arum', 'Peltandra virginica', 'harmful', 'One strong middle vein with feather veins; a green hood for a flower; a thick rootstock that burns.', { apartFrom: 'leaves', pieceByPiece: true }], ['Spotted water hemlock', 'Cicuta maculata', 'deadly', 'Fingers and a chambered stock instead of single white tubers; feathered leaves. Its roots lie in the same mud.', { pieceByPiece: true }]],
  cautions: [['lookAlike', 'Water hemlock kills and roots in the same mud: only round white tubers that float up, each one looked at.'], ['ground', 'Mud keeps what ran into the water: no mines, no sewers, no duck shooting above.']],
  keeping: 'Cool and damp; dried in slices.',
});
