import { found } from '../src/regions.ts';
import { autumn, MOSTLY, others, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const cranberry = plant({
  key: 'cranberry', name: 'Cranberry',
  scientific: 'Vaccinium oxycoccos L.',
  family: 'Ericaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope', 'easternAmerica', 'westernAmerica'], 'slow'),
  habit: 'shrub', lifeCycle: 'woody', status: 'slow',
  about: 'Threads over bog moss with berries that keep through the winter.',
  seasonStart: '05-01',
  stages: [spring('flowering', 'pink flowers', 6, 165, 12), autumn('ripe', 'red berries', 8, 275, 14), autumn('frosted', 'after frosts', 9, 315, 14)],
  parts: [{ key: 'fruit', name: 'berries', unit: 'gram', perPlant: [3, 1, 8], massG: null, method: 'Few steps, on tussocks; the moss keeps a footprint for years.', effect: 'Trampling harms more than picking.', use: 'cooked', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'fruit', use: 'cooked', from: 'ripe', to: 'frosted+30', best: 0.7 }],
  ceilings: [others(0.6)],
  signs: [['stem', 'glance', 'Thin threads creeping over moss.'], ['leaf', 'glance', 'Tiny, pointed, white beneath.']],
  shows: shows({ growth: 'creeping', leafShape: { oval: 1, lance: SOMETIMES }, leafEdge: 'smooth', leafBase: 'wedge', leafSet: 'alternate', leafVeins: 'net', leafUnder: 'whiteFelt', hairs: 'bare', stemSkin: 'plain', flowerForm: { cross4: 1 }, flowerSet: 'single', flowerColour: 'pink', fruit: 'berry', root: 'creeping', berryColour: { red: MOSTLY } }),
  lookAlikes: [['Bog rosemary', 'Andromeda polifolia', 'poisonous', 'Upright, narrow leaves rolled under; dry capsules, no berries.']],
  substitutes: [['lingonberry', 'a sour red berry from firm ground']],
  cautions: [['lookAlike', 'Bog rosemary grows through it and is poisonous: berries only, no leaves.'], ['ground', 'Bogs swallow: not alone.'], ['law', 'Bogs are reserves as a rule.']],
});
