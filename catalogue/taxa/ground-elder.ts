import type { PlantProfile } from '@emberfield/contract';
import { about, afterWarmth, en, estimate, AT_EDGES, warmth } from '../src/figures.ts';
import { found } from '../src/regions.ts';
import { MOSTLY, NOW_AND_THEN, OFTEN, shows, SOMETIMES } from '../src/write.ts';

export const groundElder: PlantProfile = {
  key: 'ground-elder',
  scientific: 'Aegopodium podagraria L.',
  family: 'Apiaceae',
  regions: { ...found(['northernEurope', 'continentalEurope', 'mountainsOfEurope', 'mediterranean']), ...found(['atlanticEurope', 'easternAmerica'], 'invasive') },
  names: en('Ground elder'),
  about: en('Creeping invader of gardens and hedges: take all you like. It belongs to a family with deadly members, so the taking is the easy part.'),
  habit: 'herb',
  lifeCycle: 'perennial',
  status: 'invasive',
  severity: 'none',
  seasonStart: '01-01',
  reference: AT_EDGES,
  stages: [
    { key: 'folded', name: en('leaves folded and shining'), bbch: 1, calendar: about(84, 11), model: warmth(38, 26, 56) },
    { key: 'unfolded', name: en('leaves unfolded'), bbch: 1, calendar: about(102, 9), model: warmth(86, 66, 112) },
    { key: 'stem', name: en('flower stem rising'), bbch: 3, calendar: about(142, 9), model: warmth(348, 292, 415) },
    { key: 'flowering', name: en('in flower'), bbch: 6, calendar: about(164, 9), model: warmth(575, 492, 672) },
    { key: 'seed', name: en('seed brown'), bbch: 8, calendar: about(215, 10), model: afterWarmth('flowering', 690, 570, 835) },
    { key: 'dying', name: en('leaves gone'), bbch: 9, calendar: about(310, 14), model: { kind: 'calendar', direction: 'autumn' } },
  ],
  parts: [
    {
      key: 'leaf', name: en('young leaves'), unit: 'leaf', perPlant: estimate(4, 2, 7), massG: estimate(1.6, 0.9, 2.6),
      method: en('Pinch shining leaves with a piece of stalk. Look at each stalk: three-edged and grooved.'), effect: en('None that lasts; it comes back from every scrap of root.'),
      kills: false, costsSeed: false, spends: [], minAgeYears: null, use: en('raw when young, later cooked'), eating: 'raw',
    },
  ],
  windows: [
    { part: 'leaf', use: 'salad', opens: { stage: 'folded', offsetDays: 4 }, closes: { stage: 'stem', offsetDays: 0 }, peakShare: 0.3, separableFrom: 'unfolded', sizeLimit: en('shining and soft') },
  ],
  ceilings: [{ parts: null, rule: { kind: 'takeAll' } }],
  signs: [
    { organ: 'leafStalk', text: en('Leaf stalk three-edged with a groove, smooth, solid, without spots.'), price: 'cut' },
    { organ: 'leaf', text: en('Three times three leaflets, toothed, often two of them grown together at the base.'), price: 'glance' },
    { organ: 'root', text: en('White creeping runners like string, just under the ground.'), price: 'glance' },
    { organ: 'smell', text: en('Crushed: carrot and parsley, never mouse.'), price: 'glance' },
  ],
  shows: [
    ...shows({ growth: { fromGround: MOSTLY, rosette: NOW_AND_THEN, creeping: NOW_AND_THEN, leafyStem: OFTEN }, leafShape: { threeLeaflets: OFTEN, feather: OFTEN }, leafEdge: { fineTeeth: OFTEN, coarseTeeth: OFTEN }, leafBase: 'sheath', leafSet: { basal: OFTEN, alternate: OFTEN }, leafVeins: 'net', hairs: { bare: MOSTLY, soft: SOMETIMES }, stemSection: { ribbed: OFTEN, hollow: OFTEN }, stemSkin: 'plain', smell: { carrot: OFTEN, none: OFTEN, rank: SOMETIMES }, flowerForm: 'star5', flowerSet: 'twiceUmbel', flowerColour: 'white', fruit: 'pairedSeeds', seedShape: { fatRibs: OFTEN, longSmooth: OFTEN }, root: 'creeping', deadStalk: { umbelRibs: OFTEN, noStalk: OFTEN }, bracts: 'noBracts', stalkSection: { threeEdged: OFTEN, grooved: OFTEN } }),
  ],
  substitutes: [],
  lookAlikes: [
    { name: en('Hemlock'), scientific: 'Conium maculatum', severity: 'deadly', separatedBy: en('Leaf finely feathered; round hollow stem with purple spots; smells of mice.') },
    { name: en('Fool’s parsley'), scientific: 'Aethusa cynapium', severity: 'poisonous', separatedBy: en('Finely cut, glossy beneath, unpleasant smell; annual with a taproot, no runners.') },
    { name: en('Hemlock water-dropwort'), scientific: 'Oenanthe crocata', severity: 'deadly', separatedBy: en('Wet ground; round hollow stalks; finger-like swollen roots.') },
    { name: en('Cowbane'), scientific: 'Cicuta virosa', severity: 'deadly', separatedBy: en('In water; leaflets long, narrow and saw-toothed; foot chambered when cut.') },
  ],
  cautions: [
    { class: 'lookAlike', text: en('Its family holds the deadliest plants there are. Whoever has not learned those leaves the family alone.') },
    { class: 'invader', text: en('Roots in the compost are a new stand: dry them first. Ask whether it was sprayed.') },
  ],
  bring: en('basket · scissors'),
  keeping: en('Use fresh; blanch and freeze.'),
  works: ['bbch2001'],
};
