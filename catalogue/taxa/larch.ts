import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, pruning, shows, SOMETIMES, spring } from '../src/write.ts';

export const larch = plant({
  key: 'larch', name: 'Larch',
  scientific: 'Larix decidua Mill.',
  family: 'Pinaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope', 'easternAmerica']),
  habit: 'conifer', lifeCycle: 'woody',
  about: 'Soft tufts break weeks before the spruce: the first tips of the year.',
  stages: [spring('swelling', 'buds swell', 0, 92, 9), spring('tufts', 'soft tufts', 1, 104, 8), spring('grown', 'needles full', 2, 126, 9), spring('cones', 'cones grown', 7, 200, 16), autumn('bare', 'needles yellow and fall', 9, 308, 12)],
  parts: [{ key: 'tip', name: 'needle tufts', unit: 'tip', perPlant: [3000, 800, 9000], massG: [0.15, 0.08, 0.3], method: 'Pinch single tufts from low twigs, spread round the tree.', effect: 'Little, if few; never the leading shoot.', use: 'raw or steeped', eating: 'raw' }],
  windows: [{ part: 'tip', use: 'fresh', from: 'tufts', to: 'grown', best: 0.4 }],
  ceilings: [pruning(0.05)],
  signs: [['leaf', 'glance', 'Soft needles in tufts on knobs; bare in winter.'], ['stem', 'glance', 'Knobbly straw-coloured twigs with small egg-shaped cones all winter.']],
  shows: shows({ growth: 'tree', leafShape: 'needle', needles: 'tufts', smell: { resin: OFTEN, none: OFTEN }, cone: { upright: MOSTLY, hanging: NOW_AND_THEN }, bark: { furrowed: OFTEN, peeling: SOMETIMES, smoothBark: SOMETIMES }, branching: { alternateTwigs: OFTEN, tiers: SOMETIMES }, stemSkin: 'plain', leafUnder: { dull: MOSTLY }, leafSet: { whorl: OFTEN, alternate: SOMETIMES } }),
  lookAlikes: [['Yew', 'Taxus baccata', 'deadly', 'Flat dark needles in two rows, no resin, never in tufts.']],
  cautions: [['lookAlike', 'Yew is deadly: soft tufts on knobs and resin, or leave it.'], ['law', 'Tips are the owner’s: ask, and never in sprayed plantations.']],
});
