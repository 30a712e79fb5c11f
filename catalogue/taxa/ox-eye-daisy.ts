import { AMERICA, EUROPE, found } from '../src/regions.ts';
import { autumn, cap, flowering, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const oxEyeDaisy = plant({
  key: 'ox-eye-daisy',
  name: 'Ox-eye daisy',
  scientific: 'Leucanthemum vulgare Lam.',
  family: 'Asteraceae',
  regions: { ...found(EUROPE), ...found([...AMERICA], 'invasive') },
  habit: 'herb',
  about: 'The big daisy of thin meadows. Spoon leaves in spring, buds for pickling, flowers.',
  stages: [spring('leaves', 'spoon leaves', 1, 78, 16), spring('buds', 'flower buds', 5, 132, 12), spring('flowering', 'in flower', 6, 147, 12), spring('seed', 'seed', 8, 190, 14), autumn('rosettes', 'autumn rosettes', 2, 265, 18)],
  parts: [{ key: 'leaf', name: 'young leaves', unit: 'leaf', perPlant: [15, 6, 40], massG: [0.6, 0.3, 1], method: 'Pinch the smaller leaves from several rosettes; leave the heart.', effect: 'The rosette grows on.', use: 'in salads, a few', eating: 'raw' }, { key: 'bud', name: 'flower buds', unit: 'head', perPlant: [5, 2, 15], massG: [0.8, 0.4, 1.5], method: 'Nip closed buds off with the nail.', effect: 'That head makes no seed; side buds follow.', use: 'pickled', eating: 'raw', costsSeed: true, spends: ['seed'] }],
  windows: [{ part: 'leaf', use: 'raw', from: 'leaves', to: 'buds-6', best: 0.5 }, { part: 'bud', use: 'pickled', from: 'buds', to: 'flowering+4' }],
  ceilings: [cap(5, 'leaf'), flowering(0.5, 'bud')],
  signs: [['leaf', 'glance', 'Spoon-shaped, dark, with round teeth, narrowing to a long stalk.'], ['flower', 'glance', 'One white daisy to a stem, the middle flat and yellow.']],
  shows: shows({ growth: { rosette: OFTEN, leafyStem: OFTEN, creeping: RARELY }, leafShape: { oval: MOSTLY, lance: OFTEN, round: NOW_AND_THEN }, leafEdge: { lobed: OFTEN, coarseTeeth: MOSTLY }, leafBase: { runsDown: OFTEN, wedge: OFTEN, stalkless: SOMETIMES, clasping: SOMETIMES }, leafSet: { basal: MOSTLY, alternate: OFTEN }, leafVeins: 'net', leafUnder: { dull: MOSTLY, glossy: NOW_AND_THEN }, hairs: { bare: OFTEN, soft: OFTEN }, stemSection: { ribbed: MOSTLY, solid: SOMETIMES }, stemSkin: { plain: OFTEN, hairy: OFTEN }, sap: { clear: MOSTLY }, smell: { none: MOSTLY, rank: NOW_AND_THEN }, flowerForm: 'daisy', flowerSet: 'single', flowerColour: { white: 1, yellow: NOW_AND_THEN }, fruit: 'nut', root: { creeping: OFTEN, fibres: OFTEN }, deadStalk: { noStalk: OFTEN, tallSpike: RARELY }, stalkSection: { grooved: OFTEN, round: OFTEN } }),
  lookAlikes: [['Ragwort', 'Jacobaea vulgaris', 'poisonous', 'Leaves torn and ragged into lobes, with a ragged end lobe; many yellow heads.', { apartFrom: 'buds', pieceByPiece: true }]],
  cautions: [['people', 'Some people’s skin and mouth react to daisies of all kinds.'], ['invader', 'Where it is not native it takes over pastures: carry no seed there.'], ['ground', 'Roadsides, dog walks, sprayed fields and old tips: look where it grows before you pick.']],
  keeping: 'Leaves fresh; buds in vinegar.',
});
