import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const mezereon = plant({
  key: 'mezereon', name: 'Mezereon',
  scientific: 'Daphne mezereum L.',
  family: 'Thymelaeaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope', 'easternAmerica']),
  habit: 'shrub', grows: 'inWoods', lifeCycle: 'woody', severity: 'deadly',
  about: 'A small bush of limy woods, pink on bare wood before the leaves. A few of its red berries kill.',
  stages: [spring('flowering', 'pink flowers on bare wood', 6, 70, 14), spring('leaves', 'leaves', 1, 105, 10), spring('berries', 'red berries', 8, 190, 14), autumn('bare', 'bare', 9, 300, 14)],
  signs: [['flower', 'glance', 'Pink, four-pointed, sitting straight on the wood.'], ['fruit', 'glance', 'Red berries in clusters close about the stem, below a tuft of leaves.'], ['bark', 'glance', 'Tough grey bark that strips but does not break.']],
  shows: shows({ growth: 'bush', leafShape: { lance: MOSTLY, oval: NOW_AND_THEN }, leafEdge: 'smooth', leafBase: { wedge: MOSTLY, stalkless: NOW_AND_THEN }, leafSet: 'alternate', leafVeins: 'net', leafUnder: { dull: MOSTLY }, hairs: { bare: MOSTLY, soft: NOW_AND_THEN }, stemSection: 'solid', stemSkin: 'plain', sap: { clear: MOSTLY }, smell: 'none', flowerForm: { cross4: MOSTLY }, flowerSet: { spike: OFTEN, single: OFTEN }, flowerColour: { pink: MOSTLY, white: RARELY }, fruit: { berry: MOSTLY, stoneFruit: SOMETIMES }, berryColour: { red: MOSTLY }, root: { fibres: OFTEN, creeping: RARELY }, bark: { smoothBark: MOSTLY }, branching: 'alternateTwigs', bud: { scaled: MOSTLY } }),
  cautions: [['notForEating', 'Deadly: a few berries kill. They burn the mouth.'], ['skin', 'Bark and juice blister the skin.']],
});
