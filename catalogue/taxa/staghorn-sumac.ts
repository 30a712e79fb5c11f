import { found } from '../src/regions.ts';
import { ALWAYS, autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const staghornSumac = plant({
  key: 'staghorn-sumac',
  name: 'Staghorn sumac',
  scientific: 'Rhus typhina L.',
  family: 'Anacardiaceae',
  regions: found(['easternAmerica', 'prairie', 'atlanticEurope', 'continentalEurope']),
  habit: 'shrub', lifeCycle: 'woody',
  about: 'Velvet red cones on velvet twigs; sour drink from fruit before the autumn rain.',
  stages: [spring('leaves', 'leaves', 1, 128, 12), spring('flowering', 'in flower', 6, 172, 12), autumn('ripe', 'ripe', 8, 232, 16), autumn('bare', 'bare', 9, 308, 14)],
  parts: [{ key: 'fruit', name: 'fruit', unit: 'head', perPlant: [15, 3, 60], massG: [25, 10, 50], method: 'Pick ripe ones by hand, a branch here and there; birds need the rest.', effect: 'Seed goes with it; the plant lives on.', use: 'steeped cold', eating: 'raw', costsSeed: true }],
  windows: [{ part: 'fruit', use: 'ripe', from: 'ripe', to: 'ripe+25' }],
  ceilings: [others(0.4)],
  signs: [['fruit', 'glance', 'Upright, red, furry.'], ['stem', 'cut', 'Velvet; milk where it is cut.']],
  shows: shows({ growth: { bush: OFTEN, tree: OFTEN }, leafShape: 'feather', leafVeins: 'net', leafSet: { alternate: 1 }, leafBase: { wedge: OFTEN, stalkless: SOMETIMES }, leafEdge: { coarseTeeth: MOSTLY, fineTeeth: SOMETIMES }, hairs: { felt: OFTEN, soft: OFTEN }, leafUnder: { paleBands: NOW_AND_THEN, dull: OFTEN }, smell: 'none', flowerForm: { star5: SOMETIMES }, flowerSet: { plume: MOSTLY }, flowerColour: { green: OFTEN, yellow: OFTEN }, fruit: { stoneFruit: OFTEN, berry: NOW_AND_THEN, burr: NOW_AND_THEN }, berryColour: { red: 1 }, bark: { smoothBark: MOSTLY }, bud: { naked: OFTEN }, branching: 'alternateTwigs', stemSkin: { hairy: MOSTLY }, sap: { clear: MOSTLY } }),
  lookAlikes: [['Poison sumac', 'Toxicodendron vernix', 'harmful', 'In swamps; leaf edge smooth, red stalk, loose hanging white berries.', { apartFrom: ALWAYS }]],
  cautions: [['people', 'Not for whoever is allergic to cashew or mango.'], ['handling', 'Steep cold and strain through cloth: the hairs scratch.']],
  keeping: 'Cones dried whole.',
});
