import { autumn, MOSTLY, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const ragwort = plant({
  key: 'ragwort', name: 'Ragwort',
  scientific: 'Jacobaea vulgaris Gaertn.',
  family: 'Asteraceae',
  habit: 'biennial', lifeCycle: 'biennial', severity: 'poisonous',
  about: 'Yellow daisies over ragged leaves on pasture. Poisons the liver slowly.',
  stages: [spring('rosette', 'ragged rosette', 2, 70, 20), spring('stalk', 'stem', 3, 140, 12), spring('flowering', 'yellow daisies', 6, 190, 14), spring('seed', 'down', 8, 235, 14), autumn('dying', 'dead stalks', 9, 290, 14)],
  signs: [['leaf', 'glance', 'Cut and cut again, ragged; the end lobe blunt.'], ['smell', 'glance', 'Rank when rubbed.']],
  shows: shows({ growth: { rosette: OFTEN, leafyStem: OFTEN }, leafShape: { feather: OFTEN, fineFeather: OFTEN, lance: SOMETIMES }, leafEdge: { lobed: 1, coarseTeeth: SOMETIMES }, leafBase: { clasping: OFTEN, wedge: OFTEN }, leafSet: { basal: OFTEN, alternate: OFTEN }, leafVeins: 'net', hairs: { bare: OFTEN, soft: OFTEN }, stemSection: { ribbed: OFTEN, solid: OFTEN }, stemSkin: { plain: OFTEN, hairy: OFTEN, blotched: RARELY }, sap: { clear: 1 }, smell: { rank: MOSTLY, none: SOMETIMES }, flowerForm: 'daisy', flowerSet: 'flatHead', flowerColour: 'yellow', fruit: 'parachutes', root: { fibres: OFTEN, taproot: OFTEN }, deadStalk: { plumeLeft: OFTEN, noStalk: OFTEN } }),
  cautions: [['slowPoison', 'Harms the liver, little by little and without a warning; dried as well.']],
});
