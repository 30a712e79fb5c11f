import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const pricklyPear = plant({
  key: 'prickly-pear',
  name: 'Eastern prickly pear',
  scientific: 'Opuntia humifusa (Raf.) Raf.',
  family: 'Cactaceae',
  regions: found(['easternAmerica', 'prairie', 'mediterranean'], 'slow'),
  habit: 'shrub', lifeCycle: 'woody', status: 'slow',
  about: 'Flat pads on sand and rock; red fruit in autumn. The fine bristles are worse than the spines.',
  stages: [spring('pads', 'new pads', 2, 142, 12), spring('flowering', 'yellow flowers', 6, 170, 12), autumn('fruit', 'fruit red', 8, 262, 18), autumn('rest', 'pads wrinkle', 9, 318, 16)],
  parts: [{ key: 'fruit', name: 'fruit', unit: 'fruit', perPlant: [8, 2, 30], massG: [20, 8, 45], method: 'With tongs; roll in sand or singe the bristles off, then peel.', effect: 'Seed is lost; it grows from pads as well.', use: 'raw or for syrup', eating: 'raw', costsSeed: true }, { key: 'leaf', name: 'young pads', unit: 'leaf', perPlant: [6, 2, 20], massG: [35, 15, 70], method: 'Cut new pads at the joint, singe and peel; lay one of each three on the ground to root.', effect: 'A pad laid down makes a plant.', use: 'cooked', eating: 'cooked' }],
  windows: [{ part: 'leaf', use: 'cooked', from: 'pads', to: 'flowering+15' }, { part: 'fruit', use: 'raw', from: 'fruit', to: 'rest+20' }],
  ceilings: [share(0.2, 'leaf'), share(0.4, 'fruit')],
  signs: [['wholePlant', 'glance', 'Flat green pads in chains.'], ['fruit', 'glance', 'A red pear with tufts of bristles.']],
  shows: shows({ growth: { creeping: OFTEN, bush: OFTEN }, stemSkin: { thorns: OFTEN, prickles: OFTEN }, stemSection: { solid: MOSTLY }, hairs: { bristles: OFTEN, bare: SOMETIMES }, leafShape: { scale: SOMETIMES }, sap: { clear: MOSTLY }, smell: 'none', flowerForm: { star5: SOMETIMES, star6: OFTEN }, flowerSet: 'single', flowerColour: 'yellow', fruit: { berry: MOSTLY, hip: NOW_AND_THEN }, berryColour: { red: MOSTLY }, root: { fibres: OFTEN, tubers: NOW_AND_THEN }, bark: { smoothBark: SOMETIMES } }),
  lookAlikes: [],
  cautions: [['handling', 'Hair-fine barbed bristles stay in skin and throat: tongs, flame, peeling.'], ['law', 'Protected in several states and at the northern edge of where it grows.']],
  keeping: 'Juice strained through cloth.',
});
