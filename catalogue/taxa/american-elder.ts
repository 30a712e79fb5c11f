import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const americanElder = plant({
  key: 'american-elder',
  name: 'American elderberry',
  scientific: 'Sambucus canadensis L.',
  family: 'Viburnaceae',
  regions: found(['easternAmerica', 'prairie']),
  habit: 'shrub', lifeCycle: 'woody',
  about: 'Thickets on wet ground; flat white flowers in summer, purple-black berries, cooked.',
  stages: [spring('leaves', 'leaves', 1, 108, 12), spring('flowering', 'in flower', 6, 172, 12), autumn('ripe', 'ripe', 8, 240, 16), autumn('bare', 'bare', 9, 308, 14)],
  parts: [{ key: 'fruit', name: 'fruit', unit: 'head', perPlant: [25, 5, 100], massG: [60, 25, 120], method: 'Pick ripe ones by hand, a branch here and there; birds need the rest.', effect: 'Seed goes with it; the plant lives on.', use: 'cooked', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'fruit', use: 'ripe', from: 'ripe', to: 'ripe+25', clearFrom: 'ripe' }],
  ceilings: [others(0.4)],
  signs: [['stem', 'cut', 'Woody, warty, with white pith; leaves in pairs.'], ['flower', 'glance', 'Flat white plates.']],
  shows: shows({ growth: 'bush', leafShape: 'feather', leafVeins: 'net', leafSet: { opposite: 1 }, leafBase: { wedge: OFTEN }, leafEdge: { fineTeeth: MOSTLY }, hairs: { bare: OFTEN, soft: SOMETIMES }, leafUnder: { dull: MOSTLY }, smell: { rank: OFTEN, none: SOMETIMES }, flowerForm: 'star5', flowerSet: 'flatHead', flowerColour: 'white', fruit: { berry: MOSTLY, stoneFruit: NOW_AND_THEN }, berryColour: { black: MOSTLY }, bark: { smoothBark: OFTEN, corky: SOMETIMES }, bud: { scaled: OFTEN }, branching: 'oppositeTwigs', stemSkin: { plain: MOSTLY }, stemSection: { pith: MOSTLY }, sap: { clear: MOSTLY } }),
  lookAlikes: [['Spotted water hemlock', 'Cicuta maculata', 'deadly', 'A herb: hollow green stems without wood, leaves alternate on sheaths, umbels of dry seed.', { apartFrom: 'ripe' }], ['Pokeweed', 'Phytolacca americana', 'poisonous', 'A red-stemmed herb; berries on a hanging string, one by one.', { apartFrom: 'ripe' }]],
  cautions: [['lookAlike', 'Water hemlock kills and stands between the bushes with flat white heads: only from wood with pith, twig in hand.'], ['cooking', 'Cooked, stems off; leaves, bark and raw berries make ill.']],
  keeping: 'Juice hot into jars; berries dried.',
});
