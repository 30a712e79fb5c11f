import { AMERICA, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const pokeweed = plant({
  key: 'pokeweed',
  name: 'Pokeweed',
  scientific: 'Phytolacca americana L.',
  family: 'Phytolaccaceae',
  regions: { ...found([...AMERICA]), ...found(['atlanticEurope', 'continentalEurope', 'mediterranean'], 'invasive') },
  habit: 'perennialRoot', severity: 'poisonous',
  about: 'A man-high red-stemmed herb with strings of ink-black berries. Customs boil its shoots in several waters; it has killed, so here it is only known.',
  stages: [spring('shoots', 'shoots', 1, 112, 12), spring('flowering', 'white strings', 6, 178, 14), autumn('ripe', 'ripe', 8, 245, 16), autumn('dying', 'frosted', 9, 295, 14)],
  signs: [['stem', 'glance', 'Thick, smooth, magenta.'], ['fruit', 'glance', 'Flat black buttons on a red string.']],
  shows: shows({ growth: { leafyStem: 1 }, leafShape: { oval: OFTEN, lance: OFTEN }, leafEdge: 'smooth', leafBase: { wedge: MOSTLY }, leafSet: { alternate: 1 }, leafVeins: 'net', hairs: 'bare', leafUnder: { dull: MOSTLY }, stemSection: { pith: OFTEN, hollow: SOMETIMES, solid: SOMETIMES }, stemSkin: { plain: MOSTLY }, sap: { clear: MOSTLY }, smell: { none: OFTEN, rank: SOMETIMES }, flowerForm: { star5: MOSTLY }, flowerSet: { spike: MOSTLY }, flowerColour: { white: MOSTLY, pink: NOW_AND_THEN, green: NOW_AND_THEN }, fruit: 'berry', berryColour: { black: MOSTLY, green: NOW_AND_THEN }, root: { taproot: MOSTLY }, deadStalk: { plumeLeft: NOW_AND_THEN, noStalk: OFTEN } }),
  cautions: [['notForEating', 'Poisonous, most in root and seed: vomiting, cramps; it has killed.'], ['skin', 'Sap of the root passes through cut skin.']],
});
