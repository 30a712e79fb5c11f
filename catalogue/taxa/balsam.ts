import { found } from '../src/regions.ts';
import { autumn, everything, OFTEN, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const balsam = plant({
  key: 'balsam', name: 'Himalayan balsam',
  scientific: 'Impatiens glandulifera Royle',
  family: 'Balsaminaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope', 'easternAmerica', 'westernAmerica'], 'invasive'),
  habit: 'herb', lifeCycle: 'annual', status: 'invasive',
  about: 'Takes over river banks. Pulled before it seeds, all of it.',
  stages: [spring('seedlings', 'seedlings', 1, 98, 10), spring('stems', 'stems', 3, 140, 12), spring('flowering', 'pink flowers', 6, 192, 12), spring('pods', 'pods spring', 8, 225, 12), autumn('dead', 'first frost', 9, 300, 12)],
  parts: [{ key: 'flower', name: 'flowers', unit: 'blossom', perPlant: [25, 8, 60], massG: [0.6, 0.4, 0.9], method: 'Then pull the whole plant and let it wither off the ground.', effect: 'The more the better.', use: 'jelly', eating: 'cooked', costsSeed: true }, { key: 'seed', name: 'unripe seed', unit: 'gram', perPlant: [6, 2, 15], massG: null, method: 'Catch pods in a bag: none may fall, none be carried off.', effect: 'The more the better.', use: 'cooked', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'flower', use: 'jelly', from: 'flowering', to: 'pods' }, { part: 'seed', use: 'cooked', from: 'pods-5', to: 'pods+25' }],
  ceilings: [everything],
  signs: [['stem', 'glance', 'Thick, juicy, red, hollow.'], ['leaf', 'glance', 'In pairs or threes, with red-based teeth.'], ['fruit', 'glance', 'Pods that spring at a touch.']],
  shows: shows({ growth: 'leafyStem', leafShape: { lance: OFTEN, oval: OFTEN }, leafEdge: 'fineTeeth', leafBase: 'wedge', leafSet: { opposite: OFTEN, whorl: OFTEN }, leafVeins: 'net', hairs: 'bare', stemSection: 'hollow', stemSkin: 'plain', sap: 'clear', smell: { rank: OFTEN, none: OFTEN }, flowerForm: { lipped: 1, hood: SOMETIMES }, flowerSet: { flatHead: OFTEN, single: SOMETIMES }, flowerColour: { pink: 1, white: SOMETIMES }, fruit: { pod: OFTEN, capsule: OFTEN }, root: 'fibres', deadStalk: { noStalk: OFTEN, podsLeft: SOMETIMES } }),
  cautions: [['law', 'In many countries its living seed may be neither sown nor moved: what is taken is boiled before it goes anywhere.'], ['invader', 'Never sow or scatter its seed, none on boots or in compost.'], ['cooking', 'Raw it is full of oxalic acid.']],
});
