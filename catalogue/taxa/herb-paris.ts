import { found } from '../src/regions.ts';
import { autumn, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const herbParis = plant({
  key: 'herb-paris', name: 'Herb Paris',
  scientific: 'Paris quadrifolia L.',
  family: 'Melanthiaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope']),
  habit: 'herb', grows: 'inWoods', severity: 'poisonous',
  about: 'One whorl of four leaves on one stem in shady woods, one blue-black berry in the middle.',
  stages: [spring('leaves', 'whorl of four', 1, 112, 10), spring('flowering', 'flower', 6, 138, 9), spring('berry', 'one berry', 8, 205, 16), autumn('dying', 'gone', 9, 255, 14)],
  signs: [['leaf', 'glance', 'Four leaves in one whorl, all at one height.'], ['fruit', 'glance', 'A single berry on top, none anywhere else.']],
  shows: shows({ sap: 'clear', stalkSection: { none: OFTEN, round: SOMETIMES }, growth: 'leafyStem', leafShape: { oval: 1 }, leafEdge: 'smooth', leafBase: { wedge: OFTEN, stalkless: OFTEN }, leafSet: 'whorl', leafVeins: { arched: OFTEN, net: OFTEN }, hairs: 'bare', stemSkin: 'plain', smell: { none: OFTEN, rank: SOMETIMES }, flowerForm: { cross4: OFTEN, star6: SOMETIMES, threePart: RARELY }, flowerSet: 'single', flowerColour: 'green', fruit: 'berry', root: 'creeping', deadStalk: 'noStalk', berryColour: { black: OFTEN, blueBloom: OFTEN }, stemSection: 'solid' }),
  cautions: [['notForEating', 'Poisonous; the single berry has been taken for a bilberry.']],
});
