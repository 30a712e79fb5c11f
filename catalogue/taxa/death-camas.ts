import { found } from '../src/regions.ts';
import { MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const deathCamas = plant({
  key: 'death-camas',
  name: 'Death camas',
  scientific: 'Toxicoscordion venenosum (S. Watson) Rydb.',
  family: 'Melanthiaceae',
  regions: found(['prairie', 'westernAmerica']),
  habit: 'bulb', severity: 'deadly',
  about: 'Cream spikes in the same meadows as camas, wild onion and sego. Two bulbs kill.',
  stages: [spring('leaves', 'grass leaves', 1, 82, 12), spring('flowering', 'cream stars', 6, 130, 14), spring('seed', 'capsules', 8, 168, 12), spring('gone', 'gone', 9, 188, 12)],
  signs: [['flower', 'glance', 'Cream, each petal with a green-yellow spot at its foot.'], ['smell', 'glance', 'No onion.']],
  shows: shows({ growth: { fromGround: 1 }, leafShape: { strap: 1 }, leafEdge: { smooth: MOSTLY, fineTeeth: NOW_AND_THEN }, leafBase: { sheath: OFTEN, stalkless: OFTEN }, leafSet: { basal: MOSTLY, alternate: NOW_AND_THEN }, leafVeins: 'parallel', hairs: 'bare', leafSection: { fan: OFTEN, halfMoon: SOMETIMES, flat: SOMETIMES }, stemSection: { solid: OFTEN }, stemSkin: 'plain', sap: { clear: MOSTLY }, smell: { none: MOSTLY, garlic: RARELY }, flowerForm: 'star6', flowerSet: { spike: SOMETIMES, plume: OFTEN }, flowerColour: { white: OFTEN, yellow: OFTEN }, fruit: 'capsule', root: { bulb: 1 }, deadStalk: { podsLeft: OFTEN, noStalk: SOMETIMES }, stalkSection: { none: MOSTLY } }),
  cautions: [['notForEating', 'Deadly in every part, cooked as raw.']],
});
