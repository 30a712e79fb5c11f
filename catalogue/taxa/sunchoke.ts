import { AMERICA, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const sunchoke = plant({
  key: 'sunchoke',
  name: 'Sunchoke',
  scientific: 'Helianthus tuberosus L.',
  family: 'Asteraceae',
  regions: { ...found([...AMERICA]), ...found(['atlanticEurope', 'continentalEurope', 'mountainsOfEurope', 'northernEurope'], 'invasive') },
  habit: 'perennialRoot',
  about: 'A tall late sunflower of river banks on knobbly tubers. What is missed grows; where it is not native, take it all.',
  stages: [spring('shoots', 'shoots', 1, 118, 12), autumn('flowering', 'yellow heads', 6, 248, 14), autumn('dying', 'stalks brown', 9, 295, 14), autumn('winter', 'dead stalks stand', 9, 340, 14)],
  parts: [{ key: 'root', name: 'tubers', unit: 'gram', perPlant: [800, 200, 2500], massG: null, method: 'Fork beside a dead stalk of this very plant.', effect: 'What is left in the ground comes again.', use: 'raw or cooked; wind follows', eating: 'raw' }],
  windows: [{ part: 'root', use: 'raw', from: 'dying', to: 'winter+100' }],
  ceilings: [share(0.5)],
  signs: [['leaf', 'glance', 'Rough as sandpaper, with three veins from the foot.'], ['root', 'cut', 'Knobbly, white or red, crisp.']],
  shows: shows({ growth: { leafyStem: 1 }, leafShape: { oval: MOSTLY, heart: NOW_AND_THEN, lance: NOW_AND_THEN }, leafEdge: { coarseTeeth: MOSTLY, fineTeeth: SOMETIMES }, leafBase: { runsDown: OFTEN, wedge: OFTEN }, leafSet: { opposite: OFTEN, alternate: OFTEN }, leafVeins: { net: MOSTLY, arched: SOMETIMES }, hairs: { bristles: MOSTLY }, leafUnder: { dull: MOSTLY }, stemSection: { pith: OFTEN, solid: SOMETIMES }, stemSkin: { hairy: MOSTLY }, sap: { clear: MOSTLY }, smell: { none: OFTEN, resin: NOW_AND_THEN }, flowerForm: 'daisy', flowerSet: { single: MOSTLY }, flowerColour: 'yellow', fruit: 'nut', root: { tubers: MOSTLY, creeping: NOW_AND_THEN }, deadStalk: { tallSpike: OFTEN, noStalk: SOMETIMES }, stalkSection: { grooved: MOSTLY } }),
  lookAlikes: [],
  cautions: [['people', 'Gives strong wind to many: a little the first time.'], ['law', 'Digging needs the owner’s leave, and in many places a permit.']],
  keeping: 'In the ground, or damp in the cold.',
});
