import type { PlantProfile } from '@emberfield/contract';
import { about, after, en, estimate, IN_WOODS, warmth } from '../src/figures.ts';
import { EUROPE, found } from '../src/regions.ts';
import { MOSTLY, NOW_AND_THEN, OFTEN, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const ramsons: PlantProfile = {
  key: 'ramsons',
  scientific: 'Allium ursinum L.',
  family: 'Amaryllidaceae',
  regions: found(EUROPE, 'slow'),
  names: en('Ramsons'),
  about: en('A woodland bulb that leafs, flowers and dies back before the trees have closed. It spreads slowly: from seed to first flower takes several years.'),
  habit: 'bulb',
  lifeCycle: 'perennial',
  status: 'slow',
  severity: 'none',
  seasonStart: '01-01',
  reference: IN_WOODS,
  stages: [
    { key: 'spears', name: en('spears through the litter'), bbch: 0, calendar: about(60, 12), model: warmth(12, 8, 18) },
    { key: 'leaves', name: en('leaves unfolded'), bbch: 1, calendar: about(86, 9), model: warmth(42, 32, 55) },
    { key: 'buds', name: en('flower buds in their sheath'), bbch: 5, calendar: about(108, 8), model: warmth(112, 92, 136) },
    { key: 'flowering', name: en('in flower'), bbch: 6, calendar: about(120, 8), model: warmth(178, 150, 210) },
    { key: 'fruiting', name: en('green capsules'), bbch: 7, calendar: about(145, 8), model: warmth(375, 320, 440) },
    { key: 'dying', name: en('leaves yellow and die back'), bbch: 9, calendar: about(163, 9), model: after('fruiting', 18, 12, 24) },
  ],
  parts: [
    {
      key: 'leaf', name: en('leaves'), unit: 'leaf', perPlant: estimate(2, 2, 3), massG: estimate(2.2, 1.3, 3.4),
      method: en('Take one leaf of a plant that has two or more. Hold it at the base, cut it singly and look at every one: no handfuls.'),
      effect: en('The bulb lives on what its leaves bring in until June; a plant robbed of all of them shrinks or misses a year.'),
      kills: false, costsSeed: false, spends: [], minAgeYears: null, use: en('raw or cooked, best before flowering'), eating: 'raw',
    },
    {
      key: 'bud', name: en('flower buds'), unit: 'head', perPlant: estimate(1, 1, 1), massG: estimate(1.2, 0.7, 1.8),
      method: en('Pinch the stalk under the closed sheath.'), effect: en('Each bud taken is a flower head and its seed lost.'),
      kills: false, costsSeed: true, spends: ['seed'], minAgeYears: null, use: en('pickled like capers'), eating: 'raw',
    },
    {
      key: 'seed', name: en('green capsules'), unit: 'head', perPlant: estimate(1, 1, 1), massG: estimate(1.5, 0.9, 2.2),
      method: en('Cut the head while the capsules are still green and shut.'), effect: en('The seed of the year is lost; ramsons spreads by little else.'),
      kills: false, costsSeed: true, spends: [], minAgeYears: null, use: en('pickled'), eating: 'raw',
    },
  ],
  windows: [
    { part: 'leaf', use: 'eaten fresh', opens: { stage: 'leaves', offsetDays: 0 }, closes: { stage: 'flowering', offsetDays: 8 }, peakShare: 0.45, separableFrom: 'flowering', sizeLimit: en('as long as a hand, still soft') },
    { part: 'bud', use: 'pickled', opens: { stage: 'buds', offsetDays: 0 }, closes: { stage: 'flowering', offsetDays: 0 }, peakShare: 0.5, sizeLimit: null },
    { part: 'seed', use: 'pickled', opens: { stage: 'fruiting', offsetDays: 0 }, closes: { stage: 'dying', offsetDays: -3 }, peakShare: 0.35, sizeLimit: en('capsules green and shut') },
  ],
  ceilings: [
    { parts: ['leaf'], rule: { kind: 'perPlantCap', perPlant: 1 } },
    { parts: ['leaf'], rule: { kind: 'fixedShare', share: 0.25 } },
    { parts: null, rule: { kind: 'keepFlowering', share: 0.8 } },
  ],
  signs: [
    { organ: 'smell', text: en('Each leaf smells of garlic when crushed; fingers that have touched it smell too, so use a clean hand for every leaf.'), price: 'glance' },
    { organ: 'leafStalk', text: en('Each leaf stands on a stalk of its own, straight from the ground.'), price: 'glance' },
    { organ: 'leaf', text: en('Underside dull and paler than the upper side; the midrib snaps when bent.'), price: 'glance' },
    { organ: 'root', text: en('A slim white bulb, one to a plant, with threads at its foot.'), price: 'cut' },
    { organ: 'flower', text: en('A loose ball of white stars on a three-edged stalk.'), price: 'glance' },
  ],
  shows: [
    ...shows({ growth: 'fromGround', leafShape: { lance: MOSTLY, oval: SOMETIMES }, leafEdge: 'smooth', leafBase: { wedge: 1 }, leafSet: 'basal', leafVeins: { parallel: MOSTLY, arched: NOW_AND_THEN }, leafUnder: { dull: MOSTLY, glossy: RARELY }, hairs: 'bare', leafSection: 'flat', stemSection: { threeEdged: MOSTLY, solid: SOMETIMES }, smell: 'garlic', flowerForm: 'star6', flowerSet: { umbel: MOSTLY, ball: NOW_AND_THEN }, flowerColour: 'white', fruit: 'capsule', root: { bulb: MOSTLY, fibres: RARELY }, deadStalk: 'noStalk', stalkSection: { threeEdged: OFTEN, grooved: SOMETIMES, round: SOMETIMES } }),
  ],
  substitutes: [],
  lookAlikes: [
    { name: en('Autumn crocus'), scientific: 'Colchicum autumnale', severity: 'deadly', separatedBy: en('Stalkless leaves, several from one point, with last year’s fruit often between them; no garlic smell.'), pieceByPiece: true },
    { name: en('Lily of the valley'), scientific: 'Convallaria majalis', severity: 'deadly', separatedBy: en('Two leaves wrap one stem; underside glossy; no garlic smell; creeping rootstock instead of a bulb.'), pieceByPiece: true },
    { name: en('Lords-and-ladies'), scientific: 'Arum maculatum', severity: 'poisonous', separatedBy: en('Arrow-shaped with netted veins once grown, but its first leaves are plain tongues among the ramsons; no garlic smell.'), apartFrom: 'buds' },
    { name: en('White hellebore'), scientific: 'Veratrum album', severity: 'deadly', separatedBy: en('Leaves pleated, downy beneath, one above the other in threes round a thick stem; no garlic smell.'), pieceByPiece: true },
  ],
  cautions: [
    { class: 'lookAlike', text: en('Autumn crocus and lily of the valley grow in the middle of ramsons and have killed people who picked by the handful. Smell wears off on the hands: check each leaf by more than its smell.') },
    { class: 'law', text: en('Bulbs are not dug: in many places that is forbidden, and everywhere it needs the owner’s leave.') },
    { class: 'ground', text: en('Foxes and dogs use the same woods: washing does not take tapeworm eggs off, cooking does.') },
  ],
  bring: en('scissors · a flat basket · a cloth to wipe the hands'),
  keeping: en('Wilts within hours: keep cool and damp. Drying loses the taste; pound with oil or salt, or freeze chopped.'),
  works: ['ernst1979', 'bbch2001'],
};
