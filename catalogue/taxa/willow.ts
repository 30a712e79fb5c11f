import { EUROPE, found } from '../src/regions.ts';
import { autumn, MOSTLY, OFTEN, plant, pruning, shows, SOMETIMES, spring } from '../src/write.ts';

export const willow = plant({
  key: 'willow', name: 'White willow',
  scientific: 'Salix alba L.',
  family: 'Salicaceae',
  regions: found([...EUROPE, 'easternAmerica', 'prairie']),
  habit: 'tree', lifeCycle: 'woody',
  about: 'Rods for baskets in winter, bark for fibre in May, when it slips.',
  seasonStart: '07-01',
  stages: [autumn('bare', 'leaf-fall', 9, 315, 12), spring('catkins', 'catkins', 6, 95, 10), spring('slipping', 'bark slips', 1, 125, 10), spring('tight', 'bark tight again', 2, 165, 12)],
  parts: [{ key: 'fibre', name: 'rods', unit: 'stalk', perPlant: [40, 15, 100], massG: [60, 20, 150], method: 'Cut one-year rods of a pollard low, with a slope, all in one go.', effect: 'Pollards live by it.', use: 'for weaving', eating: 'none' }, { key: 'bark', name: 'bark of cut rods', unit: 'gram', perPlant: [400, 100, 1500], massG: null, method: 'Only from rods cut anyway; never from the trunk, never in a ring.', effect: 'A ringed tree dies.', use: 'fibre, dye', eating: 'none' }],
  windows: [{ part: 'fibre', use: 'weaving', from: 'bare', to: 'catkins-10' }, { part: 'bark', use: 'fibre', from: 'slipping', to: 'tight' }],
  ceilings: [pruning(0.5, 'fibre'), pruning(0.1, 'bark')],
  signs: [['leaf', 'glance', 'Silver silk beneath, narrow.'], ['bud', 'glance', 'One scale like a cap, pressed to the twig.']],
  shows: shows({ growth: { tree: 1, bush: SOMETIMES }, leafShape: 'lance', leafEdge: 'fineTeeth', leafBase: 'wedge', leafSet: 'alternate', leafVeins: 'net', leafUnder: { whiteFelt: MOSTLY, dull: SOMETIMES }, hairs: { soft: 1 }, stemSkin: 'plain', flowerSet: 'catkin', flowerColour: { yellow: OFTEN, green: OFTEN }, fruit: { capsule: OFTEN, parachutes: OFTEN }, bark: 'furrowed', bud: 'scaled', branching: 'alternateTwigs' }),
  cautions: [['people', 'Bark holds salicin, a kin of aspirin: not for children, nor for who bears aspirin badly; as a remedy only after asking a licensed practitioner.']],
});
