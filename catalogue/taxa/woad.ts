import { found } from '../src/regions.ts';
import { autumn, MOSTLY, OFTEN, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const woad = plant({
  key: 'woad', name: 'Woad',
  scientific: 'Isatis tinctoria L.',
  family: 'Brassicaceae',
  regions: { ...found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mediterranean']), ...found(['westernAmerica'], 'invasive') },
  habit: 'biennial', lifeCycle: 'biennial',
  about: 'Blue dye from the leaves of the first year.',
  stages: [spring('rosette', 'rosette', 2, 100, 18), spring('flowering', 'yellow cloud', 6, 138, 10), spring('seed', 'hanging pods', 8, 178, 12), autumn('late', 'second rosettes full', 4, 240, 16), autumn('rest', 'winter', 9, 310, 14)],
  parts: [{ key: 'leaf', name: 'first-year leaves', yearOfLife: 1, unit: 'gram', perPlant: [120, 50, 250], massG: null, method: 'Cut outer leaves of rosettes; twice in a summer.', effect: 'Grows again until autumn.', use: 'blue dye', eating: 'none' }],
  windows: [{ part: 'leaf', use: 'dye', from: 'seed', to: 'late+30', best: 0.6 }],
  ceilings: [share(0.5)],
  signs: [['leaf', 'glance', 'Blue-green, smooth, a pale midrib; stem leaves clasp with two ears.'], ['fruit', 'glance', 'Hanging black-brown pods like tongues.']],
  shows: shows({ growth: { rosette: 1, leafyStem: OFTEN }, leafShape: { lance: 1, arrow: SOMETIMES }, leafEdge: { smooth: MOSTLY, fineTeeth: SOMETIMES }, leafBase: { wedge: OFTEN, clasping: OFTEN }, leafSet: { basal: 1, alternate: OFTEN }, leafVeins: 'net', hairs: { soft: OFTEN, bare: OFTEN }, stemSkin: 'plain', stemSection: 'solid', smell: 'none', flowerForm: 'cross4', flowerSet: { flatHead: OFTEN, plume: OFTEN }, flowerColour: 'yellow', fruit: { pod: 1, winged: OFTEN }, root: 'taproot', deadStalk: 'podsLeft' }),
  cautions: [['notForEating', 'A dye, not a food.'], ['invader', 'Spreads beyond control in some countries: check before sowing.']],
});
