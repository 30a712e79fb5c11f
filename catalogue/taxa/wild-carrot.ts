import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, flowering, MOSTLY, NEVER, NOW_AND_THEN, OFTEN, plant, RARELY, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const wildCarrot = plant({
  key: 'wild-carrot', name: 'Wild carrot',
  scientific: 'Daucus carota L.',
  family: 'Apiaceae',
  regions: found(EVERYWHERE),
  habit: 'biennial', lifeCycle: 'biennial',
  about: 'Of dry grassland. The root is worth digging in the first year only, before the stalk makes it wood.',
  stages: [spring('rosette', 'rosette', 2, 85, 18), spring('stalk', 'stem', 3, 148, 12), spring('flowering', 'white umbels', 6, 188, 14), spring('seed', 'birds’ nests', 8, 235, 14), autumn('dying', 'dead', 9, 290, 14)],
  parts: [
    { key: 'root', name: 'first-year roots', yearOfLife: 1, unit: 'root', perPlant: [1, 1, 1], massG: [12, 5, 30], method: 'Dig rosettes only, after every look-alike is ruled out.', effect: 'Kills it.', use: 'cooked', eating: 'cooked', kills: true },
    { key: 'seed', name: 'seed', unit: 'head', perPlant: [6, 3, 12], massG: [1.5, 0.6, 3], method: 'Cut one dry nest, shake half of it where it stood.', effect: 'It lives by seed alone.', use: 'as a spice; for sowing', eating: 'cooked', costsSeed: true },
  ],
  windows: [{ part: 'root', use: 'cooked', from: 'dying-20', to: 'dying+60', clearFrom: NEVER }, { part: 'seed', use: 'spice', from: 'seed+10', to: 'dying' }],
  ceilings: [share(0.1, 'root'), flowering(0.7, 'seed')],
  signs: [['flower', 'glance', 'Often one dark red flower in the middle of the white umbel.'], ['stem', 'glance', 'Stiffly hairy, full.'], ['fruit', 'glance', 'Umbels close to birds’ nests of hooked seed and stand so all winter.'], ['smell', 'glance', 'Of carrot, which others of the family do as well.']],
  shows: shows({ growth: { rosette: 1, leafyStem: OFTEN }, leafShape: 'fineFeather', leafEdge: 'lobed', leafBase: 'sheath', leafSet: { basal: 1, alternate: OFTEN }, leafVeins: 'net', hairs: { bristles: OFTEN, soft: OFTEN, bare: SOMETIMES }, stemSection: { solid: 1, ribbed: OFTEN }, stemSkin: { hairy: MOSTLY, plain: NOW_AND_THEN }, sap: 'clear', smell: { carrot: MOSTLY, none: RARELY }, flowerForm: 'star5', flowerSet: 'twiceUmbel', flowerColour: { white: 1, pink: RARELY }, fruit: { pairedSeeds: 1, burr: OFTEN }, seedShape: 'bristly', root: 'taproot', deadStalk: 'umbelRibs', bracts: { featherBracts: 1 }, stalkSection: { grooved: OFTEN, round: SOMETIMES } }),
  lookAlikes: [['Hemlock', 'Conium maculatum', 'deadly', 'Hollow bare stem with blotches, smell of mice, never hairy.'], ['Fool’s parsley', 'Aethusa cynapium', 'poisonous', 'Hairless, shining, with beards under the umbels.'], ['Hemlock water-dropwort', 'Oenanthe crocata', 'deadly', 'Wet ground; a bunch of fat fingers instead of one root; sap goes orange; never hairy.'], ['Cowbane', 'Cicuta virosa', 'deadly', 'Wet ground; foot hollow with cross-walls; long sharp-toothed leaflets.'], ['Rough chervil', 'Chaerophyllum temulum', 'poisonous', 'Hairy too, but blotched, with swollen joints; no feathered bracts under the umbel; seed without bristles.']],
  cautions: [['lookAlike', 'Deadly rosettes of hemlock have been dug for it. Hair on the leaf stalk of every single plant.'], ['people', 'The seed is not for pregnant people: ask a licensed practitioner.'], ['skin', 'Its sap and the sun together can burn the skin: gloves, and wash it off.']],
});
