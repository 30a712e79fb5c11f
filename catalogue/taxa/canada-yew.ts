import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const canadaYew = plant({
  key: 'canada-yew',
  name: 'Canada yew',
  scientific: 'Taxus canadensis Marshall',
  family: 'Taxaceae',
  regions: found(['easternAmerica']),
  habit: 'conifer', severity: 'deadly', lifeCycle: 'woody', grows: 'inWoods',
  about: 'A low yew of shady eastern woods, among hemlock and fir. All but the red of the cup kills.',
  stages: [spring('pollen', 'pollen', 6, 115, 14), spring('tips', 'soft new tips', 1, 145, 12), autumn('cups', 'red cups', 8, 245, 16), autumn('rest', 'at rest', 9, 310, 14)],
  signs: [['leaf', 'glance', 'Flat, pointed, green beneath, running down the twig.'], ['smell', 'glance', 'No resin.']],
  shows: shows({ growth: { bush: MOSTLY, creeping: SOMETIMES }, needles: { twoRows: MOSTLY, allRound: SOMETIMES, pegs: NOW_AND_THEN }, leafUnder: { dull: MOSTLY, paleBands: NOW_AND_THEN }, bark: { peeling: OFTEN, smoothBark: SOMETIMES }, bud: { scaled: MOSTLY }, cone: { redCup: SOMETIMES }, branching: { alternateTwigs: MOSTLY }, leafSet: { alternate: MOSTLY }, smell: { none: MOSTLY, resin: NOW_AND_THEN } }),
  cautions: [['notForEating', 'Deadly: a handful of needles stops the heart.']],
});
