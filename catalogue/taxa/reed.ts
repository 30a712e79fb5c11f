import { EUROPE, found } from '../src/regions.ts';
import { autumn, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const reed = plant({
  key: 'reed', name: 'Common reed',
  scientific: 'Phragmites australis (Cav.) Steud.',
  family: 'Poaceae',
  regions: { ...found([...EUROPE, 'westernAmerica']), ...found(['easternAmerica', 'prairie'], 'invasive') },
  habit: 'reed',
  about: 'Shoots in spring, thatch in winter.',
  seasonStart: '03-01',
  stages: [spring('shoots', 'shoots', 1, 108, 12), spring('tall', 'tall as a person', 3, 155, 12), autumn('plumes', 'plumes', 6, 225, 14), autumn('straw', 'straw', 9, 320, 14)],
  parts: [{ key: 'shoot', name: 'shoots', unit: 'shoot', perPlant: [20, 8, 40], massG: [12, 5, 25], method: 'From the shore only, at the edge, while nobody nests near: pull white inner shoots out of clean water, a tenth of the stems.', effect: 'None that lasts to the reed; whoever goes in drives birds from their nests.', use: 'boiled', eating: 'cooked' }, { key: 'fibre', name: 'straw', unit: 'stalk', perPlant: [20, 8, 40], massG: [25, 10, 50], method: 'Cut dead stems above the ice or water, in strips; leave two thirds standing for insects.', effect: 'None to the reed; much to those that winter in it.', use: 'thatch, weaving', eating: 'none' }],
  windows: [{ part: 'shoot', use: 'boiled', from: 'shoots', to: 'shoots+25' }, { part: 'fibre', use: 'weaving', from: 'straw', to: 'straw+75' }],
  ceilings: [share(0.1, 'shoot'), share(0.33, 'fibre')],
  signs: [['leaf', 'loupe', 'A ring of hairs where the leaf meets the stem.'], ['flower', 'glance', 'A silky plume.']],
  shows: shows({ growth: 'reed', leafShape: { strap: 1, lance: SOMETIMES }, leafEdge: 'smooth', leafBase: 'sheath', leafSet: 'alternate', leafVeins: 'parallel', hairs: 'bare', leafSection: 'flat', stemSection: 'hollow', stemSkin: 'plain', smell: 'none', flowerSet: 'plume', flowerColour: { brown: 1, pink: SOMETIMES }, root: 'creeping', deadStalk: 'plumeLeft' }),
  lookAlikes: [['Yellow flag', 'Iris pseudacorus', 'poisonous', 'Flat fan of leaves at the foot; reed has a round stem.']],
  cautions: [['lookAlike', 'Shoots of yellow flag stand between: round stems only.'], ['law', 'Nesting birds: reed is closed from spring to autumn in many places, its shoots with it. Ask before you go near.'], ['ground', 'Deep mud and thin ice.']],
});
