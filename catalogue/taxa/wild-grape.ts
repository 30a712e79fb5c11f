import { AMERICA, found } from '../src/regions.ts';
import { autumn, MOSTLY, OFTEN, others, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const wildGrape = plant({
  key: 'wild-grape',
  name: 'Riverbank grape',
  scientific: 'Vitis riparia Michx.',
  family: 'Vitaceae',
  regions: found([...AMERICA]),
  habit: 'climber', lifeCycle: 'woody',
  about: 'High vines along rivers; sour blue grapes, sweeter after frost.',
  stages: [spring('leaves', 'leaves', 1, 122, 12), spring('flowering', 'in flower', 6, 155, 12), autumn('ripe', 'ripe', 8, 255, 16), autumn('bare', 'bare', 9, 308, 14)],
  parts: [{ key: 'fruit', name: 'fruit', unit: 'head', perPlant: [30, 5, 150], massG: [40, 15, 100], method: 'Pick ripe ones by hand, a branch here and there; birds need the rest.', effect: 'Seed goes with it; the plant lives on.', use: 'juice, jelly', eating: 'raw', costsSeed: true }],
  windows: [{ part: 'fruit', use: 'ripe', from: 'ripe', to: 'ripe+25', clearFrom: 'ripe' }],
  ceilings: [others(0.4)],
  signs: [['stem', 'glance', 'Forked tendrils opposite leaves; bark in shreds.'], ['seed', 'glance', 'Several pear-shaped pips.'], ['leaf', 'glance', 'Coarsely toothed all round.']],
  shows: shows({ growth: 'climber', leafShape: { heart: OFTEN, hand: OFTEN }, leafVeins: 'net', leafSet: { alternate: 1 }, leafBase: { heartBase: MOSTLY }, leafEdge: { coarseTeeth: MOSTLY, lobed: SOMETIMES }, hairs: { bare: OFTEN, soft: OFTEN }, leafUnder: { dull: MOSTLY }, smell: 'none', flowerForm: { star5: OFTEN }, flowerSet: { plume: MOSTLY }, flowerColour: 'green', fruit: 'berry', berryColour: { blueBloom: OFTEN, black: OFTEN }, seedShape: { fatRibs: RARELY }, bark: { peeling: MOSTLY }, bud: { scaled: OFTEN }, branching: 'alternateTwigs', stemSkin: { plain: OFTEN }, sap: { clear: MOSTLY } }),
  lookAlikes: [['Moonseed', 'Menispermum canadense', 'deadly', 'No tendrils; leaf edge smooth, stalk joined inside the edge; one flat crescent stone.', { apartFrom: 'flowering' }]],
  cautions: [['lookAlike', 'Moonseed kills and hangs in the same thickets: tendrils on the very vine, toothed leaves, and one grape of each bunch cut for its pips.']],
  keeping: 'Juice hot into jars.',
});
