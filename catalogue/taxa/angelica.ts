import { EUROPE, found } from '../src/regions.ts';
import { autumn, flowering, MOSTLY, NEVER, NOW_AND_THEN, OFTEN, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const angelica = plant({
  key: 'angelica', name: 'Wild angelica',
  scientific: 'Angelica sylvestris L.',
  family: 'Apiaceae',
  regions: found([...EUROPE, 'easternAmerica']),
  habit: 'biennial', grows: 'atEdges', lifeCycle: 'biennial',
  about: 'Of wet meadows and carr, stout and purple-flushed, in the company of its deadly kin.',
  stages: [spring('leaves', 'leaves', 1, 98, 12), spring('stalk', 'stem rises', 3, 142, 12), spring('flowering', 'pinkish umbels', 6, 205, 14), spring('seed', 'seed', 8, 242, 12), autumn('dying', 'stems dead', 9, 285, 14)],
  parts: [
    { key: 'stalk', name: 'young stalks', unit: 'stalk', perPlant: [1, 1, 2], massG: [45, 20, 80], method: 'Only of plants settled in flower the year before, each stem looked at. Cut one, leave the crown.', effect: 'The plant does not flower this year and may sprout once more.', use: 'candied', eating: 'cooked', costsSeed: true, spends: ['seed'] },
    { key: 'seed', name: 'seed', unit: 'head', perPlant: [4, 2, 8], massG: [3, 1, 6], method: 'Cut one umbel, leave the others to fall.', effect: 'It dies after seeding and comes again only from seed.', use: 'as a spice; some for sowing', eating: 'cooked', costsSeed: true },
    { key: 'root', name: 'roots', yearOfLife: 1, unit: 'root', perPlant: [1, 1, 1], massG: [60, 25, 140], method: 'Dig first-year plants in autumn, only with every look-alike ruled out.', effect: 'Kills it.', use: 'dried, as a spice', eating: 'cooked', kills: true },
  ],
  windows: [{ part: 'stalk', use: 'candied', from: 'stalk', to: 'flowering-30', clearFrom: 'flowering' }, { part: 'seed', use: 'spice', from: 'seed', to: 'dying-10' }, { part: 'root', use: 'dried', from: 'dying', to: 'dying+60', clearFrom: NEVER }],
  ceilings: [share(0.1), flowering(0.7)],
  signs: [['leafStalk', 'glance', 'Stalk with a deep groove along its upper side, the sheath large and blown up.'], ['stem', 'glance', 'Flushed purple all over, with bloom, not blotched.'], ['seed', 'loupe', 'Seeds flat with broad wings.'], ['smell', 'glance', 'Spicy. Smell settles nothing in this family.']],
  shows: shows({ growth: { rosette: OFTEN, fromGround: OFTEN, leafyStem: MOSTLY }, leafShape: { feather: MOSTLY, fineFeather: NOW_AND_THEN }, leafEdge: { fineTeeth: MOSTLY, coarseTeeth: SOMETIMES }, leafBase: 'sheath', leafSet: { basal: OFTEN, alternate: OFTEN }, leafVeins: 'net', hairs: { bare: MOSTLY, soft: NOW_AND_THEN }, stemSection: { hollow: 1, ribbed: OFTEN }, stemSkin: { plain: MOSTLY, hairy: NOW_AND_THEN }, sap: { clear: 1 }, smell: { carrot: SOMETIMES, aniseed: SOMETIMES, rank: OFTEN, none: SOMETIMES }, flowerForm: 'star5', flowerSet: 'twiceUmbel', flowerColour: { white: OFTEN, pink: OFTEN, green: SOMETIMES }, fruit: { pairedSeeds: 1, winged: OFTEN }, seedShape: 'flatWinged', root: 'taproot', deadStalk: { umbelRibs: 1, noStalk: SOMETIMES }, bracts: { noBracts: MOSTLY, fewBracts: NOW_AND_THEN }, stalkSection: { grooved: OFTEN, hollow: OFTEN, round: SOMETIMES } }),
  lookAlikes: [['Hemlock', 'Conium maculatum', 'deadly', 'Leaves finely feathered; stem bare with purple blotches; smells of mice.'], ['Cowbane', 'Cicuta virosa', 'deadly', 'Narrow sharply toothed leaflets; foot chambered when cut.'], ['Hemlock water-dropwort', 'Oenanthe crocata', 'deadly', 'A bunch of fat roots; sap turns orange; leaflets wedge-shaped.'], ['Giant hogweed', 'Heracleum mantegazzianum', 'harmful', 'Stiff hairs and blotches; burns the skin.'], ['Monkshood', 'Aconitum napellus', 'deadly', 'Leaves cut like a hand to the base, no sheath; a dark root like a small turnip.']],
  cautions: [['lookAlike', 'Grows among hemlock, cowbane and water-dropwort, which kill. Nothing of an unsettled umbellifer is taken, at any stage.'], ['skin', 'Sap and sun can burn: gloves.'], ['people', 'Not for pregnant people, nor with medicines that thin the blood: ask a licensed practitioner.']],
});
