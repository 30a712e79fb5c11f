import { found } from '../src/regions.ts';
import { autumn, flowering, OFTEN, plant, RARELY, share, shows, spring } from '../src/write.ts';

export const weld = plant({
  key: 'weld', name: 'Weld',
  scientific: 'Reseda luteola L.',
  family: 'Resedaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mediterranean', 'easternAmerica', 'westernAmerica']),
  habit: 'biennial', lifeCycle: 'biennial',
  about: 'The strongest yellow of the old dyers, on quarry floors and lime.',
  stages: [spring('rosette', 'rosette', 2, 85, 18), spring('stalk', 'spike rises', 3, 135, 12), spring('flowering', 'in flower', 6, 165, 12), spring('seed', 'seed', 8, 208, 14), autumn('dying', 'dead', 9, 280, 14)],
  parts: [{ key: 'wholePlant', name: 'flowering tops', unit: 'stalk', perPlant: [2, 1, 4], massG: [40, 15, 90], method: 'Cut when the lower pods are green; leave every second plant to seed.', effect: 'Ends the plant.', use: 'yellow dye', eating: 'none', kills: true, costsSeed: true }],
  windows: [{ part: 'wholePlant', use: 'dye', from: 'flowering+8', to: 'seed' }],
  ceilings: [share(0.4), flowering(0.5)],
  signs: [['leaf', 'glance', 'Narrow, wavy, shining, undivided.'], ['flower', 'glance', 'A long thin spike that follows the sun.']],
  shows: shows({ growth: { rosette: 1, leafyStem: OFTEN }, leafShape: { lance: 1, strap: RARELY }, leafEdge: 'smooth', leafBase: { wedge: OFTEN, stalkless: OFTEN }, leafSet: { basal: 1, alternate: OFTEN }, leafVeins: 'net', hairs: 'bare', stemSection: { ribbed: OFTEN, hollow: OFTEN }, stemSkin: 'plain', smell: 'none', flowerForm: 'cross4', flowerSet: 'spike', flowerColour: { yellow: OFTEN, green: OFTEN }, fruit: 'capsule', root: 'taproot', deadStalk: { tallSpike: 1, podsLeft: OFTEN } }),
  cautions: [['notForEating', 'A dye, not a food.']],
});
