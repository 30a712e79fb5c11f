import { AMERICA, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, RARELY, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const cutleafConeflower = plant({
  key: 'cutleaf-coneflower',
  name: 'Cutleaf coneflower',
  scientific: 'Rudbeckia laciniata L.',
  family: 'Asteraceae',
  regions: { ...found([...AMERICA]), ...found(['atlanticEurope', 'continentalEurope'], 'invasive') },
  habit: 'perennialRoot',
  about: 'Tall perennial of stream banks; cut leaves in spring, again in autumn, cooked as greens. Taught in families: the first rosettes are learned from somebody.',
  stages: [spring('leaves', 'young rosettes', 1, 92, 14), spring('stem', 'stem rises', 3, 138, 12), spring('flowering', 'yellow heads', 6, 205, 14), autumn('seed', 'seed', 8, 262, 14), autumn('again', 'autumn rosettes', 2, 282, 16), autumn('dying', 'leaves die', 9, 320, 14)],
  parts: [{ key: 'leaf', name: 'young leaves', unit: 'leaf', perPlant: [12, 5, 30], massG: [2, 1, 4], method: 'Cut leaves a hand long, the whole bed lightly, not one plant bare; in autumn only from beds that were seen in flower.', effect: 'Comes again; beds that are cut grow thick.', use: 'boiled, then fried', eating: 'cooked' }],
  windows: [{ part: 'leaf', use: 'boiled', from: 'leaves', to: 'stem' }, { part: 'leaf', use: 'second growth', from: 'again', to: 'dying-10' }],
  ceilings: [share(0.3), others(0.3)],
  signs: [['leaf', 'glance', 'Cut into three to seven pointed lobes, smooth above, on a long stalk.'], ['flower', 'glance', 'Drooping yellow rays about a green-yellow cone.']],
  shows: shows({ growth: { fromGround: OFTEN, rosette: OFTEN, leafyStem: OFTEN }, leafShape: { feather: OFTEN, hand: OFTEN }, leafEdge: { lobed: OFTEN, coarseTeeth: OFTEN }, leafBase: { wedge: MOSTLY, clasping: NOW_AND_THEN }, leafSet: { basal: MOSTLY, alternate: OFTEN }, leafVeins: 'net', leafUnder: { dull: MOSTLY }, hairs: { bare: OFTEN, soft: OFTEN, bristles: NOW_AND_THEN }, stemSection: { solid: OFTEN, pith: SOMETIMES }, stemSkin: { plain: MOSTLY }, sap: { clear: MOSTLY }, smell: { none: OFTEN, carrot: SOMETIMES }, flowerForm: 'daisy', flowerSet: 'single', flowerColour: 'yellow', fruit: 'nut', root: { creeping: MOSTLY, fibres: SOMETIMES }, deadStalk: { burrsLeft: RARELY, noStalk: OFTEN }, stalkSection: { grooved: MOSTLY } }),
  lookAlikes: [['Monkshood', 'Aconitum napellus', 'deadly', 'Leaf cut to the very middle into a hand, lobes cut again; blue hoods. Native kinds grow on the same banks.', { apartFrom: 'flowering', pieceByPiece: true }], ['Spotted water hemlock', 'Cicuta maculata', 'deadly', 'Leaves twice or thrice feathered on sheaths; hollow stem; umbels.', { apartFrom: 'flowering', pieceByPiece: true }]],
  cautions: [['lookAlike', 'Monkshood and water hemlock come up on the same wet banks: mark a bed in flower, cut only there.'], ['people', 'It has harmed cattle and sheep: cooked, and not in quantity.']],
  keeping: 'Blanched and frozen.',
});
