import { found } from '../src/regions.ts';
import { autumn, flowering, MOSTLY, NOW_AND_THEN, OFTEN, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const purpleConeflower = plant({
  key: 'purple-coneflower',
  name: 'Purple coneflower',
  scientific: 'Echinacea purpurea (L.) Moench',
  family: 'Asteraceae',
  regions: found(['easternAmerica', 'prairie'], 'atRisk'),
  habit: 'perennialRoot', status: 'atRisk',
  about: 'Prairie and open woods. Wild roots were dug out by the truck; grown ones serve as well. Flowers and leaves can be had without digging.',
  stages: [spring('leaves', 'leaves', 1, 118, 14), spring('flowering', 'in flower', 6, 190, 14), autumn('seed', 'cones black', 8, 262, 16), autumn('dying', 'stalks dead', 9, 300, 14)],
  parts: [{ key: 'flower', name: 'flower heads', unit: 'head', perPlant: [3, 1, 8], massG: [8, 4, 15], method: 'Cut one head of three with a hand of stalk.', effect: 'The seed of that head is lost.', use: 'dried', eating: 'cooked', costsSeed: true, spends: ['seed'] }, { key: 'seed', name: 'seed', unit: 'head', perPlant: [3, 1, 8], massG: [2, 1, 4], method: 'Rub half of the ripe cones out where they stand and sow them.', effect: 'Makes the stand larger if it is sown.', use: 'for sowing', eating: 'none', costsSeed: true }],
  windows: [{ part: 'flower', use: 'dried', from: 'flowering', to: 'flowering+30' }, { part: 'seed', use: 'for sowing', from: 'seed', to: 'dying+20' }],
  ceilings: [share(0.1, 'flower'), flowering(0.8)],
  signs: [['flower', 'glance', 'Drooping pink rays about a spiny orange cone.'], ['leaf', 'glance', 'Rough as a file, toothed, pointed.']],
  shows: shows({ growth: { leafyStem: OFTEN, rosette: OFTEN }, leafShape: { oval: OFTEN, lance: OFTEN }, leafEdge: { coarseTeeth: OFTEN, fineTeeth: OFTEN, smooth: NOW_AND_THEN }, leafBase: { wedge: MOSTLY }, leafSet: { alternate: MOSTLY, basal: OFTEN }, leafVeins: { net: OFTEN, arched: SOMETIMES }, hairs: { bristles: MOSTLY }, leafUnder: { dull: MOSTLY }, stemSection: { solid: MOSTLY }, stemSkin: { hairy: MOSTLY, plain: NOW_AND_THEN }, sap: { clear: MOSTLY }, smell: 'none', flowerForm: 'daisy', flowerSet: 'single', flowerColour: { pink: MOSTLY }, fruit: 'nut', root: { fibres: MOSTLY, taproot: NOW_AND_THEN }, deadStalk: { burrsLeft: OFTEN, noStalk: SOMETIMES }, stalkSection: { grooved: OFTEN, round: SOMETIMES } }),
  lookAlikes: [['Foxglove', 'Digitalis purpurea', 'deadly', 'Soft leaves in a rosette, running down into the stalk; thimbles.', { apartFrom: 'flowering' }]],
  cautions: [['lookAlike', 'Only in flower: rosettes without a flower may be foxglove.'], ['law', 'Wild roots are protected in several states; here none is dug.'], ['people', 'In pregnancy, with medicines or for a child: ask a licensed practitioner first. Emberfield gives no doses.']],
  keeping: 'Dried in shade.',
  substitutes: [['elder', 'Flowers and berries for the same season of colds.'], ['yarrow', 'Common, and flowers again.']],
});
