import { found } from '../src/regions.ts';
import { ALWAYS, autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const americanChestnut = plant({
  key: 'american-chestnut',
  name: 'American chestnut',
  scientific: 'Castanea dentata (Marshall) Borkh.',
  family: 'Fagaceae',
  regions: found(['easternAmerica'], 'atRisk'),
  habit: 'tree', lifeCycle: 'woody', status: 'atRisk',
  about: 'Once every fourth tree of the eastern hills; a blight from abroad left sprouts that die back. Whoever finds one with nuts leaves them and reports it.',
  stages: [spring('leaves', 'leaves', 1, 130, 12), spring('flowering', 'catkins', 6, 142, 12), autumn('ripe', 'nuts fall', 8, 275, 14), autumn('bare', 'bare', 9, 308, 14)],
  parts: [{ key: 'fruit', name: 'nuts', unit: 'nut', perPlant: [40, 5, 200], massG: [4, 2, 7], method: 'Gather what has fallen, early in the day.', effect: 'Animals and seedlings need the rest.', use: 'roasted', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'fruit', use: 'shelled', from: 'ripe', to: 'ripe+30' }],
  ceilings: [share(0.05), others(0.9)],
  signs: [['leaf', 'glance', 'Long, hooked teeth, dull and hairless beneath.'], ['fruit', 'glance', 'Needle-sharp burr with two or three nuts.']],
  shows: shows({ growth: 'tree', leafShape: { lance: MOSTLY, oval: SOMETIMES }, leafEdge: { coarseTeeth: MOSTLY, spiny: NOW_AND_THEN }, leafBase: { wedge: MOSTLY }, leafSet: { alternate: 1 }, hairs: 'bare', leafUnder: { dull: MOSTLY }, smell: 'none', leafVeins: 'net', sap: { clear: MOSTLY }, flowerSet: { catkin: MOSTLY }, flowerColour: { green: MOSTLY, yellow: NOW_AND_THEN }, fruit: 'nut', branching: 'alternateTwigs', bark: { furrowed: OFTEN, smoothBark: OFTEN }, bud: { scaled: MOSTLY } }),
  lookAlikes: [['Ohio buckeye', 'Aesculus glabra', 'poisonous', 'Leaves like hands; one shining seed in a leathery husk.', { apartFrom: ALWAYS }]],
  cautions: [['stand', 'Each nut is needed for breeding it back: leave and report.']],
  keeping: 'Fresh.',
  substitutes: [['sweet-chestnut', 'Planted trees bear as good a nut.']],
});
