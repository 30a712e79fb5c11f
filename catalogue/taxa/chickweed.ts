import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, MOSTLY, OFTEN, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const chickweed = plant({
  key: 'chickweed', name: 'Chickweed',
  scientific: 'Stellaria media (L.) Vill.',
  family: 'Caryophyllaceae',
  regions: found(EVERYWHERE),
  habit: 'herb', lifeCycle: 'annual',
  about: 'Soft green of fields and gardens, best in the cool half of the year.',
  stages: [spring('leaves', 'cushions', 1, 50, 25), spring('flowering', 'white stars', 6, 92, 18), spring('seed', 'goes to seed', 8, 150, 16), autumn('regrowth', 'new cushions', 1, 270, 20), autumn('rest', 'winter', 9, 350, 12)],
  parts: [{ key: 'shoot', name: 'shoots', unit: 'gram', perPlant: [15, 5, 40], massG: null, method: 'Cut the top of a cushion with scissors.', effect: 'Grows again within weeks and seeds itself.', use: 'raw or cooked', eating: 'raw' }],
  windows: [{ part: 'shoot', use: 'salad', from: 'leaves+10', to: 'seed', best: 0.4 }, { part: 'shoot', use: 'autumn salad', from: 'regrowth', to: 'rest' }],
  ceilings: [share(0.5)],
  signs: [['stem', 'loupe', 'One line of hairs along the stem, changing side at each knot.'], ['stem', 'cut', 'Pulled gently, a white thread shows inside.'], ['flower', 'glance', 'Five petals so deeply cut that they look like ten.']],
  shows: shows({ growth: 'creeping', leafShape: 'oval', leafEdge: 'smooth', leafBase: { wedge: OFTEN, stalkless: OFTEN }, leafSet: 'opposite', leafVeins: 'net', hairs: { bare: MOSTLY, soft: SOMETIMES }, stemSection: 'solid', stemSkin: { hairy: OFTEN, plain: OFTEN }, sap: 'clear', smell: 'none', flowerForm: 'star5', flowerSet: { single: OFTEN, flatHead: OFTEN }, flowerColour: 'white', fruit: 'capsule', root: 'fibres', deadStalk: 'noStalk' }),
  lookAlikes: [['Scarlet pimpernel', 'Lysimachia arvensis', 'poisonous', 'Square stem without a hair line, leaves dotted black beneath.'], ['Petty spurge', 'Euphorbia peplus', 'harmful', 'White milk wherever it breaks; leaves one by one.']],
  cautions: [['ground', 'Of gardens and fields: sprayed? dogs?']],
});
