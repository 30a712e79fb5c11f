import { AMERICA, EUROPE, found } from '../src/regions.ts';
import { autumn, flowering, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, RARELY, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const spearThistle = plant({
  key: 'spear-thistle',
  name: 'Spear thistle',
  scientific: 'Cirsium vulgare (Savi) Ten.',
  family: 'Asteraceae',
  regions: { ...found(EUROPE), ...found([...AMERICA], 'invasive') },
  habit: 'biennial', lifeCycle: 'biennial',
  about: 'The big spiny rosette of pastures. Root of the first autumn, peeled stalk of the second summer before it flowers.',
  stages: [spring('rosette', 'spiny rosette', 2, 85, 16), spring('stalk', 'stalk rises', 3, 150, 12), spring('flowering', 'purple heads', 6, 190, 14), autumn('seed', 'down flies', 8, 230, 16), autumn('dying', 'leaves brown', 9, 300, 16)],
  parts: [{ key: 'root', name: 'first-year roots', unit: 'root', perPlant: [1, 1, 1], massG: [60, 20, 150], method: 'Fork out rosettes that have no stalk.', effect: 'Takes the plant.', use: 'boiled', eating: 'cooked', kills: true, costsSeed: true, yearOfLife: 1 }, { key: 'stalk', name: 'second-year stalks', unit: 'stalk', perPlant: [1, 1, 2], massG: [90, 40, 200], method: 'Cut low with gloves on, strip the wings and peel.', effect: 'Side shoots may still flower.', use: 'peeled, raw or boiled', eating: 'raw', costsSeed: true, spends: ['flower', 'seed'], yearOfLife: 2 }],
  windows: [{ part: 'stalk', use: 'peeled', from: 'stalk', to: 'flowering-12', size: 'before buds colour' }, { part: 'root', use: 'boiled', from: 'dying-25', to: 'dying+60' }],
  ceilings: [share(0.3, 'root'), flowering(0.6, 'stalk'), others(0.3)],
  signs: [['leaf', 'glance', 'Spines on top as well as on the edge; each lobe ends in a spear.'], ['stem', 'glance', 'Spiny wings all the way.']],
  shows: shows({ growth: { rosette: MOSTLY, leafyStem: OFTEN }, leafShape: { lance: OFTEN, feather: OFTEN }, leafEdge: { spiny: 1 }, leafBase: { runsDown: MOSTLY, wedge: SOMETIMES }, leafSet: { basal: MOSTLY, alternate: OFTEN }, leafVeins: 'net', leafUnder: { dull: OFTEN, whiteFelt: SOMETIMES }, hairs: { bristles: MOSTLY, soft: NOW_AND_THEN }, stemSection: { ribbed: OFTEN, solid: OFTEN, hollow: NOW_AND_THEN }, stemSkin: { thorns: OFTEN, prickles: OFTEN, hairy: SOMETIMES }, sap: { clear: MOSTLY }, smell: 'none', flowerForm: { strapHead: SOMETIMES, daisy: RARELY }, flowerSet: { single: OFTEN, ball: OFTEN }, flowerColour: { pink: MOSTLY, blue: NOW_AND_THEN }, fruit: 'parachutes', root: { taproot: MOSTLY }, deadStalk: { burrsLeft: SOMETIMES, tallSpike: SOMETIMES, noStalk: OFTEN }, stalkSection: { grooved: OFTEN, none: SOMETIMES } }),
  lookAlikes: [],
  cautions: [['handling', 'Spines go through thin gloves and break off in the skin.'], ['law', 'Digging needs the owner’s leave, and in many places a permit.']],
  keeping: 'Roots lose their sugar within days: use them.',
});
