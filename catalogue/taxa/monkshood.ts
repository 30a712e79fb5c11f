import { AMERICA, found } from '../src/regions.ts';
import { autumn, MOSTLY, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const monkshood = plant({
  key: 'monkshood', name: 'Monkshood',
  scientific: 'Aconitum napellus L.',
  family: 'Ranunculaceae',
  regions: found([...AMERICA, 'atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope']),
  habit: 'perennialRoot', severity: 'deadly',
  about: 'Blue hoods on tall stems by cool streams. The most poisonous plant of its kind, through the skin as well.',
  stages: [spring('leaves', 'cut leaves', 1, 92, 14), spring('flowering', 'blue hoods', 6, 192, 16), autumn('seed', 'pods', 8, 245, 14), autumn('dying', 'stalks dead', 9, 285, 14)],
  signs: [['leaf', 'glance', 'Cut to the stalk into five or seven narrow parts, dark above.'], ['root', 'cut', 'A dark turnip with a younger one beside it.'], ['flower', 'glance', 'A closed hood.']],
  shows: shows({ sap: { clear: MOSTLY }, stalkSection: { grooved: MOSTLY }, growth: { leafyStem: 1, fromGround: SOMETIMES }, leafShape: { hand: 1, fineFeather: RARELY }, leafEdge: { lobed: 1 }, leafBase: { wedge: 1, stalkless: SOMETIMES }, leafSet: { alternate: 1, basal: OFTEN }, leafVeins: 'net', hairs: { bare: OFTEN, soft: SOMETIMES }, stemSection: { solid: OFTEN, hollow: SOMETIMES }, stemSkin: 'plain', smell: 'none', flowerForm: 'hood', flowerSet: { spike: 1, plume: SOMETIMES }, flowerColour: { blue: 1, pink: SOMETIMES, white: RARELY }, fruit: { pod: OFTEN, capsule: OFTEN }, root: { taproot: OFTEN, tubers: OFTEN }, deadStalk: { tallSpike: OFTEN, podsLeft: OFTEN } }),
  cautions: [['notForEating', 'Deadly in tiny amounts.'], ['skin', 'The poison goes through the skin: do not touch it bare-handed.']],
});
