import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const bloodroot = plant({
  key: 'bloodroot',
  name: 'Bloodroot',
  scientific: 'Sanguinaria canadensis L.',
  family: 'Papaveraceae',
  regions: found(['easternAmerica', 'prairie'], 'slow'),
  habit: 'perennialRoot', grows: 'inWoods', severity: 'poisonous', status: 'slow',
  about: 'One lobed leaf wrapped about one white flower; red-orange blood in every part. To be watched.',
  stages: [spring('flowering', 'white flowers', 6, 98, 12), spring('leaves', 'round lobed leaves', 2, 112, 12), spring('seed', 'seed', 8, 148, 12), autumn('gone', 'gone', 9, 235, 20)],
  signs: [['root', 'cut', 'Bleeds red-orange.'], ['leaf', 'glance', 'One to a stalk, round, deeply lobed, pale beneath.']],
  shows: shows({ growth: { fromGround: 1 }, leafShape: { round: OFTEN, hand: OFTEN, heart: NOW_AND_THEN }, leafEdge: { lobed: MOSTLY }, leafBase: { heartBase: MOSTLY }, leafSet: { basal: 1 }, leafVeins: 'net', leafUnder: { paleBands: RARELY, dull: MOSTLY }, hairs: 'bare', sap: { orange: MOSTLY }, smell: 'none', flowerForm: { star6: OFTEN, daisy: NOW_AND_THEN }, flowerSet: 'single', flowerColour: 'white', fruit: 'capsule', root: { creeping: MOSTLY }, deadStalk: 'noStalk', stalkSection: { round: OFTEN, grooved: SOMETIMES } }),
  cautions: [['notForEating', 'Poisonous; its blood eats skin away and leaves scars. Salves of it have maimed people.']],
});
