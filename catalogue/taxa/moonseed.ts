import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const moonseed = plant({
  key: 'moonseed',
  name: 'Moonseed',
  scientific: 'Menispermum canadense L.',
  family: 'Menispermaceae',
  regions: found(['easternAmerica', 'prairie']),
  habit: 'climber', lifeCycle: 'woody', severity: 'deadly',
  about: 'A vine with no tendrils and bunches like wild grapes. Children have died of them.',
  stages: [spring('leaves', 'leaves', 1, 118, 12), spring('flowering', 'greenish plumes', 6, 160, 12), autumn('ripe', 'blue-black fruit', 8, 252, 16), autumn('bare', 'bare', 9, 300, 14)],
  signs: [['seed', 'cut', 'One flat stone like a crescent moon.'], ['leaf', 'glance', 'Shallow lobes, edge without teeth, stalk set in from the edge.']],
  shows: shows({ growth: 'climber', leafShape: { round: OFTEN, heart: OFTEN, hand: SOMETIMES }, leafEdge: { smooth: MOSTLY, lobed: SOMETIMES }, leafBase: { heartBase: OFTEN, wedge: NOW_AND_THEN }, leafSet: { alternate: 1 }, leafVeins: 'net', hairs: { bare: OFTEN, soft: OFTEN }, leafUnder: { dull: MOSTLY }, stemSection: { solid: MOSTLY }, stemSkin: { plain: OFTEN, hairy: NOW_AND_THEN }, sap: { clear: MOSTLY }, smell: 'none', flowerForm: { star6: OFTEN }, flowerSet: { plume: OFTEN, spike: SOMETIMES }, flowerColour: { green: OFTEN, white: OFTEN }, fruit: { stoneFruit: OFTEN, berry: OFTEN }, berryColour: { blueBloom: OFTEN, black: OFTEN }, root: { creeping: MOSTLY }, bark: { smoothBark: OFTEN, furrowed: SOMETIMES }, branching: 'alternateTwigs', stalkSection: { round: MOSTLY } }),
  cautions: [['notForEating', 'Deadly: a handful of the fruit kills a child.']],
});
