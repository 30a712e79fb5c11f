import { AMERICA, EUROPE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const yellowFlag = plant({
  key: 'yellow-flag', name: 'Yellow flag',
  scientific: 'Iris pseudacorus L.',
  family: 'Iridaceae',
  regions: { ...found(EUROPE), ...found([...AMERICA], 'invasive') },
  habit: 'reed', severity: 'poisonous',
  about: 'Stands between reedmace, its leaves folded to a flat fan at the foot.',
  stages: [spring('fans', 'fans of leaves', 1, 82, 14), spring('flowering', 'yellow flags', 6, 150, 10), spring('pods', 'green pods', 7, 190, 14), autumn('seed', 'brown seed', 8, 260, 14), autumn('dying', 'leaves brown', 9, 305, 14)],
  signs: [['leaf', 'cut', 'At the foot the leaves lie edge to edge in a flat fan; reedmace is round there and half-moon in section.'], ['leaf', 'glance', 'A raised rib along the middle.'], ['root', 'cut', 'Pink inside, turning dark.']],
  shows: shows({ sap: { clear: MOSTLY }, stalkSection: { none: MOSTLY }, growth: { reed: 1, fromGround: OFTEN }, leafShape: 'strap', leafEdge: 'smooth', leafBase: { sheath: OFTEN, clasping: OFTEN, stalkless: OFTEN }, leafSet: { basal: 1, alternate: SOMETIMES }, leafVeins: 'parallel', hairs: 'bare', leafSection: { fan: MOSTLY, flat: NOW_AND_THEN }, stemSection: { solid: OFTEN, threeEdged: RARELY }, smell: 'none', flowerForm: { threePart: 1 }, flowerSet: { single: OFTEN, spike: SOMETIMES }, flowerColour: 'yellow', fruit: 'capsule', root: { creeping: MOSTLY, tubers: NOW_AND_THEN }, deadStalk: { podsLeft: OFTEN, noStalk: OFTEN } }),
  cautions: [['notForEating', 'Poisonous; the root burns.'], ['skin', 'Juice blisters the skin of some people.']],
});
