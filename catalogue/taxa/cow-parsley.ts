import { EUROPE, found } from '../src/regions.ts';
import { cap, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, share, shows, spring } from '../src/write.ts';

export const cowParsley = plant({
  key: 'cow-parsley', name: 'Cow parsley',
  scientific: 'Anthriscus sylvestris (L.) Hoffm.',
  family: 'Apiaceae',
  regions: { ...found(EUROPE), ...found(['easternAmerica'], 'invasive') },
  habit: 'herb', grows: 'atEdges',
  about: 'The white lace of May verges. Eaten by a few, and watched here by most: its kin kills.',
  stages: [spring('leaves', 'ferny leaves', 1, 55, 20), spring('stalk', 'stems', 3, 108, 10), spring('flowering', 'white lace', 6, 130, 10), spring('seed', 'dark seed', 8, 170, 12), spring('dying', 'stems dry', 9, 195, 14)],
  parts: [{ key: 'leaf', name: 'young leaves', unit: 'leaf', perPlant: [5, 3, 9], massG: [2, 1, 4], method: 'Leaf by leaf, each looked at, of plants settled in flower the year before.', effect: 'Comes again.', use: 'as a herb', eating: 'raw' }],
  windows: [{ part: 'leaf', use: 'as a herb', from: 'leaves+10', to: 'stalk+8', clearFrom: 'flowering' }],
  ceilings: [cap(2), share(0.25)],
  signs: [['stem', 'glance', 'Grooved and downy, green, sometimes flushed purple but never blotched.'], ['leafStalk', 'cut', 'Stalk with a groove, like a half-pipe, edges hairy.'], ['seed', 'loupe', 'Long, smooth, dark, with a short beak.']],
  shows: shows({ growth: { rosette: OFTEN, fromGround: OFTEN, leafyStem: OFTEN }, leafShape: { fineFeather: MOSTLY, feather: NOW_AND_THEN }, leafEdge: { coarseTeeth: OFTEN, lobed: OFTEN }, leafBase: 'sheath', leafSet: { basal: OFTEN, alternate: OFTEN }, leafVeins: 'net', hairs: { soft: MOSTLY, bare: NOW_AND_THEN }, stemSection: { hollow: MOSTLY, ribbed: OFTEN }, stemSkin: { hairy: MOSTLY, plain: NOW_AND_THEN }, sap: 'clear', smell: { carrot: OFTEN, none: OFTEN }, flowerForm: 'star5', flowerSet: 'twiceUmbel', flowerColour: 'white', fruit: 'pairedSeeds', seedShape: 'longSmooth', root: 'taproot', deadStalk: { umbelRibs: OFTEN, noStalk: OFTEN }, bracts: { noBracts: MOSTLY, fewBracts: RARELY }, stalkSection: { grooved: MOSTLY, threeEdged: NOW_AND_THEN, round: NOW_AND_THEN } }),
  lookAlikes: [['Hemlock', 'Conium maculatum', 'deadly', 'Stem bare and blotched; no hair anywhere; smells of mice.'], ['Fool’s parsley', 'Aethusa cynapium', 'poisonous', 'Beards of three bracts; shining and hairless.'], ['Hemlock water-dropwort', 'Oenanthe crocata', 'deadly', 'Wet ground, hairless, wedge-shaped leaflets; sap goes orange.'], ['Cowbane', 'Cicuta virosa', 'deadly', 'In water, hairless; foot chambered when cut.'], ['Rough chervil', 'Chaerophyllum temulum', 'poisonous', 'Hairy and blotched at once, stem solid, swollen under the joints; flowers a month later.']],
  cautions: [['lookAlike', 'Deadly hemlock stands in the same verges. Hair on stem and leaf stalk is looked for on every plant; without it, leave it.'], ['ground', 'Verges are salted, sprayed and dusty.']],
});
