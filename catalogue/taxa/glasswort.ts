import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const glasswort = plant({
  key: 'glasswort',
  name: 'Glasswort',
  scientific: 'Salicornia europaea L.',
  family: 'Amaranthaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mediterranean', 'easternAmerica', 'westernAmerica']),
  habit: 'herb', lifeCycle: 'annual',
  about: 'Jointed green candles on the mud between the tides. Tips in early summer, before they flower and turn red.',
  stages: [spring('seedlings', 'seedlings', 1, 120, 14), spring('tips', 'a finger high', 3, 162, 12), autumn('flowering', 'in flower', 6, 220, 14), autumn('red', 'red, seed', 8, 262, 14), autumn('dying', 'dead', 9, 310, 14)],
  parts: [{ key: 'tip', name: 'tips', unit: 'gram', perPlant: [6, 2, 15], massG: null, method: 'Snip the top half with scissors; never pull: the root holds the mud.', effect: 'Branches again and seeds.', use: 'steamed, stripped off the thread', eating: 'raw' }],
  windows: [{ part: 'tip', use: 'steamed', from: 'tips', to: 'flowering-10' }],
  ceilings: [share(0.2), others(0.3)],
  signs: [['stem', 'glance', 'Joints of green glass without a leaf.'], ['wholePlant', 'glance', 'On bare mud that the tide covers.']],
  shows: shows({ growth: { leafyStem: MOSTLY, bush: NOW_AND_THEN }, leafShape: { scale: MOSTLY, needle: NOW_AND_THEN }, leafEdge: 'smooth', leafBase: { stalkless: MOSTLY, clasping: SOMETIMES }, leafSet: { opposite: MOSTLY }, leafSection: { tube: OFTEN, halfMoon: SOMETIMES }, hairs: 'bare', stemSection: { solid: MOSTLY }, stemSkin: { plain: MOSTLY }, sap: { clear: MOSTLY }, smell: 'none', flowerSet: { spike: MOSTLY }, flowerColour: { green: MOSTLY, yellow: NOW_AND_THEN }, fruit: { nut: OFTEN }, root: { fibres: OFTEN, taproot: OFTEN }, deadStalk: { noStalk: OFTEN, plumeLeft: SOMETIMES } }),
  lookAlikes: [],
  cautions: [['ground', 'Mud and tide: not alone, with the time of low water known; far from outfalls and moorings.'], ['law', 'Salt marshes are mostly reserves: ask, and pull nothing up.'], ['people', 'Very salty: a few, and not for those who must avoid salt.']],
  keeping: 'A week in the cold; in vinegar.',
});
