import { found } from '../src/regions.ts';
import { autumn, MOSTLY, OFTEN, others, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const wildRice = plant({
  key: 'wild-rice',
  name: 'Northern wild rice',
  scientific: 'Zizania palustris L.',
  family: 'Poaceae',
  regions: found(['easternAmerica', 'prairie']),
  habit: 'reed', lifeCycle: 'annual',
  about: 'A grass of clear northern lakes, knocked into a boat with two sticks. An annual: what falls into the water is next year’s rice.',
  stages: [spring('floating', 'leaves float', 2, 162, 12), spring('flowering', 'heads open', 6, 205, 12), autumn('ripe', 'first seed falls', 8, 240, 12), autumn('shed', 'shed', 9, 262, 12)],
  parts: [{ key: 'seed', name: 'grain', unit: 'gram', perPlant: [4, 1, 12], massG: null, method: 'Bend a few stems over the boat and brush, not beat; pass a bed again after three days.', effect: 'Brushing lets most of it fall and sow itself.', use: 'parched, hulled, boiled', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'seed', use: 'parched', from: 'ripe', to: 'shed' }],
  ceilings: [share(0.3), others(0.3)],
  signs: [['flower', 'glance', 'Upper branches upright and female, lower ones spread and hang with pollen.'], ['seed', 'glance', 'Long black grain with a beard.']],
  shows: shows({ growth: 'reed', leafShape: 'strap', leafEdge: { smooth: OFTEN, fineTeeth: SOMETIMES }, leafBase: 'sheath', leafSet: { alternate: 1 }, leafVeins: 'parallel', hairs: 'bare', leafSection: { flat: MOSTLY }, stemSection: { hollow: MOSTLY }, stemSkin: 'plain', sap: { clear: MOSTLY }, smell: 'none', flowerSet: { plume: MOSTLY }, flowerColour: { green: OFTEN, yellow: OFTEN }, fruit: 'nut', root: { fibres: MOSTLY }, deadStalk: { plumeLeft: OFTEN, noStalk: SOMETIMES } }),
  lookAlikes: [],
  cautions: [['ground', 'Grain with pink or purple spurs carries ergot, which harms: sort it out. Lakes below mines hold mercury.'], ['law', 'Ricing needs a licence in many places, and on treaty lands it belongs to those who live there.']],
  keeping: 'Parched and dry, for years.',
});
