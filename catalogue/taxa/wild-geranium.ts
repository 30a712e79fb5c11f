import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NEVER, NOW_AND_THEN, OFTEN, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const wildGeranium = plant({
  key: 'wild-geranium',
  name: 'Wild geranium',
  scientific: 'Geranium maculatum L.',
  family: 'Geraniaceae',
  regions: found(['easternAmerica', 'prairie'], 'slow'),
  habit: 'perennialRoot', grows: 'inWoods', status: 'slow',
  about: 'Pink flowers of open woods over leaves cut like hands; the stout rootstock puckers. Part of a crown is taken, the rest goes back.',
  stages: [spring('leaves', 'leaves', 1, 100, 12), spring('flowering', 'pink flowers', 6, 128, 12), spring('seed', 'beaks spring', 8, 162, 12), autumn('dying', 'leaves die', 9, 285, 16)],
  parts: [{ key: 'root', name: 'part of the rootstock', unit: 'root', perPlant: [1, 1, 2], massG: [15, 5, 35], method: 'Only plants that were marked in flower: cut the back half of the stock, set the front with its buds again.', effect: 'The front half grows on.', use: 'dried', eating: 'none', minAgeYears: 4 }],
  windows: [{ part: 'root', use: 'dried', from: 'dying-30', to: 'dying+20', clearFrom: NEVER }],
  ceilings: [share(0.05), { parts: ['root'], rule: { kind: 'age', minYears: 4 } }, { parts: ['root'], rule: { kind: 'restYears', years: 4 } }],
  signs: [['flower', 'glance', 'Five rose petals, then a beak like a stork’s.'], ['leaf', 'glance', 'Five lobes cut three quarters in, softly hairy.']],
  shows: shows({ growth: { fromGround: OFTEN, leafyStem: OFTEN }, leafShape: { hand: MOSTLY, round: NOW_AND_THEN }, leafEdge: { lobed: OFTEN, coarseTeeth: OFTEN }, leafBase: { heartBase: OFTEN, wedge: OFTEN }, leafSet: { basal: OFTEN, opposite: OFTEN }, leafVeins: 'net', leafUnder: { dull: MOSTLY }, hairs: { soft: MOSTLY }, stemSection: { solid: OFTEN, hollow: NOW_AND_THEN }, stemSkin: { hairy: MOSTLY }, sap: { clear: MOSTLY }, smell: 'none', flowerForm: 'star5', flowerSet: { single: OFTEN, flatHead: OFTEN }, flowerColour: { pink: MOSTLY, blue: SOMETIMES }, fruit: { capsule: MOSTLY }, root: { creeping: MOSTLY, tubers: NOW_AND_THEN }, deadStalk: 'noStalk', stalkSection: { round: MOSTLY } }),
  lookAlikes: [['Monkshood', 'Aconitum napellus', 'deadly', 'Leaf bare and cut to the very middle; root a pair of dark carrots; blue hoods. Native kinds and larkspurs share the woods.', { pieceByPiece: true }]],
  cautions: [['lookAlike', 'Monkshood and larkspur kill and have leaves like it: only a plant marked in flower, never by the leaf alone.'], ['law', 'Digging needs the owner’s leave, and in many places a permit.'], ['people', 'In pregnancy, with medicines or for a child: ask a licensed practitioner first. Emberfield gives no doses.']],
  keeping: 'Sliced and dried.',
});
