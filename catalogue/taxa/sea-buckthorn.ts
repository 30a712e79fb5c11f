import { found } from '../src/regions.ts';
import { autumn, OFTEN, others, plant, pruning, shows, SOMETIMES, spring } from '../src/write.ts';

export const seaBuckthorn = plant({
  key: 'sea-buckthorn', name: 'Sea buckthorn',
  scientific: 'Hippophae rhamnoides L.',
  family: 'Elaeagnaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope']),
  habit: 'shrub', lifeCycle: 'woody',
  about: 'Thorny and silver on dunes, orange berries crowded on the twigs.',
  stages: [spring('leafing', 'leaves', 1, 112, 10), autumn('ripe', 'orange berries', 8, 250, 12), autumn('soft', 'berries soft', 9, 295, 14)],
  parts: [{ key: 'fruit', name: 'berries', unit: 'gram', perPlant: [1500, 300, 6000], massG: null, method: 'Milk the twig with a fork into a bowl, or shake frozen twigs; do not cut.', effect: 'Cut branches bear again only after years.', use: 'juice', eating: 'raw', costsSeed: true }],
  windows: [{ part: 'fruit', use: 'juice', from: 'ripe', to: 'soft', best: 0.4 }],
  ceilings: [others(0.4), pruning(0.3)],
  signs: [['stem', 'glance', 'Long thorns.'], ['leaf', 'glance', 'Narrow, silver with scales.']],
  shows: shows({ growth: { bush: 1, tree: SOMETIMES }, leafShape: { lance: 1, strap: SOMETIMES }, leafEdge: 'smooth', leafBase: 'wedge', leafSet: 'alternate', leafVeins: 'net', leafUnder: 'whiteFelt', hairs: { felt: OFTEN, soft: SOMETIMES }, stemSkin: 'thorns', flowerColour: { green: OFTEN, brown: OFTEN }, fruit: { berry: 1, stoneFruit: OFTEN }, root: 'creeping', bark: 'furrowed', branching: 'alternateTwigs', bud: 'scaled', berryColour: 'orange' }),
  cautions: [['ground', 'Dunes are held by it: ask, and stay on paths.']],
});
