import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const blackNightshade = plant({
  key: 'black-nightshade', name: 'Black nightshade',
  scientific: 'Solanum nigrum L.',
  family: 'Solanaceae',
  regions: found(EVERYWHERE),
  habit: 'herb', lifeCycle: 'annual', severity: 'poisonous',
  about: 'A garden weed with white stars and clusters of black berries. Opinions on the ripe berry disagree.',
  stages: [spring('leaves', 'leaves', 1, 130, 14), spring('flowering', 'white stars', 6, 185, 18), spring('berries', 'berries', 8, 235, 18), autumn('dying', 'frosted', 9, 305, 12)],
  signs: [['fruit', 'glance', 'Several berries on one stalk, like a small umbrella.'], ['flower', 'glance', 'White star with a yellow beak.']],
  shows: shows({ sap: { clear: MOSTLY }, stalkSection: { grooved: OFTEN, round: OFTEN }, growth: 'leafyStem', leafShape: { oval: 1 }, leafEdge: { smooth: OFTEN, coarseTeeth: OFTEN }, leafBase: 'wedge', leafSet: 'alternate', leafVeins: 'net', hairs: { bare: OFTEN, soft: OFTEN }, stemSkin: { plain: OFTEN, hairy: SOMETIMES }, smell: { rank: OFTEN, none: OFTEN }, flowerForm: 'star5', flowerSet: 'umbel', flowerColour: 'white', fruit: 'berry', root: 'taproot', deadStalk: 'noStalk', berryColour: { black: MOSTLY, green: NOW_AND_THEN }, stemSection: { solid: OFTEN, ribbed: OFTEN, hollow: SOMETIMES }, leafUnder: 'dull' }),
  cautions: [['notForEating', 'Green berries and leaves are poisonous; about ripe ones sources disagree, kept as not for eating.']],
});
