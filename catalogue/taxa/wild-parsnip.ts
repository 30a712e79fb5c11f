import { AMERICA, EUROPE, found } from '../src/regions.ts';
import { autumn, flowering, MOSTLY, NEVER, NOW_AND_THEN, OFTEN, plant, RARELY, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const wildParsnip = plant({
  key: 'wild-parsnip',
  name: 'Wild parsnip',
  scientific: 'Pastinaca sativa L.',
  family: 'Apiaceae',
  regions: { ...found(EUROPE), ...found([...AMERICA], 'invasive') },
  habit: 'biennial', lifeCycle: 'biennial',
  about: 'Yellow umbels of dry banks on lime; the white root of the first winter. Its sap burns skin in the sun.',
  stages: [spring('rosette', 'rosette', 2, 92, 14), spring('stalk', 'stem rises', 3, 145, 12), spring('flowering', 'yellow umbels', 6, 182, 12), autumn('seed', 'seed', 8, 240, 16), autumn('dying', 'leaves fade', 9, 300, 14)],
  parts: [{ key: 'root', name: 'first-year roots', unit: 'root', perPlant: [1, 1, 1], massG: [50, 20, 120], method: 'Only where it was confirmed in flower for years and nothing else of its family grows: rosettes without a stalk, dug whole.', effect: 'Takes the plant.', use: 'boiled or roasted', eating: 'cooked', kills: true, costsSeed: true, yearOfLife: 1 }, { key: 'seed', name: 'seed', unit: 'gram', perPlant: [5, 1, 15], massG: null, method: 'Rub flat brown seed off dry umbels.', effect: 'Leave half to fall.', use: 'as a spice', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'seed', use: 'spice', from: 'seed', to: 'seed+40' }, { part: 'root', use: 'boiled', from: 'dying-10', to: 'dying+70' }],
  ceilings: [share(0.2, 'root'), flowering(0.5, 'seed')],
  signs: [['leaf', 'glance', 'Once feathered into broad toothed leaflets, dull, hairy.'], ['flower', 'glance', 'Yellow, petals rolled in.'], ['stem', 'cut', 'Furrowed, hairy, hollow; smells of parsnip.']],
  shows: shows({ growth: { rosette: MOSTLY, fromGround: OFTEN, leafyStem: OFTEN }, leafShape: { feather: MOSTLY }, leafEdge: { coarseTeeth: MOSTLY, lobed: SOMETIMES }, leafBase: 'sheath', leafSet: { basal: MOSTLY, alternate: OFTEN }, leafVeins: 'net', hairs: { soft: MOSTLY, bristles: NOW_AND_THEN }, stemSection: { ribbed: OFTEN, hollow: OFTEN }, stemSkin: { hairy: MOSTLY, plain: NOW_AND_THEN }, sap: { clear: MOSTLY }, smell: { carrot: OFTEN, none: SOMETIMES }, flowerForm: 'star5', flowerSet: 'twiceUmbel', flowerColour: { yellow: MOSTLY, green: NOW_AND_THEN }, bracts: { noBracts: MOSTLY, fewBracts: RARELY }, fruit: 'pairedSeeds', seedShape: { flatWinged: MOSTLY }, root: { taproot: MOSTLY }, deadStalk: { umbelRibs: MOSTLY, noStalk: SOMETIMES }, stalkSection: { grooved: OFTEN, hollow: SOMETIMES } }),
  lookAlikes: [['Hemlock', 'Conium maculatum', 'deadly', 'Fine as lace, bare, stem blotched; white flowers; wavy seed.', { apartFrom: NEVER }], ['Hemlock water-dropwort', 'Oenanthe crocata', 'deadly', 'Wet ground, a bunch of fat fingers for a root, white flowers.', { apartFrom: NEVER }], ['Cowbane', 'Cicuta virosa', 'deadly', 'In water; the root chambered inside; white flowers.', { apartFrom: NEVER }]],
  cautions: [['lookAlike', 'A family with deadly members in the same places: settle each plant by signs of two organs, and leave every one that stays unsettled.'], ['skin', 'Sap on skin and then sun: blisters that leave marks for months. Cover up, cut on dull days.'], ['law', 'Digging needs the owner’s leave, and in many places a permit.']],
  keeping: 'Roots in sand; seed dry.',
});
