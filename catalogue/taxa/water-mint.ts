import { EUROPE, found } from '../src/regions.ts';
import { autumn, cap, OFTEN, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const waterMint = plant({
  key: 'water-mint', name: 'Water mint',
  scientific: 'Mentha aquatica L.',
  family: 'Lamiaceae',
  regions: found([...EUROPE, 'easternAmerica', 'westernAmerica']),
  habit: 'waterPlant',
  about: 'Of ditches and wet meadows; the whole place smells when trodden.',
  stages: [spring('shoots', 'shoots', 1, 100, 14), spring('stem', 'leafy stems', 3, 140, 12), spring('flowering', 'lilac heads', 6, 200, 14), autumn('seed', 'seed', 8, 250, 14), autumn('dying', 'dead stems', 9, 300, 14)],
  parts: [{ key: 'leaf', name: 'leafy tips', unit: 'tip', perPlant: [3, 1, 6], massG: [1.5, 0.7, 3], method: 'Cut above a pair of leaves.', effect: 'Branches and grows on.', use: 'dried for tea, or cooked: never raw', eating: 'cooked' }],
  windows: [{ part: 'leaf', use: 'tea', from: 'stem', to: 'flowering+14', best: 0.6 }],
  ceilings: [share(0.4), cap(2)],
  signs: [['smell', 'glance', 'Of mint.'], ['stem', 'glance', 'Square.'], ['flower', 'glance', 'A round head on top.'], ['stem', 'glance', 'Dead stems square, with dry balls in storeys.']],
  shows: shows({ growth: { leafyStem: 1, creeping: SOMETIMES }, leafShape: 'oval', leafEdge: { fineTeeth: OFTEN, coarseTeeth: OFTEN }, leafBase: 'wedge', leafSet: 'opposite', leafVeins: 'net', hairs: { soft: 1, bare: SOMETIMES }, stemSection: 'square', stemSkin: { hairy: OFTEN, plain: SOMETIMES }, smell: 'mint', flowerForm: 'lipped', flowerSet: { ball: 1 }, flowerColour: { pink: 1, blue: SOMETIMES }, fruit: 'nut', root: 'creeping', deadStalk: 'squareStalk' }),
  lookAlikes: [['Gipsywort', 'Lycopus europaeus', 'nuisance', 'Smells of nothing; deeply cut leaves.'], ['Pennyroyal', 'Mentha pulegium', 'poisonous', 'Small almost toothless leaves; rings of flowers at every joint and no ball on top.']],
  cautions: [['ground', 'Raw water plants can carry liver fluke: dry or cook.'], ['people', 'In pregnancy ask a licensed practitioner.']],
});
