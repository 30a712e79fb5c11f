import type { PlantProfile } from '@emberfield/contract';
import { about, after, afterWarmth, en, estimate, AT_EDGES, warmth } from '../src/figures.ts';
import { AMERICA, EUROPE, found } from '../src/regions.ts';
import { MOSTLY, NOW_AND_THEN, OFTEN, shows } from '../src/write.ts';

export const garlicMustard: PlantProfile = {
  key: 'garlic-mustard',
  scientific: 'Alliaria petiolata (M. Bieb.) Cavara & Grande',
  family: 'Brassicaceae',
  regions: { ...found(EUROPE), ...found([...AMERICA], 'invasive') },
  names: en('Garlic mustard'),
  about: en('Biennial of hedge feet and wood edges. The rosette stays green through the winter; in its second spring it shoots, flowers, seeds and dies.'),
  habit: 'biennial',
  lifeCycle: 'biennial',
  status: 'common',
  severity: 'none',
  seasonStart: '01-01',
  reference: AT_EDGES,
  stages: [
    { key: 'rosette', name: en('fresh rosette leaves'), bbch: 1, calendar: about(62, 14), model: warmth(16, 9, 28) },
    { key: 'stem', name: en('stem shoots up'), bbch: 3, calendar: about(98, 10), model: warmth(75, 55, 102) },
    { key: 'flowering', name: en('first white flowers'), bbch: 6, calendar: about(114, 9), model: warmth(143, 116, 176) },
    { key: 'podded', name: en('pods longer than the flowers'), bbch: 7, calendar: about(138, 9), model: afterWarmth('flowering', 167, 128, 218) },
    { key: 'seed', name: en('seed black, pods dry'), bbch: 8, calendar: about(192, 12), model: afterWarmth('flowering', 780, 655, 929) },
    { key: 'shed', name: en('seed shed, plant dead'), bbch: 9, calendar: about(220, 14), model: after('seed', 28, 18, 38) },
  ],
  parts: [
    {
      key: 'leaf', name: en('leaves'), unit: 'leaf', perPlant: estimate(12, 5, 30), massG: estimate(0.7, 0.3, 1.4),
      method: en('Pinch single leaves and the soft top; leave the heart of the rosette.'), effect: en('A second-year plant flowers from below all the same.'),
      kills: false, costsSeed: false, spends: [], minAgeYears: null, use: en('raw; cooking takes the garlic away'), eating: 'raw',
    },
    {
      key: 'flower', name: en('flowering tops'), unit: 'head', perPlant: estimate(2, 1, 6), massG: estimate(1.5, 0.7, 2.5),
      method: en('Snap where the stem breaks by itself.'), effect: en('The seed of that stem is lost; side stems follow.'),
      kills: false, costsSeed: true, spends: ['seed'], minAgeYears: null, use: en('raw'), eating: 'raw',
    },
    {
      key: 'seed', name: en('seed'), unit: 'gram', perPlant: estimate(0.6, 0.2, 1.8), massG: null,
      method: en('Bend dry stems into a bag and shake.'), effect: en('Seed of a plant that dies anyway.'),
      kills: false, costsSeed: true, spends: [], minAgeYears: null, use: en('ground, as mustard'), eating: 'raw',
    },
  ],
  windows: [
    { part: 'leaf', use: 'raw', opens: { stage: 'rosette', offsetDays: 0 }, closes: { stage: 'podded', offsetDays: -8 }, peakShare: 0.5, sizeLimit: null, separableFrom: 'stem' },
    { part: 'flower', use: 'raw', opens: { stage: 'flowering', offsetDays: -5 }, closes: { stage: 'flowering', offsetDays: 12 }, peakShare: 0.4, sizeLimit: en('buds and first flowers, stem snaps') },
    { part: 'seed', use: 'spice', opens: { stage: 'seed', offsetDays: 0 }, closes: { stage: 'shed', offsetDays: 0 }, peakShare: 0.4, sizeLimit: null },
  ],
  ceilings: [{ parts: ['leaf'], rule: { kind: 'perPlantCap', perPlant: 4 } }, { parts: ['flower', 'seed'], rule: { kind: 'keepFlowering', share: 0.5 } }],
  signs: [
    { organ: 'smell', text: en('Crushed leaf smells of garlic at once, though no bulb is near.'), price: 'cut' },
    { organ: 'leaf', text: en('Kidney-shaped below, heart-shaped with blunt teeth above, net-veined, on a long stalk.'), price: 'glance' },
    { organ: 'flower', text: en('Four white petals in a cross; pods stand off the stem.'), price: 'glance' },
    { organ: 'root', text: en('Taproot bent like a hook just below the rosette.'), price: 'cut' },
  ],
  shows: [
    ...shows({ growth: { rosette: OFTEN, leafyStem: OFTEN }, leafShape: { heart: MOSTLY, round: OFTEN }, leafEdge: { coarseTeeth: MOSTLY, fineTeeth: NOW_AND_THEN }, leafBase: 'heartBase', leafSet: { basal: OFTEN, alternate: OFTEN }, leafVeins: 'net', hairs: { bare: OFTEN, soft: OFTEN }, stemSection: { solid: MOSTLY }, stemSkin: { plain: OFTEN, hairy: OFTEN }, smell: 'garlic', flowerForm: 'cross4', flowerSet: { flatHead: OFTEN, spike: OFTEN }, flowerColour: 'white', fruit: 'pod', root: 'taproot', deadStalk: 'podsLeft', stalkSection: { grooved: OFTEN, round: OFTEN } }),
  ],
  substitutes: [],
  lookAlikes: [
    { name: en('Honesty'), scientific: 'Lunaria annua', severity: 'nuisance', separatedBy: en('Rough hairy leaves without garlic smell; violet flowers; flat round pods.') },
    { name: en('Ground ivy and violets as rosettes'), scientific: 'Glechoma hederacea, Viola species', severity: 'nuisance', separatedBy: en('Ground ivy creeps with square stems and smells of balsam; violets have no smell in the leaf.') },
    { name: en('Foxglove rosette'), scientific: 'Digitalis purpurea', severity: 'deadly', separatedBy: en('Long lance-shaped felted leaves that narrow into the stalk; no garlic smell.') },
  ],
  cautions: [
    { class: 'lookAlike', text: en('Fingers that have crushed one leaf make every next one smell: look at the shape of each rosette as well.') },
    { class: 'invader', text: en('Where it is not native it crowds out the wood floor: carry no seed there, and ask what local rules want done with it.') },
    { class: 'ground', text: en('Hedge feet are where dogs go and sprays drift: look before you pick, and wash.') },
  ],
  bring: en('bag · scissors'),
  keeping: en('Eat the same day: dried or cooked it loses its garlic.'),
  works: ['bbch2001'],
};
