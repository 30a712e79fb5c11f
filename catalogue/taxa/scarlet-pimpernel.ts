import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const scarletPimpernel = plant({
  key: 'scarlet-pimpernel', name: 'Scarlet pimpernel',
  scientific: 'Lysimachia arvensis (L.) U. Manns & Anderb.',
  family: 'Primulaceae',
  regions: found(EVERYWHERE),
  habit: 'herb', lifeCycle: 'annual', severity: 'poisonous',
  about: 'Lies in the same beds as chickweed; without flowers the two look alike.',
  stages: [spring('leaves', 'leaves', 1, 105, 16), spring('flowering', 'red stars', 6, 150, 18), spring('seed', 'capsules', 8, 210, 20), autumn('dying', 'gone', 9, 300, 14)],
  signs: [['stem', 'glance', 'Square.'], ['leaf', 'loupe', 'Black dots beneath.'], ['flower', 'glance', 'Salmon red, seldom blue.']],
  shows: shows({ stalkSection: { none: MOSTLY }, growth: 'creeping', leafShape: 'oval', leafEdge: 'smooth', leafBase: { stalkless: MOSTLY, clasping: NOW_AND_THEN, wedge: RARELY }, leafSet: { opposite: 1, whorl: RARELY }, leafVeins: 'net', hairs: 'bare', stemSection: { square: MOSTLY, solid: NOW_AND_THEN }, stemSkin: 'plain', sap: 'clear', smell: 'none', flowerForm: 'star5', flowerSet: 'single', flowerColour: { pink: 1, blue: SOMETIMES }, fruit: 'capsule', root: { fibres: OFTEN, taproot: SOMETIMES }, deadStalk: 'noStalk' }),
  cautions: [['notForEating', 'Poisonous.']],
});
