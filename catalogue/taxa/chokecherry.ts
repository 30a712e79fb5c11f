import { AMERICA, found } from '../src/regions.ts';
import { ALWAYS, autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const chokecherry = plant({
  key: 'chokecherry',
  name: 'Chokecherry',
  scientific: 'Prunus virginiana L.',
  family: 'Rosaceae',
  regions: found([...AMERICA]),
  habit: 'shrub', lifeCycle: 'woody',
  about: 'Strings of dark cherries that pucker, on thickets along every fence.',
  stages: [spring('leaves', 'leaves', 1, 108, 12), spring('flowering', 'in flower', 6, 138, 12), autumn('ripe', 'ripe', 8, 232, 16), autumn('bare', 'bare', 9, 308, 14)],
  parts: [{ key: 'fruit', name: 'fruit', unit: 'gram', perPlant: [600, 100, 3000], massG: null, method: 'Pick ripe ones by hand, a branch here and there; birds need the rest.', effect: 'Seed goes with it; the plant lives on.', use: 'cooked, stones out', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'fruit', use: 'ripe', from: 'ripe', to: 'ripe+25' }],
  ceilings: [others(0.4)],
  signs: [['fruit', 'glance', 'Cherries on a string, one hard stone.'], ['leaf', 'loupe', 'Fine sharp teeth, two small glands on the stalk.']],
  shows: shows({ growth: { bush: MOSTLY, tree: SOMETIMES }, leafShape: { oval: MOSTLY, lance: NOW_AND_THEN }, leafVeins: 'net', leafSet: { alternate: 1 }, leafBase: { wedge: MOSTLY }, leafEdge: { fineTeeth: 1 }, hairs: 'bare', leafUnder: { dull: MOSTLY }, smell: { rank: SOMETIMES, none: OFTEN }, flowerForm: 'star5', flowerSet: { spike: MOSTLY }, flowerColour: 'white', fruit: 'stoneFruit', berryColour: { black: OFTEN, red: OFTEN }, bark: { smoothBark: MOSTLY }, bud: { scaled: MOSTLY }, branching: 'alternateTwigs', stemSkin: { plain: MOSTLY }, sap: { clear: MOSTLY } }),
  lookAlikes: [['Alder buckthorn', 'Frangula alnus', 'poisonous', 'Leaf without teeth; berries singly in the axils.', { apartFrom: ALWAYS }], ['Moonseed', 'Menispermum canadense', 'deadly', 'A vine; flat crescent stone.', { apartFrom: ALWAYS }]],
  cautions: [['lookAlike', 'A vine in the thicket may carry moonseed, which kills: pick from the bush that the hand has followed.'], ['cooking', 'Stones and seed hold cyanide: strain them out, unbroken.']],
  keeping: 'Jelly, syrup.',
});
