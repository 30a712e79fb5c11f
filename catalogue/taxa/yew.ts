import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const yew = plant({
  key: 'yew', name: 'Yew',
  scientific: 'Taxus baccata L.',
  family: 'Taxaceae',
  regions: found(EVERYWHERE),
  habit: 'conifer', lifeCycle: 'woody', severity: 'deadly',
  about: 'The dark evergreen without resin. All of it kills but the red cup, and the seed in the cup is deadly as well.',
  stages: [spring('flowering', 'pollen', 6, 85, 14), spring('shoots', 'pale new shoots', 1, 128, 10), autumn('fruit', 'red cups', 8, 260, 18), autumn('rest', 'winter', 4, 330, 14)],
  signs: [
    ['leaf', 'glance', 'Flat soft needles in two rows, dark above, dull pale green beneath without white bands.'],
    ['smell', 'glance', 'No smell of resin when crushed.'],
    ['bark', 'glance', 'Reddish, flaking, on a stem often of several.'],
    ['fruit', 'glance', 'A red fleshy cup open at the tip round one seed.'],
  ],
  shows: shows({ growth: { tree: OFTEN, bush: OFTEN }, leafShape: 'needle', needles: { twoRows: OFTEN, allRound: SOMETIMES, pegs: SOMETIMES, suckers: RARELY }, smell: { none: MOSTLY, resin: NOW_AND_THEN }, cone: { redCup: SOMETIMES }, leafUnder: { dull: MOSTLY, paleBands: NOW_AND_THEN }, hairs: 'bare', branching: { alternateTwigs: MOSTLY, tiers: NOW_AND_THEN }, bark: { peeling: OFTEN, furrowed: SOMETIMES, smoothBark: SOMETIMES }, stemSkin: 'plain', bud: { scaled: MOSTLY, longPointed: NOW_AND_THEN }, berryColour: { red: MOSTLY } }),
  cautions: [['notForEating', 'Deadly: needles, wood, bark and seed. A handful kills a horse.']],
});
