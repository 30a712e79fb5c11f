import type { PlantProfile } from '@emberfield/contract';
import { about, afterWarmth, cooling, en, estimate, fixed, LOWLAND, warmth } from '../src/figures.ts';
import { found } from '../src/regions.ts';
import { MOSTLY, NEVER, NOW_AND_THEN, OFTEN, RARELY, shows, SOMETIMES } from '../src/write.ts';

export const valerian: PlantProfile = {
  key: 'valerian',
  scientific: 'Valeriana officinalis L.',
  family: 'Caprifoliaceae',
  regions: { ...found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope'], 'slow'), ...found(['easternAmerica'], 'invasive') },
  names: en('Valerian'),
  about: en('Perennial of wet meadows. The root is worth digging from the third year on; part of the crown can go back into the ground.'),
  habit: 'perennialRoot',
  lifeCycle: 'perennial',
  status: 'slow',
  severity: 'none',
  seasonStart: '01-01',
  reference: LOWLAND,
  stages: [
    { key: 'leaves', name: en('basal leaves'), bbch: 1, calendar: about(92, 12), model: warmth(56, 38, 82) },
    { key: 'stem', name: en('stem rising'), bbch: 3, calendar: about(128, 9), model: warmth(232, 190, 285) },
    { key: 'flowering', name: en('in flower'), bbch: 6, calendar: about(162, 9), model: warmth(552, 470, 650) },
    { key: 'seed', name: en('seed flies'), bbch: 8, calendar: about(195, 10), model: afterWarmth('flowering', 420, 340, 520) },
    { key: 'dieback', name: en('leaves die back'), bbch: 9, calendar: about(292, 12), model: cooling(62, 40, 96) },
  ],
  parts: [
    {
      key: 'root', name: en('roots of the third year'), unit: 'root', perPlant: fixed(1), massG: estimate(60, 25, 120),
      method: en('Loosen all round with a fork, lift, cut off the root threads; set the crown with its youngest buds back at the same depth.'),
      effect: en('Kills the plant unless the crown goes back; half of those put back live (estimate).'),
      kills: true, costsSeed: true, spends: [], minAgeYears: 3, use: en('dried; strong smell'), eating: 'cooked',
    },
    {
      key: 'flower', name: en('flower heads'), unit: 'head', perPlant: estimate(1, 1, 3), massG: estimate(6, 3, 10),
      method: en('Cut the umbrella-like head with a hand of stalk.'), effect: en('The seed of that stem is lost.'),
      kills: false, costsSeed: true, spends: ['seed'], minAgeYears: null, use: en('dried, or for scent'), eating: 'none',
    },
    {
      key: 'seed', name: en('seed'), unit: 'head', perPlant: estimate(1, 1, 3), massG: estimate(2, 1, 3),
      method: en('Shake ripe heads into a bag on a still day.'), effect: en('Sow part of it where you dig.'),
      kills: false, costsSeed: true, spends: [], minAgeYears: null, use: en('for sowing'), eating: 'none',
    },
  ],
  windows: [
    { part: 'flower', use: 'dried', opens: { stage: 'flowering', offsetDays: 0 }, closes: { stage: 'flowering', offsetDays: 18 }, peakShare: 0.3, sizeLimit: null },
    { part: 'seed', use: 'for sowing', opens: { stage: 'seed', offsetDays: 0 }, closes: { stage: 'seed', offsetDays: 14 }, peakShare: 0.3, sizeLimit: null },
    { part: 'root', use: 'dried', opens: { stage: 'dieback', offsetDays: -10 }, closes: { stage: 'dieback', offsetDays: 145 }, peakShare: 0.3, separableFrom: NEVER, sizeLimit: en('crowns of the third year or older: as wide as two thumbs') },
  ],
  ceilings: [
    { parts: ['root'], rule: { kind: 'age', minYears: 3 } },
    { parts: ['root'], rule: { kind: 'fixedShare', share: 0.05 } },
    { parts: ['root'], rule: { kind: 'restYears', years: 2 } },
    { parts: null, rule: { kind: 'keepFlowering', share: 0.6 } },
  ],
  signs: [
    { organ: 'leaf', text: en('Leaves in pairs, feathered into narrow leaflets with an odd one at the end.'), price: 'glance' },
    { organ: 'stem', text: en('Stem hollow and ribbed; hairs at the joints.'), price: 'cut' },
    { organ: 'root', text: en('Short rootstock with many pale threads; the cut smells strongly, more so when it dries.'), price: 'cut' },
    { organ: 'flower', text: en('Small funnels with a spur-like bulge, pink to white, in a domed head: not an umbel with rays from one point.'), price: 'loupe' },
  ],
  shows: [
    ...shows({ growth: { rosette: OFTEN, fromGround: OFTEN, leafyStem: OFTEN }, leafShape: 'feather', leafEdge: { coarseTeeth: OFTEN, smooth: SOMETIMES, fineTeeth: SOMETIMES }, leafBase: { wedge: OFTEN, sheath: SOMETIMES, clasping: SOMETIMES }, leafSet: { opposite: 1, basal: OFTEN }, leafVeins: 'net', hairs: { bare: OFTEN, soft: OFTEN }, stemSection: { hollow: OFTEN, ribbed: OFTEN }, stemSkin: { plain: OFTEN, hairy: SOMETIMES }, smell: { none: OFTEN, rank: OFTEN }, flowerForm: 'star5', flowerSet: { flatHead: MOSTLY, plume: NOW_AND_THEN, umbel: NOW_AND_THEN }, flowerColour: { pink: MOSTLY, white: OFTEN }, fruit: 'parachutes', root: { fibres: MOSTLY, creeping: RARELY }, deadStalk: { plumeLeft: OFTEN, noStalk: SOMETIMES }, stalkSection: { grooved: MOSTLY } }),
  ],
  substitutes: [],
  lookAlikes: [
    { name: en('Hemlock water-dropwort'), scientific: 'Oenanthe crocata', severity: 'deadly', separatedBy: en('Same ditches. Alternate leaves on sheaths, swollen finger-like roots, rays from one point. Never dig a root that was not seen in flower.') },
    { name: en('Cowbane'), scientific: 'Cicuta virosa', severity: 'deadly', separatedBy: en('Chambered hollow rootstock with yellow sap; leaves alternate.') },
    { name: en('Hemp-agrimony'), scientific: 'Eupatorium cannabinum', severity: 'harmful', separatedBy: en('Leaves cut into three to five fingers, not feathered; no smell of valerian in the root.') },
    { name: en('Hemlock'), scientific: 'Conium maculatum', severity: 'deadly', separatedBy: en('Leaves finely feathered one by one on sheaths; stem bare and blotched; smells of mice.') },
  ],
  cautions: [
    { class: 'lookAlike', text: en('Roots of the deadly water umbels lie in the same mud. Mark valerian in flower; dig only at the mark.') },
    { class: 'law', text: en('Digging needs the owner’s leave, and wet meadows are often protected.') },
    { class: 'people', text: en('Acts on sleep and alertness; with medicines, in pregnancy and before driving ask a licensed practitioner. Emberfield gives no doses.') },
  ],
  bring: en('fork · brush · paper bag · boots'),
  keeping: en('Wash, split, dry below 40 °C; keep apart from everything else because of the smell.'),
  works: ['bbch2001'],
};
