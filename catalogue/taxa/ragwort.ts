import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const ragwort = plant({
  key: 'ragwort', name: 'Ragwort',
  scientific: 'Jacobaea vulgaris Gaertn.',
  family: 'Asteraceae',
  regions: { ...found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope']), ...found(['easternAmerica', 'westernAmerica'], 'invasive') },
  habit: 'biennial', lifeCycle: 'biennial', severity: 'poisonous',
  about: 'Yellow daisies over ragged leaves on pasture. Poisons the liver slowly.',
  stages: [spring('rosette', 'ragged rosette', 2, 70, 20), spring('stalk', 'stem', 3, 140, 12), spring('flowering', 'yellow daisies', 6, 190, 14), spring('seed', 'down', 8, 235, 14), autumn('dying', 'dead stalks', 9, 290, 14), autumn('rosettes', 'young rosettes', 2, 300, 16)],
  signs: [['leaf', 'glance', 'Cut and cut again, ragged; the end lobe blunt.'], ['smell', 'glance', 'Rank when rubbed.']],
  shows: shows({ stalkSection: { grooved: MOSTLY, none: NOW_AND_THEN }, growth: { rosette: MOSTLY, leafyStem: OFTEN }, leafShape: { feather: OFTEN, fineFeather: SOMETIMES, lance: SOMETIMES, oval: SOMETIMES }, leafEdge: { lobed: 1, coarseTeeth: SOMETIMES }, leafBase: { runsDown: OFTEN, wedge: OFTEN, clasping: SOMETIMES }, leafSet: { basal: OFTEN, alternate: OFTEN }, leafVeins: 'net', hairs: { bare: OFTEN, soft: OFTEN, felt: SOMETIMES }, stemSection: { ribbed: OFTEN, solid: OFTEN }, stemSkin: { plain: OFTEN, hairy: OFTEN, blotched: RARELY }, sap: { clear: 1 }, smell: { rank: OFTEN, none: OFTEN }, flowerForm: 'daisy', flowerSet: 'flatHead', flowerColour: 'yellow', fruit: 'parachutes', root: { fibres: MOSTLY, taproot: NOW_AND_THEN }, deadStalk: { plumeLeft: OFTEN, noStalk: OFTEN }, leafUnder: { dull: MOSTLY, whiteFelt: NOW_AND_THEN } }),
  cautions: [['slowPoison', 'Harms the liver, little by little and without a warning; dried as well.']],
});
