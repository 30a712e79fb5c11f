import { found } from '../src/regions.ts';
import { autumn, flowering, MOSTLY, mountainSpring, NEVER, NOW_AND_THEN, OFTEN, plant, share, shows, SOMETIMES } from '../src/write.ts';

export const yellowGentian = plant({
  key: 'yellow-gentian', name: 'Yellow gentian',
  scientific: 'Gentiana lutea L.',
  family: 'Gentianaceae',
  regions: found(['continentalEurope', 'mountainsOfEurope', 'mediterranean'], 'atRisk'),
  habit: 'perennialRoot', grows: 'inMountains', status: 'atRisk',
  about: 'Lives for decades and flowers first after ten or so. Its root is dug for bitters, its stands shrink, and its twin is deadly.',
  stages: [mountainSpring('leaves', 'leaves', 1, 122, 12), mountainSpring('stalk', 'stem', 3, 150, 10), mountainSpring('flowering', 'yellow whorls', 6, 190, 12), autumn('seed', 'seed', 8, 245, 14), autumn('dying', 'stems dead', 9, 285, 14)],
  parts: [
    { key: 'root', name: 'roots', unit: 'root', perPlant: [1, 1, 1], massG: [500, 150, 1500], method: 'Only with permit and leave, in autumn, plants confirmed in flower; part of the root, the crown set back.', effect: 'Kills a plant of many years, unless the crown lives on.', use: 'dried, for bitters', eating: 'cooked', kills: true, minAgeYears: 10 },
    { key: 'seed', name: 'seed', unit: 'head', perPlant: [6, 2, 12], massG: null, method: 'Shake ripe pods into the hand, sow most of it on bare soil there.', effect: 'Its only way to spread.', use: 'for sowing', eating: 'none', costsSeed: true },
  ],
  windows: [{ part: 'root', use: 'bitters', from: 'dying-10', to: 'dying+35', clearFrom: NEVER }, { part: 'seed', use: 'sowing', from: 'seed', to: 'dying' }],
  ceilings: [share(0.02, 'root'), { parts: ['root'], rule: { kind: 'age', minYears: 10 } }, flowering(0.9)],
  signs: [['leaf', 'glance', 'In pairs, crossed, bare and bluish, with five to seven arched veins.'], ['root', 'cut', 'A long thick taproot, yellow inside.'], ['flower', 'glance', 'Yellow stars in whorls.'], ['stem', 'glance', 'Dead stems keep pairs of pods at each storey.']],
  shows: [
    ...shows({ leafShape: { oval: MOSTLY, lance: NOW_AND_THEN }, leafEdge: 'smooth', leafBase: { clasping: OFTEN, stalkless: OFTEN, wedge: SOMETIMES }, leafSet: { opposite: 1, basal: OFTEN }, leafVeins: { arched: MOSTLY, parallel: NOW_AND_THEN }, leafUnder: { dull: OFTEN, glossy: SOMETIMES }, hairs: 'bare', stemSection: { hollow: OFTEN, solid: OFTEN }, stemSkin: 'plain', smell: 'none', flowerForm: { star5: OFTEN, star6: OFTEN }, flowerSet: { spike: MOSTLY, ball: NOW_AND_THEN }, flowerColour: 'yellow', fruit: 'capsule', root: { taproot: MOSTLY, creeping: NOW_AND_THEN }, deadStalk: { podsLeft: OFTEN, tallSpike: OFTEN, noStalk: SOMETIMES } }),
    // Young ones stand on a stem or without one, in every phase.
    ...shows({ growth: { leafyStem: OFTEN, fromGround: OFTEN, rosette: SOMETIMES } }, 'rest', 'leaf', 'flower', 'fruit'),
  ],
  lookAlikes: [['White hellebore', 'Veratrum album', 'deadly', 'Leaves one by one and pleated, downy beneath; root a short stock with threads, white inside.']],
  substitutes: [['dandelion', 'a bitter root, from a weed'], ['burdock', 'a root to dig where digging is allowed']],
  cautions: [['lookAlike', 'White hellebore grows among it; roots dug without leaves have killed.'], ['law', 'Protected in many places, elsewhere under permit and quota.'], ['people', 'Not for pregnant people, nor with ulcers of the stomach: ask a licensed practitioner.']],
  works: ['habitats1992'],
});
