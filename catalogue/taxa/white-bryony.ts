import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const whiteBryony = plant({
  key: 'white-bryony', name: 'White bryony',
  scientific: 'Bryonia dioica Jacq.',
  family: 'Cucurbitaceae',
  regions: found(['atlanticEurope', 'continentalEurope', 'mountainsOfEurope', 'mediterranean']),
  habit: 'climber', grows: 'atEdges', severity: 'poisonous',
  about: 'Climbs through hedges by coiled tendrils beside hop. Red berries, a root like a turnip.',
  stages: [spring('shoots', 'shoots', 1, 100, 10), spring('flowering', 'greenish flowers', 6, 160, 16), spring('berries', 'red berries', 8, 225, 16), autumn('dying', 'dead vines', 9, 290, 14)],
  signs: [['stem', 'glance', 'Coiled tendrils: hop has none.'], ['leaf', 'glance', 'One at each knot, ivy-like, rough.'], ['fruit', 'glance', 'Dull red berries on dead vines into winter.']],
  shows: shows({ sap: { clear: MOSTLY }, stalkSection: { grooved: OFTEN, round: OFTEN }, growth: 'climber', leafShape: { hand: 1 }, leafEdge: { lobed: MOSTLY, coarseTeeth: NOW_AND_THEN, smooth: RARELY }, leafBase: 'heartBase', leafSet: 'alternate', leafVeins: 'net', hairs: { bristles: MOSTLY, soft: NOW_AND_THEN }, stemSection: { ribbed: OFTEN, solid: OFTEN }, stemSkin: { hairy: OFTEN, plain: SOMETIMES, hooks: RARELY }, smell: { rank: OFTEN, none: OFTEN }, flowerForm: 'star5', flowerSet: { flatHead: OFTEN, single: OFTEN }, flowerColour: { green: MOSTLY, white: OFTEN }, fruit: 'berry', root: { taproot: OFTEN, tubers: OFTEN }, deadStalk: { noStalk: OFTEN, podsLeft: RARELY }, berryColour: { red: MOSTLY, green: NOW_AND_THEN } }),
  cautions: [['notForEating', 'Poisonous: berries and root.'], ['skin', 'The root blisters the skin.']],
});
