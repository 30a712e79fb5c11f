import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const dwarfElder = plant({
  key: 'dwarf-elder', name: 'Dwarf elder',
  scientific: 'Sambucus ebulus L.',
  family: 'Viburnaceae',
  regions: found(['atlanticEurope', 'continentalEurope', 'mountainsOfEurope', 'mediterranean']),
  habit: 'herb', grows: 'atEdges', severity: 'poisonous',
  about: 'The elder without wood: straight stems that die to the ground every winter, berries standing upright.',
  stages: [spring('shoots', 'shoots', 1, 110, 10), spring('flowering', 'white heads, purple anthers', 6, 178, 12), spring('berries', 'black berries upright', 8, 238, 14), autumn('dying', 'dead stems', 9, 295, 14)],
  signs: [
    ['stem', 'glance', 'No wood and no bark: green furrowed stems, all of one height.'],
    ['leaf', 'glance', 'Narrow leaflets, seven to eleven, with leafy tabs at the foot of the stalk.'],
    ['fruit', 'glance', 'Heads stand upright when ripe; those of the elder hang.'],
  ],
  shows: shows({ sap: 'clear', stalkSection: { grooved: OFTEN, round: OFTEN }, growth: { leafyStem: MOSTLY, bush: NOW_AND_THEN }, leafShape: 'feather', leafEdge: 'fineTeeth', leafBase: { wedge: 1, stalkless: SOMETIMES }, leafSet: 'opposite', leafVeins: 'net', hairs: { bare: OFTEN, soft: OFTEN }, stemSection: { ribbed: OFTEN, pith: OFTEN, solid: RARELY }, stemSkin: 'plain', smell: { rank: MOSTLY, none: NOW_AND_THEN }, flowerForm: 'star5', flowerSet: 'flatHead', flowerColour: { white: 1, pink: SOMETIMES }, fruit: { berry: OFTEN, stoneFruit: OFTEN }, root: 'creeping', deadStalk: { noStalk: OFTEN, plumeLeft: SOMETIMES, umbelRibs: RARELY }, berryColour: { black: MOSTLY, red: RARELY } }),
  cautions: [['notForEating', 'Poisonous, the berries too, raw or cooked.']],
});
