import { EUROPE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const lordsAndLadies = plant({
  key: 'lords-and-ladies', name: 'Lords-and-ladies',
  scientific: 'Arum maculatum L.',
  family: 'Araceae',
  regions: found(EUROPE),
  habit: 'bulb', grows: 'inWoods', severity: 'poisonous',
  about: 'Grows leaf by leaf in the middle of ramsons. Its first leaves are plain tongues; only grown ones are arrowheads.',
  stages: [spring('tongues', 'first leaves, plain tongues', 1, 62, 16), spring('arrows', 'arrowheads', 3, 92, 10), spring('flowering', 'sheath round a club', 6, 122, 9), spring('berries', 'orange berries on a bare stalk', 8, 205, 16), autumn('dying', 'gone', 9, 250, 14)],
  signs: [
    ['leaf', 'glance', 'Veins run in a net with a seam along the edge; grown leaves have two barbs.'],
    ['smell', 'glance', 'No garlic.'],
    ['root', 'cut', 'A knobbly brown tuber.'],
    ['fruit', 'glance', 'A club of orange berries, alone above the ground.'],
  ],
  shows: shows({ sap: { clear: MOSTLY }, growth: 'fromGround', leafShape: { arrow: MOSTLY, oval: OFTEN, lance: SOMETIMES }, leafEdge: 'smooth', leafBase: { heartBase: OFTEN, wedge: OFTEN, sheath: OFTEN }, leafSet: 'basal', leafVeins: { net: 1, parallel: SOMETIMES }, leafUnder: { glossy: OFTEN, dull: OFTEN }, hairs: 'bare', leafSection: 'flat', smell: { none: MOSTLY, garlic: 0.3, rank: NOW_AND_THEN }, flowerForm: 'threePart', flowerSet: 'single', flowerColour: { green: MOSTLY, brown: SOMETIMES }, fruit: 'berry', root: { tubers: OFTEN, corm: OFTEN, bulb: RARELY, creeping: RARELY }, deadStalk: 'noStalk', stalkSection: { grooved: OFTEN, round: OFTEN } }),
  cautions: [['notForEating', 'Needles of oxalate burn mouth and throat and can close it. Berries tempt children.'], ['skin', 'The juice irritates the skin.']],
});
