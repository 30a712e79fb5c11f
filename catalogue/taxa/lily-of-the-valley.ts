import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const lilyOfTheValley = plant({
  key: 'lily-of-the-valley', name: 'Lily of the valley',
  scientific: 'Convallaria majalis L.',
  family: 'Asparagaceae',
  regions: found(EVERYWHERE),
  habit: 'bulb', grows: 'inWoods', severity: 'deadly',
  about: 'Carpets of paired leaves in the same woods as ramsons. Poison of the heart in every part, the red berries too.',
  stages: [spring('spears', 'rolled spears', 0, 92, 10), spring('leaves', 'leaves in pairs', 2, 108, 9), spring('flowering', 'white bells', 6, 132, 9), spring('berries', 'red berries', 8, 215, 18), autumn('dying', 'leaves yellow', 9, 265, 14)],
  signs: [
    ['stem', 'glance', 'Two leaves, seldom three, wrapped round each other on one stem.'],
    ['leaf', 'glance', 'Underside shining.'],
    ['root', 'cut', 'A creeping white rootstock that branches, and no bulb.'],
    ['flower', 'glance', 'Nodding white bells all to one side.'],
  ],
  shows: shows({ sap: { clear: MOSTLY }, growth: { fromGround: 1, creeping: NOW_AND_THEN, leafyStem: NOW_AND_THEN }, leafShape: { oval: OFTEN, lance: OFTEN }, leafEdge: 'smooth', leafBase: { clasping: OFTEN, wedge: OFTEN, sheath: OFTEN }, leafSet: { basal: 1, opposite: SOMETIMES }, leafVeins: { parallel: MOSTLY, arched: OFTEN }, leafUnder: { glossy: OFTEN, dull: OFTEN }, hairs: 'bare', leafSection: 'flat', stemSection: { solid: MOSTLY, threeEdged: SOMETIMES }, smell: { none: MOSTLY, garlic: 0.3 }, flowerForm: 'bell', flowerSet: { oneSided: MOSTLY, spike: SOMETIMES }, flowerColour: { white: 1, pink: RARELY }, fruit: 'berry', root: { creeping: MOSTLY, fibres: NOW_AND_THEN, bulb: RARELY }, deadStalk: 'noStalk', stalkSection: { round: OFTEN, grooved: SOMETIMES } }),
  cautions: [['notForEating', 'Deadly: stops the heart. The water of a cut bunch poisons as well.']],
});
