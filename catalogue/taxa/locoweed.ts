import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const locoweed = plant({
  key: 'locoweed',
  name: 'Purple locoweed',
  scientific: 'Oxytropis lambertii Pursh',
  family: 'Fabaceae',
  regions: found(['prairie', 'westernAmerica']),
  habit: 'perennialRoot', severity: 'poisonous',
  about: 'Silky tufts of dry prairie with purple spikes. Drives cattle mad.',
  stages: [spring('leaves', 'leaves', 1, 112, 12), spring('flowering', 'purple spikes', 6, 152, 14), spring('seed', 'pods', 8, 188, 14), autumn('dying', 'dead', 9, 262, 16)],
  signs: [['leaf', 'glance', 'Feathered, silky, all from the ground.'], ['flower', 'loupe', 'The keel ends in a sharp point.']],
  shows: shows({ growth: { rosette: MOSTLY, fromGround: OFTEN }, leafShape: { feather: 1 }, leafEdge: 'smooth', leafBase: { wedge: OFTEN, sheath: NOW_AND_THEN }, leafSet: { basal: 1 }, leafVeins: 'net', hairs: { soft: MOSTLY, felt: NOW_AND_THEN }, stemSection: { solid: OFTEN }, stemSkin: { hairy: MOSTLY }, sap: { clear: MOSTLY }, smell: 'none', flowerForm: 'pea', flowerSet: 'spike', flowerColour: { pink: OFTEN, blue: OFTEN }, fruit: 'pod', root: { taproot: MOSTLY }, deadStalk: { podsLeft: OFTEN, noStalk: SOMETIMES }, stalkSection: { grooved: OFTEN } }),
  cautions: [['notForEating', 'Poisonous: harms brain and heart, slowly.']],
});
