import { found } from '../src/regions.ts';
import { autumn, flowering, MOSTLY, NEVER, OFTEN, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const meadowsweet = plant({
  key: 'meadowsweet', name: 'Meadowsweet',
  scientific: 'Filipendula ulmaria (L.) Maxim.',
  family: 'Rosaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope', 'easternAmerica']),
  habit: 'herb', grows: 'atEdges',
  about: 'Cream plumes over wet meadows in high summer.',
  stages: [spring('leaves', 'leaves', 1, 95, 12), spring('buds', 'buds', 5, 162, 10), spring('flowering', 'plumes open', 6, 176, 10), spring('seed', 'twisted seed', 8, 218, 14), autumn('dying', 'brown', 9, 290, 14)],
  parts: [{ key: 'flower', name: 'flower plumes', unit: 'head', perPlant: [3, 1, 6], massG: [5, 2, 9], method: 'Cut half-open plumes on a dry day, one of a stem.', effect: 'Its seed is lost; it also creeps.', use: 'dried for tea, for syrup', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'flower', use: 'dried', from: 'flowering', to: 'flowering+26', best: 0.3, size: 'half open, still cream' }],
  ceilings: [share(0.3), flowering(0.6)],
  signs: [['leaf', 'glance', 'Large and tiny leaflets by turns, the end one three-lobed, white beneath.'], ['stem', 'glance', 'Red, furrowed, hard.'], ['smell', 'glance', 'Crushed leaf sharp, like a bandage; flowers of almond and honey.']],
  shows: shows({ growth: { leafyStem: 1, fromGround: OFTEN, rosette: OFTEN }, leafShape: 'feather', leafEdge: { coarseTeeth: OFTEN, fineTeeth: OFTEN }, leafBase: { wedge: OFTEN, clasping: SOMETIMES }, leafSet: { alternate: 1, basal: OFTEN }, leafVeins: 'net', leafUnder: { whiteFelt: MOSTLY, dull: SOMETIMES }, hairs: { bare: OFTEN, soft: OFTEN }, stemSection: { solid: OFTEN, ribbed: OFTEN, hollow: SOMETIMES }, stemSkin: 'plain', smell: { rank: OFTEN, none: SOMETIMES }, flowerForm: 'star5', flowerSet: 'plume', flowerColour: 'white', fruit: { nut: OFTEN, capsule: SOMETIMES }, root: { creeping: OFTEN, fibres: SOMETIMES }, deadStalk: 'plumeLeft', stalkSection: { grooved: OFTEN, round: SOMETIMES } }),
  lookAlikes: [['Hemlock water-dropwort', 'Oenanthe crocata', 'deadly', 'Flowers in umbels of rays, hollow stem, leaf stalks that sheath.', { apartFrom: NEVER, pieceByPiece: true }]],
  cautions: [['lookAlike', 'Grows in ditches with water-dropwort: no umbels, no hollow stems in the basket.'], ['people', 'Holds salicylates: not with an allergy to them, blood thinners or for children with fever; ask a licensed practitioner.']],
});
