import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NEVER, NOW_AND_THEN, OFTEN, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const groundNut = plant({
  key: 'ground-nut',
  name: 'Ground nut',
  scientific: 'Apios americana Medik.',
  family: 'Fabaceae',
  regions: found(['easternAmerica', 'prairie']),
  habit: 'climber',
  about: 'A bean that climbs in wet thickets, with strings of tubers just below the soil. A string is lifted, its smaller half goes back.',
  stages: [spring('shoots', 'shoots', 1, 132, 12), spring('flowering', 'maroon flowers', 6, 205, 14), autumn('seed', 'pods', 8, 255, 16), autumn('dying', 'vines yellow', 9, 285, 14)],
  parts: [{ key: 'root', name: 'tubers', unit: 'gram', perPlant: [120, 30, 400], massG: null, method: 'Follow the vine down to its string; take the large ones, lay the string with the small ones back.', effect: 'Grows on from what goes back.', use: 'boiled', eating: 'cooked' }],
  windows: [{ part: 'root', use: 'boiled', from: 'dying-10', to: 'dying+60', clearFrom: 'flowering' }, { part: 'root', use: 'boiled in spring', from: 'shoots-45', to: 'shoots', clearFrom: NEVER }],
  ceilings: [share(0.3), { parts: ['root'], rule: { kind: 'restYears', years: 2 } }],
  signs: [['leaf', 'glance', 'Five to seven leaflets, milky sap where it breaks.'], ['root', 'cut', 'Tubers like beads on a string, white inside.']],
  shows: shows({ growth: 'climber', leafShape: { feather: MOSTLY }, leafEdge: 'smooth', leafBase: { wedge: MOSTLY }, leafSet: { alternate: 1 }, leafVeins: 'net', hairs: { bare: OFTEN, soft: OFTEN }, leafUnder: { dull: MOSTLY }, stemSection: { solid: MOSTLY }, stemSkin: { plain: OFTEN, hairy: SOMETIMES }, sap: { milk: OFTEN, clear: SOMETIMES }, smell: 'none', flowerForm: 'pea', flowerSet: { ball: OFTEN, spike: OFTEN }, flowerColour: { brown: OFTEN, pink: OFTEN }, fruit: 'pod', root: { tubers: MOSTLY, creeping: NOW_AND_THEN }, deadStalk: { podsLeft: SOMETIMES, noStalk: OFTEN }, stalkSection: { grooved: OFTEN, round: OFTEN } }),
  lookAlikes: [['Moonseed', 'Menispermum canadense', 'deadly', 'One round-lobed leaf to a stalk; a yellow rope for a root.', { pieceByPiece: true }]],
  cautions: [['lookAlike', 'Roots of other climbers lie in the same soil: only what was followed down from a vine with its leaves.'], ['cooking', 'Some people cannot bear it, even cooked: a little the first time.'], ['law', 'Digging needs the owner’s leave, and in many places a permit.']],
  keeping: 'In damp sand.',
});
