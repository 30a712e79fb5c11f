import { found } from '../src/regions.ts';
import { autumn, flowering, MOSTLY, mountainSpring, NOW_AND_THEN, OFTEN, plant, share, shows, SOMETIMES } from '../src/write.ts';

export const osha = plant({
  key: 'osha',
  name: 'Osha',
  scientific: 'Ligusticum porteri J. M. Coult. & Rose',
  family: 'Apiaceae',
  regions: found(['westernAmerica'], 'atRisk'),
  habit: 'perennialRoot', grows: 'inMountains', status: 'atRisk',
  about: 'Mountain umbellifer with a brown shaggy root that smells of celery. Dug out in many valleys; it grows on from pieces, slowly. Leaves and seed serve as well.',
  stages: [mountainSpring('leaves', 'leaves', 1, 135, 12), mountainSpring('flowering', 'white umbels', 6, 195, 12), autumn('seed', 'seed', 8, 242, 14), autumn('dying', 'leaves red', 9, 275, 14)],
  parts: [{ key: 'seed', name: 'seed', unit: 'gram', perPlant: [3, 1, 8], massG: null, method: 'Rub part of a ripe umbel off, only of plants that are marked since flowering.', effect: 'Half of it stays to fall.', use: 'as a spice', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'seed', use: 'spice', from: 'seed', to: 'seed+25', clearFrom: 'seed' }],
  ceilings: [share(0.2), flowering(0.7)],
  signs: [['root', 'cut', 'Collar of brown hair-like fibres, strong celery.'], ['stem', 'cut', 'Hollow, green, red at the foot, never blotched.']],
  shows: shows({ growth: { fromGround: OFTEN, rosette: OFTEN, leafyStem: OFTEN }, leafShape: { fineFeather: OFTEN, feather: OFTEN }, leafEdge: { lobed: OFTEN, coarseTeeth: OFTEN }, leafBase: 'sheath', leafSet: { basal: MOSTLY, alternate: OFTEN }, leafVeins: 'net', hairs: 'bare', leafUnder: { dull: MOSTLY }, stemSection: { hollow: MOSTLY, ribbed: OFTEN }, stemSkin: { plain: MOSTLY }, sap: { clear: MOSTLY }, smell: { carrot: MOSTLY, none: NOW_AND_THEN }, flowerForm: 'star5', flowerSet: 'twiceUmbel', flowerColour: 'white', bracts: { noBracts: MOSTLY, fewBracts: NOW_AND_THEN }, fruit: 'pairedSeeds', seedShape: { flatWinged: MOSTLY }, root: { taproot: OFTEN, creeping: OFTEN }, deadStalk: { umbelRibs: OFTEN, noStalk: SOMETIMES }, stalkSection: { grooved: OFTEN, hollow: SOMETIMES } }),
  lookAlikes: [['Hemlock', 'Conium maculatum', 'deadly', 'Stem blotched, smells of mice; wavy ribs on the seed; lower down the valley.', { apartFrom: 'seed' }], ['Spotted water hemlock', 'Cicuta maculata', 'deadly', 'In water; chambered stock; fat corky ribs on the seed.', { apartFrom: 'seed' }]],
  cautions: [['lookAlike', 'A family with deadly members in the same places: settle each plant by signs of two organs, and leave every one that stays unsettled.'], ['law', 'Closed or limited on many public lands; here no root is dug.'], ['people', 'In pregnancy, with medicines or for a child: ask a licensed practitioner first. Emberfield gives no doses.']],
  keeping: 'Seed dry.',
  substitutes: [['angelica', 'Seed and root of a common cousin for winter coughs.'], ['pine', 'Needles and resin for the same syrup.']],
});
