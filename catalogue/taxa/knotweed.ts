import { AMERICA, found } from '../src/regions.ts';
import { autumn, everything, MOSTLY, OFTEN, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const knotweed = plant({
  key: 'knotweed', name: 'Japanese knotweed',
  scientific: 'Reynoutria japonica Houtt.',
  family: 'Polygonaceae',
  regions: found([...AMERICA, 'atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope'], 'invasive'),
  habit: 'herb', status: 'invasive',
  about: 'Red shoots in April, thickets in June. Often poisoned by councils.',
  stages: [spring('shoots', 'red shoots', 1, 98, 8), spring('kneeHigh', 'knee high', 3, 114, 8), spring('thicket', 'thicket', 4, 140, 10), autumn('flowering', 'white plumes', 6, 245, 14), autumn('dead', 'brown canes', 9, 300, 14)],
  parts: [{ key: 'shoot', name: 'shoots', growth: [[220, 160, 300], [182, 150, 220], [33, 25, 43]], unit: 'shoot', perPlant: [12, 5, 30], massG: [40, 15, 80], method: 'Snap those below the knee; burn or boil every scrap that is left over.', effect: 'The more the better.', use: 'cooked like rhubarb', eating: 'cooked' }],
  windows: [{ part: 'shoot', use: 'cooked', from: 'shoots', to: 'kneeHigh+4', best: 0.4, size: 'under knee height', lengths: [10, 50] }],
  ceilings: [everything],
  signs: [['stem', 'cut', 'Hollow like bamboo, with red flecks and rings.'], ['leaf', 'glance', 'Like a spade, straight across at the stalk.'], ['stem', 'glance', 'Brown canes stand all winter.']],
  shows: shows({ growth: { leafyStem: MOSTLY, bush: OFTEN }, leafShape: { heart: OFTEN, oval: OFTEN }, leafEdge: 'smooth', leafBase: { wedge: OFTEN, heartBase: SOMETIMES }, leafSet: 'alternate', leafVeins: 'net', hairs: 'bare', stemSection: 'hollow', stemSkin: { blotched: OFTEN, plain: OFTEN }, smell: 'none', flowerSet: 'plume', flowerColour: 'white', fruit: 'winged', root: 'creeping', deadStalk: 'plumeLeft' }),
  cautions: [['invader', 'A piece as long as a nail makes a new stand: nothing leaves the place uncooked, nothing into compost; moving it is forbidden in many countries.'], ['ground', 'Ask whether it was sprayed: often it was.'], ['people', 'Oxalic acid: with kidney stones ask a licensed practitioner.']],
});
