import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const horseChestnut = plant({
  key: 'horse-chestnut', name: 'Horse chestnut',
  scientific: 'Aesculus hippocastanum L.',
  family: 'Sapindaceae',
  regions: found(EVERYWHERE),
  habit: 'tree', lifeCycle: 'woody', severity: 'poisonous',
  about: 'The avenue tree whose conkers are taken for sweet chestnuts.',
  stages: [spring('buds', 'sticky buds break', 1, 98, 9), spring('flowering', 'candles', 6, 130, 9), autumn('conkers', 'conkers fall', 8, 262, 12), autumn('bare', 'leaf-fall', 9, 300, 12)],
  signs: [['leaf', 'glance', 'Fingers from one point.'], ['bud', 'glance', 'Large, brown and sticky, in pairs.'], ['fruit', 'glance', 'A few soft spikes on the husk, a round conker without a tip.']],
  shows: shows({ sap: 'clear', stalkSection: { grooved: OFTEN, round: OFTEN }, growth: 'tree', leafShape: 'hand', leafEdge: { fineTeeth: OFTEN, coarseTeeth: OFTEN }, leafBase: 'wedge', leafSet: 'opposite', leafVeins: 'net', hairs: 'bare', flowerForm: { star5: OFTEN, lipped: OFTEN }, flowerSet: 'plume', flowerColour: { white: 1, pink: SOMETIMES }, fruit: { nut: OFTEN, burr: OFTEN, capsule: OFTEN }, bark: { furrowed: OFTEN, peeling: SOMETIMES, smoothBark: OFTEN }, bud: { sticky: MOSTLY, scaled: NOW_AND_THEN }, branching: 'oppositeTwigs' }),
  cautions: [['notForEating', 'Conkers are poisonous.']],
});
