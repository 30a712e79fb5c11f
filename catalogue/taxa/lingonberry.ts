import { found } from '../src/regions.ts';
import { autumn, MOSTLY, OFTEN, others, plant, RARELY, shows, spring } from '../src/write.ts';

export const lingonberry = plant({
  key: 'lingonberry', name: 'Lingonberry',
  scientific: 'Vaccinium vitis-idaea L.',
  family: 'Ericaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope', 'easternAmerica', 'westernAmerica']),
  habit: 'shrub', lifeCycle: 'woody',
  about: 'Evergreen of dry moor and pine wood, red berries in September.',
  stages: [spring('flowering', 'pink bells', 6, 150, 12), spring('green', 'green berries', 7, 185, 12), autumn('ripe', 'red berries', 8, 248, 12), autumn('rest', 'winter', 9, 310, 14)],
  parts: [{ key: 'fruit', name: 'berries', unit: 'gram', perPlant: [8, 3, 20], massG: null, method: 'Red all round, by hand.', effect: 'Little; the rake tears shoots.', use: 'cooked, or kept raw in water', eating: 'raw', costsSeed: true }],
  windows: [{ part: 'fruit', use: 'cooked', from: 'ripe-5', to: 'ripe+35', best: 0.4 }],
  ceilings: [others(0.4)],
  signs: [['leaf', 'glance', 'Leathery, edge rolled under, dotted beneath.'], ['fruit', 'glance', 'In small hanging bunches, with the rest of the flower at the tip.']],
  shows: shows({ growth: { bush: 1, creeping: OFTEN }, leafShape: 'oval', leafEdge: { smooth: MOSTLY, fineTeeth: RARELY }, leafBase: 'wedge', leafSet: 'alternate', leafVeins: 'net', leafUnder: { dull: 1 }, hairs: 'bare', stemSection: 'solid', stemSkin: 'plain', flowerForm: 'bell', flowerSet: { oneSided: OFTEN, flatHead: OFTEN }, flowerColour: { pink: OFTEN, white: OFTEN }, fruit: 'berry', root: 'creeping', branching: 'alternateTwigs', berryColour: 'red' }),
  lookAlikes: [['Bearberry', 'Arctostaphylos uva-ursi', 'nuisance', 'Lies flat; leaves with a net of veins and no dots; berries mealy.'], ['Lily of the valley', 'Convallaria majalis', 'deadly', 'Red berries on a leafless stalk beside two large leaves; no bush.'], ['Mezereon', 'Daphne mezereum', 'deadly', 'Red berries close about an upright twig, with a tuft of thin leaves above; no evergreen mat.']],
  cautions: [['lookAlike', 'Lily of the valley and mezereon bear red berries in the same woods, and both are deadly: nothing that is not on the low evergreen bush itself.'], ['ground', 'Fox tapeworm is feared on low berries: cook or wash well.'], ['ground', 'Eggs of the fox tapeworm are feared on low berries: washing helps little, cooking well or drying hot does. Ask what is advised where you live.']],
});
