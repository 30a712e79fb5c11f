import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, flowering, MOSTLY, NEVER, NOW_AND_THEN, OFTEN, plant, share, shows, spring } from '../src/write.ts';

export const eveningPrimrose = plant({
  key: 'evening-primrose', name: 'Evening primrose',
  scientific: 'Oenothera biennis L.',
  family: 'Onagraceae',
  regions: found(EVERYWHERE),
  habit: 'biennial', lifeCycle: 'biennial',
  about: 'Flat rosettes the first year on railway ground and sand, with a pink-rooted taproot; yellow at dusk in the second.',
  stages: [spring('rosette', 'rosette', 2, 85, 18), spring('stalk', 'stem', 3, 142, 12), spring('flowering', 'yellow at dusk', 6, 180, 14), spring('seed', 'pods', 8, 235, 14), autumn('leaffall', 'rosettes at rest', 9, 300, 14)],
  parts: [{ key: 'root', name: 'first-year roots', yearOfLife: 1, unit: 'root', perPlant: [1, 1, 1], massG: [60, 20, 130], method: 'Dig rosettes from leaf-fall until the stalk; never plants that have flowered.', effect: 'Kills it; it dies after flowering anyway and seeds freely.', use: 'cooked', eating: 'cooked', kills: true }, { key: 'seed', name: 'seed', unit: 'gram', perPlant: [8, 3, 20], massG: null, method: 'Shake dry pods; let half fall.', effect: 'Lives by seed.', use: 'ground', eating: 'raw', costsSeed: true }],
  windows: [{ part: 'root', use: 'cooked', from: 'leaffall-20', to: 'leaffall+120', clearFrom: NEVER }, { part: 'seed', use: 'ground', from: 'seed', to: 'leaffall-15' }],
  ceilings: [share(0.15, 'root'), flowering(0.5, 'seed')],
  signs: [['leaf', 'glance', 'White midrib, in winter flushed red.'], ['root', 'cut', 'Taproot pink in the upper part.'], ['fruit', 'glance', 'Pods split into four, on stiff dead stalks.']],
  shows: shows({ growth: { rosette: 1, leafyStem: OFTEN }, leafShape: 'lance', leafEdge: { smooth: OFTEN, fineTeeth: OFTEN }, leafBase: 'wedge', leafSet: { basal: 1, alternate: OFTEN }, leafVeins: 'net', hairs: { soft: MOSTLY, bare: NOW_AND_THEN }, stemSection: 'solid', stemSkin: { hairy: MOSTLY, blotched: NOW_AND_THEN }, smell: 'none', flowerForm: 'cross4', flowerSet: 'spike', flowerColour: 'yellow', fruit: { capsule: MOSTLY, pod: NOW_AND_THEN }, root: 'taproot', deadStalk: { podsLeft: 1, tallSpike: OFTEN }, stalkSection: { grooved: OFTEN, round: OFTEN } }),
  lookAlikes: [['Foxglove', 'Digitalis purpurea', 'deadly', 'Rosette wrinkled, a raised net beneath, no white or red midrib.'], ['Ragwort', 'Jacobaea vulgaris', 'poisonous', 'Leaves ragged and lobed.']],
  cautions: [['lookAlike', 'First-year rosettes only, and settled: foxglove and ragwort rosettes stand on the same ground.'], ['ground', 'Railway ground was sprayed and tipped on for a century: ask.']],
});
