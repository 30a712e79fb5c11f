import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, MOSTLY, NEVER, NOW_AND_THEN, OFTEN, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const watercress = plant({
  key: 'watercress', name: 'Watercress',
  scientific: 'Nasturtium officinale W. T. Aiton',
  family: 'Brassicaceae',
  regions: found(EVERYWHERE),
  habit: 'waterPlant',
  about: 'Green in springs all winter. Below pasture it carries liver fluke.',
  stages: [spring('leaves', 'shoots', 1, 45, 25), spring('flowering', 'white crosses', 6, 140, 14), spring('seed', 'pods', 8, 200, 16), autumn('regrowth', 'fresh shoots', 1, 265, 18), autumn('rest', 'winter', 9, 355, 8)],
  parts: [{ key: 'shoot', name: 'shoots', unit: 'gram', perPlant: [25, 10, 60], massG: null, method: 'Cut above the water, from a spring without stock above it.', effect: 'Grows again.', use: 'cooked through', eating: 'cooked' }],
  windows: [{ part: 'shoot', use: 'cooked', from: 'leaves', to: 'flowering', clearFrom: NEVER }, { part: 'shoot', use: 'cooked, autumn', from: 'regrowth', to: 'rest', clearFrom: NEVER }],
  ceilings: [share(0.3)],
  signs: [['smell', 'glance', 'Sharp, of cress.'], ['leaf', 'glance', 'Leaflets smooth, the end one largest and round.'], ['stem', 'cut', 'Hollow, round.']],
  shows: shows({ growth: { creeping: OFTEN, leafyStem: OFTEN }, leafShape: 'feather', leafEdge: { smooth: MOSTLY, lobed: NOW_AND_THEN }, leafBase: { clasping: SOMETIMES, wedge: OFTEN }, leafSet: 'alternate', leafVeins: 'net', hairs: 'bare', stemSection: { hollow: 1, ribbed: SOMETIMES }, stemSkin: 'plain', smell: { none: OFTEN, rank: SOMETIMES }, flowerForm: 'cross4', flowerSet: { flatHead: OFTEN, spike: OFTEN }, flowerColour: 'white', fruit: 'pod', root: { fibres: MOSTLY, creeping: NOW_AND_THEN }, deadStalk: 'noStalk' }),
  lookAlikes: [['Fool’s watercress', 'Helosciadium nodiflorum', 'nuisance', 'Toothed leaflets, stalks that sheath the stem, umbels.'], ['Hemlock water-dropwort', 'Oenanthe crocata', 'deadly', 'Young leaves in the same ditch: stalks sheath the stem, leaflets wedge-shaped and cut.'], ['Cowbane', 'Cicuta virosa', 'deadly', 'Leaflets long and saw-toothed on stalks that sheath; foot chambered when cut.'], ['Hemlock', 'Conium maculatum', 'deadly', 'Ferny leaves on sheathing stalks on the bank; smells of mice.']],
  cautions: [['lookAlike', 'Water-dropwort grows in the same ditches: no sheathing stalks in the bunch.'], ['cooking', 'Liver fluke cannot be washed off: cooked through, never raw from the wild.'], ['ground', 'Gathers lead and other metals: not below mines, roads or yards.']],
});
