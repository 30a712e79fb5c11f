import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, cap, OFTEN, others, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const wildStrawberry = plant({
  key: 'wild-strawberry', name: 'Wild strawberry',
  scientific: 'Fragaria vesca L.',
  family: 'Rosaceae',
  regions: found(EVERYWHERE),
  habit: 'herb', grows: 'inWoods',
  about: 'Sunny banks and clearings, spreading by runners.',
  stages: [spring('leaves', 'leaves', 1, 85, 14), spring('flowering', 'white flowers', 6, 118, 12), spring('ripe', 'first berries', 8, 158, 9), spring('last', 'last berries', 8, 192, 12), autumn('rest', 'leaves redden', 9, 300, 14)],
  parts: [
    { key: 'fruit', name: 'berries', unit: 'fruit', perPlant: [5, 2, 12], massG: [0.7, 0.3, 1.3], method: 'Pick what falls at a touch; leave the small ones.', effect: 'Spreads by runners more than by seed.', use: 'raw', eating: 'raw', costsSeed: true },
    { key: 'leaf', name: 'leaves', unit: 'leaf', perPlant: [6, 3, 10], massG: [0.5, 0.3, 0.9], method: 'One or two of a plant.', effect: 'Little, if few.', use: 'dried for tea', eating: 'cooked' },
  ],
  windows: [{ part: 'fruit', use: 'raw', from: 'ripe', to: 'last', best: 0.4 }, { part: 'leaf', use: 'dried', from: 'leaves+20', to: 'ripe' }],
  ceilings: [cap(2, 'leaf'), others(0.3)],
  signs: [['leaf', 'glance', 'Three leaflets, side veins straight into the teeth, silky beneath.'], ['fruit', 'glance', 'Hangs; seeds stand out on it.']],
  shows: shows({ growth: { rosette: OFTEN, creeping: OFTEN }, leafShape: 'threeLeaflets', leafEdge: 'coarseTeeth', leafSet: 'basal', leafVeins: 'net', leafUnder: { dull: OFTEN, whiteFelt: SOMETIMES }, hairs: 'soft', stemSkin: 'hairy', smell: 'none', flowerForm: 'star5', flowerSet: { single: OFTEN, flatHead: SOMETIMES }, flowerColour: 'white', fruit: 'berry', root: 'creeping', deadStalk: 'noStalk', berryColour: 'red' }),
  cautions: [['ground', 'Eggs of the fox tapeworm are feared on low berries: washing helps little, cooking well or drying hot does. Ask what is advised where you live.'], ['people', 'Rashes with strawberry allergy.']],
});
