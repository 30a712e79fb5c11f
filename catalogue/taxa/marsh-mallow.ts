import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NEVER, NOW_AND_THEN, OFTEN, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const marshMallow = plant({
  key: 'marsh-mallow',
  name: 'Marsh mallow',
  scientific: 'Althaea officinalis L.',
  family: 'Malvaceae',
  regions: { ...found(['atlanticEurope', 'continentalEurope', 'mediterranean'], 'slow'), ...found(['easternAmerica'], 'invasive') },
  habit: 'perennialRoot', status: 'slow',
  about: 'Velvet grey leaves on the upper salt marsh and wet banks; slimy in every part, most in the root.',
  stages: [spring('leaves', 'velvet leaves', 1, 118, 14), spring('flowering', 'pale pink flowers', 6, 205, 14), autumn('seed', 'seed cheeses', 8, 255, 16), autumn('dying', 'stalks dead', 9, 298, 14)],
  parts: [{ key: 'leaf', name: 'leaves', unit: 'leaf', perPlant: [40, 15, 100], massG: [1.2, 0.6, 2.5], method: 'Take single leaves up the stems, not the tops.', effect: 'Grows on.', use: 'dried', eating: 'cooked' }, { key: 'root', name: 'side roots', unit: 'root', perPlant: [3, 1, 6], massG: [25, 10, 60], method: 'Open one side, cut two side roots, close again: the main root stays.', effect: 'Lives on if the main root stays.', use: 'dried, steeped cold', eating: 'cooked', minAgeYears: 3 }],
  windows: [{ part: 'leaf', use: 'dried', from: 'flowering-30', to: 'flowering+25', clearFrom: 'flowering' }, { part: 'root', use: 'dried', from: 'dying-15', to: 'dying+45', clearFrom: NEVER }],
  ceilings: [share(0.2, 'leaf'), share(0.1, 'root'), { parts: ['root'], rule: { kind: 'age', minYears: 3 } }, { parts: ['root'], rule: { kind: 'restYears', years: 3 } }],
  signs: [['leaf', 'glance', 'Grey velvet on both sides, folded like a fan.'], ['root', 'cut', 'White inside, slimy.']],
  shows: shows({ growth: { leafyStem: MOSTLY, fromGround: OFTEN }, leafShape: { oval: OFTEN, heart: OFTEN, hand: OFTEN }, leafEdge: { coarseTeeth: MOSTLY, lobed: SOMETIMES }, leafBase: { wedge: OFTEN, heartBase: SOMETIMES }, leafSet: { alternate: 1 }, leafVeins: 'net', leafUnder: { whiteFelt: MOSTLY }, hairs: { felt: MOSTLY, soft: SOMETIMES }, stemSection: { solid: OFTEN, pith: SOMETIMES }, stemSkin: { hairy: MOSTLY }, sap: { clear: MOSTLY }, smell: 'none', flowerForm: 'star5', flowerSet: { spike: OFTEN, single: OFTEN }, flowerColour: { pink: MOSTLY, white: NOW_AND_THEN }, fruit: { capsule: MOSTLY, nut: NOW_AND_THEN }, root: { taproot: MOSTLY }, deadStalk: { tallSpike: OFTEN, noStalk: SOMETIMES }, stalkSection: { round: MOSTLY } }),
  lookAlikes: [['Foxglove', 'Digitalis purpurea', 'deadly', 'A rosette of long leaves that run down into the stalk; never lobed like a fan, never at the shore.', { pieceByPiece: true }]],
  cautions: [['lookAlike', 'Not a leaf from a rosette: marsh mallow has its leaves up the stems. Velvet alone tells nothing, foxglove is soft too.'], ['law', 'Digging needs the owner’s leave, and in many places a permit.'], ['people', 'In pregnancy, with medicines or for a child: ask a licensed practitioner first. Emberfield gives no doses.']],
  keeping: 'Roots peeled and dried fast, else they mould.',
  substitutes: [['mallow', 'Slimy leaves and flowers for the same drinks, from a plant of every farmyard.']],
});
