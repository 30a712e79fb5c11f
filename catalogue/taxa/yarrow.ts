import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, cap, flowering, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const yarrow = plant({
  key: 'yarrow',
  name: 'Yarrow',
  scientific: 'Achillea millefolium L.',
  family: 'Asteraceae',
  regions: found(EVERYWHERE),
  habit: 'herb',
  about: 'Feathers of leaf in every dry meadow, flat white heads in summer. Young leaves and flowering tops, dried.',
  stages: [spring('leaves', 'feather leaves', 1, 80, 16), spring('stem', 'stem rises', 3, 138, 12), spring('flowering', 'in flower', 6, 168, 12), autumn('seed', 'seed', 8, 245, 16), autumn('dying', 'stalks dead', 9, 300, 16)],
  parts: [{ key: 'leaf', name: 'young leaves', unit: 'leaf', perPlant: [12, 5, 30], massG: [0.4, 0.2, 0.8], method: 'Pinch single young feathers, each held against the table of its look-alikes.', effect: 'Grows on.', use: 'chopped, a little', eating: 'raw' }, { key: 'flower', name: 'flowering tops', unit: 'head', perPlant: [3, 1, 8], massG: [2, 1, 4], method: 'Cut a hand below the flat head.', effect: 'The seed of that stem is lost; it creeps on.', use: 'dried', eating: 'cooked', costsSeed: true, spends: ['seed'] }],
  windows: [{ part: 'leaf', use: 'raw', from: 'leaves', to: 'stem' }, { part: 'flower', use: 'dried', from: 'flowering', to: 'flowering+35' }],
  ceilings: [cap(4, 'leaf'), flowering(0.5, 'flower')],
  signs: [['leaf', 'glance', 'A narrow feather cut so fine that it is thick like a tail, softly hairy.'], ['flower', 'loupe', 'Each “petal” is a ray of a tiny daisy; rays of the head leave the stem one above the other, not from one point.'], ['stem', 'cut', 'Tough, ribbed, woolly, not hollow.']],
  shows: shows({ growth: { fromGround: OFTEN, rosette: OFTEN, creeping: SOMETIMES, leafyStem: OFTEN }, leafShape: { fineFeather: MOSTLY, feather: NOW_AND_THEN }, leafEdge: { lobed: OFTEN, fineTeeth: OFTEN }, leafBase: { wedge: OFTEN, stalkless: OFTEN, runsDown: SOMETIMES }, leafSet: { basal: MOSTLY, alternate: OFTEN }, hairs: { soft: MOSTLY, felt: SOMETIMES }, leafUnder: { dull: MOSTLY }, stemSection: { ribbed: OFTEN, solid: OFTEN, pith: SOMETIMES }, stemSkin: { hairy: MOSTLY, plain: NOW_AND_THEN }, sap: { clear: MOSTLY }, smell: { resin: OFTEN, none: SOMETIMES, mint: NOW_AND_THEN }, flowerForm: { daisy: MOSTLY, star5: NOW_AND_THEN }, flowerSet: { flatHead: MOSTLY, umbel: RARELY }, flowerColour: { white: MOSTLY, pink: SOMETIMES }, fruit: 'nut', root: { creeping: MOSTLY, fibres: SOMETIMES }, deadStalk: { plumeLeft: OFTEN, noStalk: SOMETIMES }, stalkSection: { grooved: OFTEN, round: OFTEN } }),
  lookAlikes: [['Hemlock', 'Conium maculatum', 'deadly', 'Bare and shining, on long hollow stalks that sheathe the stem; broad as a triangle, never a narrow tail; smells of mice.', { apartFrom: 'stem', pieceByPiece: true }], ['Fool’s parsley', 'Aethusa cynapium', 'poisonous', 'Bare, shining, triangular; no hairs at all.', { apartFrom: 'stem', pieceByPiece: true }]],
  cautions: [['lookAlike', 'A finely cut leaf in a meadow may be a deadly umbellifer’s: only narrow, hairy, tail-like ones, leaf by leaf.'], ['skin', 'Can cause a skin allergy.'], ['people', 'In pregnancy, with medicines or for a child: ask a licensed practitioner first. Emberfield gives no doses.']],
  keeping: 'Dry tops in shade, hung in loose bunches.',
});
