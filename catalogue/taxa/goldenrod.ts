import { AMERICA, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const goldenrod = plant({
  key: 'goldenrod',
  name: 'Canada goldenrod',
  scientific: 'Solidago canadensis L.',
  family: 'Asteraceae',
  regions: { ...found([...AMERICA]), ...found(['atlanticEurope', 'continentalEurope', 'mountainsOfEurope', 'northernEurope'], 'invasive') },
  habit: 'perennialRoot',
  about: 'Yellow plumes of every old field in late summer; leaves and tops for a drink, flowers for dye.',
  stages: [spring('shoots', 'shoots', 1, 112, 14), autumn('flowering', 'yellow plumes', 6, 225, 14), autumn('seed', 'grey fluff', 8, 272, 14), autumn('standing', 'dead stalks', 9, 310, 16)],
  parts: [{ key: 'flower', name: 'flowering tops', unit: 'head', perPlant: [1, 1, 1], massG: [18, 8, 35], method: 'Cut plumes as the first flowers open, a third of a stand at most.', effect: 'Creeps on.', use: 'dried; dye', eating: 'cooked', costsSeed: true, spends: ['seed'] }],
  windows: [{ part: 'flower', use: 'dried', from: 'flowering-4', to: 'flowering+18' }],
  ceilings: [others(0.4)],
  signs: [['leaf', 'glance', 'Three veins lengthwise, rough, toothed.'], ['flower', 'glance', 'One-sided arching branches of tiny yellow heads.']],
  shows: shows({ growth: { leafyStem: 1 }, leafShape: { lance: MOSTLY }, leafEdge: { fineTeeth: OFTEN, coarseTeeth: OFTEN, smooth: NOW_AND_THEN }, leafBase: { stalkless: MOSTLY, wedge: SOMETIMES }, leafSet: { alternate: 1 }, leafVeins: { net: OFTEN, arched: OFTEN }, hairs: { soft: OFTEN, bristles: SOMETIMES }, leafUnder: { dull: MOSTLY }, stemSection: { solid: OFTEN, pith: OFTEN }, stemSkin: { hairy: OFTEN, plain: SOMETIMES }, sap: { clear: MOSTLY }, smell: { none: OFTEN, carrot: SOMETIMES, resin: SOMETIMES }, flowerForm: { daisy: MOSTLY }, flowerSet: { plume: MOSTLY, oneSided: SOMETIMES }, flowerColour: 'yellow', fruit: 'parachutes', root: { creeping: MOSTLY }, deadStalk: { plumeLeft: MOSTLY }, stalkSection: { none: OFTEN } }),
  lookAlikes: [['Ragwort', 'Jacobaea vulgaris', 'poisonous', 'Torn, lobed leaves and flat heads of daisies.', { apartFrom: 'flowering', pieceByPiece: true }]],
  cautions: [['people', 'Not with kidney or heart disease, nor with daisy allergy, without a licensed practitioner.'], ['ground', 'Mould on dead tops harms: only fresh ones.']],
  keeping: 'Dried in shade before it goes to fluff.',
});
