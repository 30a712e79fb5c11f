import { AMERICA, found } from '../src/regions.ts';
import { autumn, cap, MOSTLY, OFTEN, others, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const raspberry = plant({
  key: 'raspberry', name: 'Raspberry',
  scientific: 'Rubus idaeus L.',
  family: 'Rosaceae',
  regions: found([...AMERICA, 'atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope']),
  habit: 'shrub', lifeCycle: 'woody',
  about: 'Canes of two years in clearings.',
  stages: [spring('leaves', 'leaves', 1, 108, 10), spring('flowering', 'flowers', 6, 148, 10), spring('ripe', 'first berries', 8, 185, 9), spring('last', 'last berries', 8, 218, 10), autumn('bare', 'leaf-fall', 9, 305, 12)],
  parts: [{ key: 'fruit', name: 'berries', unit: 'gram', perPlant: [60, 20, 150], massG: null, method: 'What slips from its plug.', effect: 'Little.', use: 'raw', eating: 'raw', costsSeed: true }, { key: 'leaf', name: 'young leaves', unit: 'leaf', perPlant: [20, 8, 40], massG: [0.7, 0.4, 1.2], method: 'Two or three of a cane.', effect: 'Little.', use: 'dried for tea', eating: 'cooked' }],
  windows: [{ part: 'fruit', use: 'raw', from: 'ripe', to: 'last', best: 0.4 }, { part: 'leaf', use: 'tea', from: 'leaves+14', to: 'flowering+7' }],
  ceilings: [cap(3, 'leaf'), others(0.3)],
  signs: [['leaf', 'glance', 'White beneath.'], ['stem', 'glance', 'Round canes with thin straight prickles.'], ['fruit', 'glance', 'Slips off a white plug.']],
  shows: shows({ growth: 'bush', leafShape: { feather: OFTEN, threeLeaflets: OFTEN }, leafEdge: { coarseTeeth: OFTEN, fineTeeth: OFTEN }, leafSet: 'alternate', leafVeins: 'net', leafUnder: 'whiteFelt', hairs: { bare: OFTEN, soft: OFTEN }, stemSection: { solid: OFTEN, pith: OFTEN }, stemSkin: { prickles: MOSTLY, plain: SOMETIMES }, flowerForm: 'star5', flowerSet: { plume: OFTEN, flatHead: OFTEN }, flowerColour: 'white', fruit: 'manyDrupes', root: 'creeping', branching: 'alternateTwigs', bud: 'scaled', berryColour: 'red' }),
  cautions: [['spoiling', 'Maggots: look inside.'], ['people', 'In pregnancy ask a licensed practitioner about the leaves.']],
});
