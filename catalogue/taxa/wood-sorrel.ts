import { found } from '../src/regions.ts';
import { autumn, cap, MOSTLY, NOW_AND_THEN, OFTEN, plant, share, shows, spring } from '../src/write.ts';

export const woodSorrel = plant({
  key: 'wood-sorrel',
  name: 'Wood sorrel',
  scientific: 'Oxalis acetosella L.',
  family: 'Oxalidaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope']),
  habit: 'herb', grows: 'inWoods',
  about: 'Pale three-part leaves on the floor of shady woods, sour. A few as seasoning.',
  stages: [spring('leaves', 'folded leaves', 1, 92, 12), spring('flowering', 'veined white flowers', 6, 112, 12), spring('summer', 'full leaf', 7, 145, 14), autumn('dying', 'leaves fade', 9, 300, 16)],
  parts: [{ key: 'leaf', name: 'leaves', unit: 'leaf', perPlant: [6, 3, 12], massG: [0.1, 0.05, 0.2], method: 'Snip single leaves with their stalk, here and there.', effect: 'Grows on slowly.', use: 'raw, a few', eating: 'raw' }],
  windows: [{ part: 'leaf', use: 'raw', from: 'leaves', to: 'summer+60' }],
  ceilings: [share(0.1), cap(2, 'leaf')],
  signs: [['leaf', 'glance', 'Three hearts joined at their points, folded down at night.'], ['flower', 'glance', 'One to a stalk, white with lilac veins.']],
  shows: shows({ growth: { fromGround: MOSTLY, creeping: OFTEN }, leafShape: { threeLeaflets: MOSTLY }, leafEdge: 'smooth', leafBase: { wedge: OFTEN }, leafSet: { basal: 1 }, leafVeins: 'net', leafUnder: { dull: MOSTLY }, hairs: { soft: OFTEN, bare: OFTEN }, sap: { clear: MOSTLY }, smell: 'none', flowerForm: 'star5', flowerSet: 'single', flowerColour: { white: MOSTLY, pink: NOW_AND_THEN }, fruit: 'capsule', root: { creeping: MOSTLY }, deadStalk: 'noStalk', stalkSection: { round: MOSTLY } }),
  lookAlikes: [],
  cautions: [['people', 'Rich in oxalic acid: not in quantity, and not for those with kidney trouble or gout.'], ['ground', 'Eggs of the fox tapeworm are feared on low leaves: washing helps little, cooking does. Ask what is advised where you live.']],
  keeping: 'Fresh; it wilts within the hour.',
});
