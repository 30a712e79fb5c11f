import { AMERICA, found } from '../src/regions.ts';
import { MOSTLY, NOW_AND_THEN, OFTEN, plant, shows, spring } from '../src/write.ts';

export const starOfBethlehem = plant({
  key: 'star-of-bethlehem',
  name: 'Star-of-Bethlehem',
  scientific: 'Ornithogalum umbellatum L.',
  family: 'Asparagaceae',
  regions: { ...found(['atlanticEurope', 'continentalEurope', 'mediterranean']), ...found([...AMERICA], 'invasive') },
  habit: 'bulb', severity: 'poisonous',
  about: 'White six-pointed stars on lawns and vineyard banks, escaped in the new world. Every part poisons, most the bulb.',
  stages: [spring('leaves', 'grass leaves', 1, 78, 14), spring('flowering', 'white stars', 6, 125, 12), spring('seed', 'capsules', 8, 158, 12), spring('gone', 'gone', 9, 178, 12)],
  signs: [['leaf', 'glance', 'A white line along the middle.'], ['flower', 'glance', 'Six white petals, each with a green stripe behind.'], ['smell', 'glance', 'No smell of onion.']],
  shows: shows({ growth: { fromGround: MOSTLY }, leafShape: { strap: MOSTLY }, leafEdge: 'smooth', leafBase: { sheath: OFTEN, stalkless: OFTEN }, leafSet: { basal: 1 }, leafVeins: 'parallel', hairs: 'bare', leafSection: { halfMoon: OFTEN, flat: OFTEN }, leafUnder: { dull: MOSTLY }, stemSection: { solid: OFTEN }, stemSkin: 'plain', sap: { clear: MOSTLY }, smell: { none: MOSTLY, garlic: NOW_AND_THEN }, flowerForm: 'star6', flowerSet: { umbel: OFTEN, flatHead: OFTEN }, flowerColour: 'white', fruit: 'capsule', root: { bulb: MOSTLY }, deadStalk: 'noStalk', stalkSection: { none: MOSTLY } }),
  cautions: [['notForEating', 'Poisonous: acts on the heart.'], ['skin', 'Bulbs irritate the skin.']],
});
