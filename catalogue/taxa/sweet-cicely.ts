import { found } from '../src/regions.ts';
import { autumn, flowering, MOSTLY, NOW_AND_THEN, OFTEN, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const sweetCicely = plant({
  key: 'sweet-cicely', name: 'Sweet cicely',
  scientific: 'Myrrhis odorata (L.) Scop.',
  family: 'Apiaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope'], 'slow'),
  habit: 'perennialRoot', status: 'slow',
  about: 'Soft ferny leaves flecked with white, smelling of aniseed, along northern streams and old gardens.',
  stages: [spring('leaves', 'leaves', 1, 85, 12), spring('flowering', 'white umbels', 6, 135, 10), spring('greenSeed', 'green seed', 7, 158, 10), spring('seed', 'black seed', 8, 190, 12), autumn('dying', 'gone', 9, 285, 14)],
  parts: [
    { key: 'leaf', name: 'leaves', unit: 'leaf', perPlant: [8, 4, 15], massG: [6, 3, 10], method: 'Cut outer leaves.', effect: 'Grows again.', use: 'raw, or cooked with sour fruit', eating: 'raw' },
    { key: 'seed', name: 'green seed', unit: 'head', perPlant: [8, 4, 15], massG: [4, 2, 7], method: 'Pick while green and soft.', effect: 'Seed of the year lost.', use: 'raw', eating: 'raw', costsSeed: true },
  ],
  windows: [{ part: 'leaf', use: 'fresh', from: 'leaves+10', to: 'flowering+20', clearFrom: 'flowering' }, { part: 'seed', use: 'raw', from: 'greenSeed', to: 'seed-5' }],
  ceilings: [share(0.25), flowering(0.8)],
  signs: [['smell', 'glance', 'Of aniseed, strong and sweet, in every part.'], ['leaf', 'glance', 'White flecks along the middle.'], ['seed', 'glance', 'As long as a finger joint, ribbed, shining.']],
  shows: shows({ growth: { fromGround: OFTEN, rosette: OFTEN, leafyStem: OFTEN }, leafShape: { fineFeather: MOSTLY, feather: NOW_AND_THEN }, leafEdge: { coarseTeeth: OFTEN, lobed: OFTEN }, leafBase: 'sheath', leafSet: { basal: OFTEN, alternate: OFTEN }, leafVeins: 'net', hairs: 'soft', stemSection: { hollow: 1, ribbed: OFTEN }, stemSkin: { hairy: MOSTLY, plain: NOW_AND_THEN }, smell: 'aniseed', flowerForm: 'star5', flowerSet: 'twiceUmbel', flowerColour: 'white', fruit: 'pairedSeeds', seedShape: { longSmooth: 1 }, root: 'taproot', deadStalk: { noStalk: OFTEN, umbelRibs: OFTEN }, bracts: { noBracts: MOSTLY }, stalkSection: { grooved: OFTEN, hollow: SOMETIMES, round: SOMETIMES } }),
  lookAlikes: [['Hemlock', 'Conium maculatum', 'deadly', 'Bare, blotched, smells of mice; never of aniseed.'], ['Hemlock water-dropwort', 'Oenanthe crocata', 'deadly', 'Wedge-shaped leaflets, hairless; sap goes orange; never of aniseed.', { apartFrom: 'greenSeed' }], ['Cowbane', 'Cicuta virosa', 'deadly', 'In water; long narrow toothed leaflets; foot chambered when cut.', { apartFrom: 'greenSeed' }], ['Rough chervil', 'Chaerophyllum temulum', 'poisonous', 'Stem solid, bristly and blotched; no smell of aniseed.', { apartFrom: 'greenSeed' }]],
  cautions: [['lookAlike', 'Deadly hemlock looks like it from two steps away: each leaf is rubbed and smelled with clean fingers, and its hair looked for.']],
});
