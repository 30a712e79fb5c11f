import { found } from '../src/regions.ts';
import { MOSTLY, NEVER, OFTEN, plant, RARELY, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const camas = plant({
  key: 'camas',
  name: 'Blue camas',
  scientific: 'Camassia quamash (Pursh) Greene',
  family: 'Asparagaceae',
  regions: found(['westernAmerica'], 'slow'),
  habit: 'bulb', status: 'slow',
  about: 'Blue stars in wet spring meadows of the west. Fields were tended for thousands of years: dug in flower, small bulbs and seed put back.',
  stages: [spring('leaves', 'grass leaves', 1, 85, 12), spring('flowering', 'blue stars', 6, 132, 12), spring('seed', 'capsules rattle', 8, 172, 12), spring('gone', 'gone', 9, 192, 12)],
  parts: [{ key: 'root', name: 'bulbs', unit: 'root', perPlant: [1, 1, 1], massG: [12, 4, 25], method: 'Under an open blue flower only, followed down by hand; smaller than a thumb goes back.', effect: 'Takes the plant.', use: 'baked two days in a pit', eating: 'cooked', kills: true, costsSeed: true, minAgeYears: 4 }],
  windows: [{ part: 'root', use: 'baked', from: 'flowering+2', to: 'flowering+20', best: 0.3, clearFrom: NEVER }],
  ceilings: [share(0.05), { parts: ['root'], rule: { kind: 'age', minYears: 4 } }, { parts: null, rule: { kind: 'restYears', years: 4 } }],
  signs: [['flower', 'glance', 'Six blue petals, one bent down apart.'], ['root', 'cut', 'A bulb of layers, dark skin.']],
  shows: shows({ growth: { fromGround: 1 }, leafShape: { strap: 1 }, leafEdge: 'smooth', leafBase: { sheath: OFTEN, stalkless: OFTEN }, leafSet: { basal: 1 }, leafVeins: 'parallel', hairs: 'bare', leafSection: { halfMoon: OFTEN, flat: OFTEN }, stemSection: { solid: OFTEN }, stemSkin: 'plain', sap: { clear: MOSTLY }, smell: 'none', flowerForm: 'star6', flowerSet: { spike: MOSTLY }, flowerColour: { blue: MOSTLY, white: RARELY }, fruit: 'capsule', root: { bulb: 1 }, deadStalk: { podsLeft: OFTEN, noStalk: SOMETIMES }, stalkSection: { none: MOSTLY } }),
  lookAlikes: [['Death camas', 'Toxicoscordion venenosum', 'deadly', 'Small cream stars; without a flower nothing tells the bulbs apart, and they grow among each other.', { pieceByPiece: true }]],
  cautions: [['lookAlike', 'Death camas grows among it with the same bulb: only under an open blue flower, one stem at a time. It kills.'], ['law', 'On treaty lands and many reserves it belongs to others.'], ['law', 'Digging needs the owner’s leave, and in many places a permit.']],
  keeping: 'Baked and dried.',
});
