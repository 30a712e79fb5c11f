import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const minersLettuce = plant({
  key: 'miners-lettuce',
  name: 'Miner’s lettuce',
  scientific: 'Claytonia perfoliata Donn ex Willd.',
  family: 'Montiaceae',
  regions: found(['westernAmerica', 'atlanticEurope', 'continentalEurope']),
  habit: 'herb', lifeCycle: 'annual', seasonStart: '08-01',
  about: 'Round leaves pierced by their stem, in cool shade from winter to spring.',
  stages: [autumn('rosettes', 'rosettes', 2, 350, 20), spring('saucers', 'saucer leaves', 3, 67, 16), spring('flowering', 'white flowers', 6, 90, 14), spring('dying', 'red and dry', 9, 143, 16)],
  parts: [{ key: 'leaf', name: 'leaves', unit: 'leaf', perPlant: [15, 5, 40], massG: [0.8, 0.4, 1.5], method: 'Cut half of the saucers of a plant.', effect: 'Makes more, and seeds itself.', use: 'raw', eating: 'raw' }],
  windows: [{ part: 'leaf', use: 'raw', from: 'saucers-30', to: 'flowering+25' }],
  ceilings: [share(0.4), others(0.3)],
  signs: [['leaf', 'glance', 'A round saucer with the stem through its middle.']],
  shows: shows({ growth: { rosette: OFTEN, fromGround: OFTEN, leafyStem: NOW_AND_THEN }, leafShape: { round: MOSTLY, lance: SOMETIMES }, leafEdge: 'smooth', leafBase: { clasping: MOSTLY, wedge: SOMETIMES }, leafSet: { basal: MOSTLY, opposite: SOMETIMES }, leafVeins: { net: OFTEN }, leafUnder: { dull: OFTEN, glossy: SOMETIMES }, hairs: 'bare', stemSection: { solid: OFTEN }, stemSkin: 'plain', sap: { clear: MOSTLY }, smell: 'none', flowerForm: 'star5', flowerSet: { flatHead: OFTEN, oneSided: OFTEN }, flowerColour: { white: MOSTLY, pink: NOW_AND_THEN }, fruit: 'capsule', root: { fibres: MOSTLY }, deadStalk: 'noStalk', stalkSection: { round: MOSTLY } }),
  lookAlikes: [],
  cautions: [['people', 'Rich in oxalic acid: not in quantity, and not for those with kidney trouble or gout.'], ['ground', 'Roadsides, dog walks, sprayed fields and old tips: look where it grows before you pick.']],
  keeping: 'Some days in the cold.',
});
