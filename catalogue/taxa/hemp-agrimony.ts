import { EUROPE, found } from '../src/regions.ts';
import { autumn, MOSTLY, OFTEN, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const hempAgrimony = plant({
  key: 'hemp-agrimony', name: 'Hemp agrimony',
  scientific: 'Eupatorium cannabinum L.',
  family: 'Asteraceae',
  regions: found(EUROPE),
  habit: 'herb', grows: 'atEdges', severity: 'harmful',
  about: 'Tall and pink on wet ground like valerian, its leaves like hemp.',
  stages: [spring('shoots', 'shoots', 1, 105, 12), spring('flowering', 'dusty pink heads', 6, 200, 14), spring('seed', 'down', 8, 240, 12), autumn('dying', 'dead stalks', 9, 295, 14)],
  signs: [['leaf', 'glance', 'Three to five lance leaflets from one point, like a hand.'], ['stem', 'cut', 'Full of pith, reddish.']],
  shows: shows({ sap: { clear: MOSTLY }, growth: 'leafyStem', leafShape: { hand: OFTEN, threeLeaflets: OFTEN, lance: SOMETIMES }, leafEdge: { coarseTeeth: OFTEN, fineTeeth: OFTEN }, leafBase: { stalkless: OFTEN, wedge: OFTEN }, leafSet: 'opposite', leafVeins: 'net', hairs: 'soft', stemSection: { solid: OFTEN, pith: OFTEN, ribbed: SOMETIMES }, stemSkin: 'hairy', smell: { rank: OFTEN, carrot: SOMETIMES, none: OFTEN }, flowerForm: { bell: OFTEN, star5: OFTEN }, flowerSet: 'flatHead', flowerColour: { pink: 1, white: SOMETIMES }, fruit: 'parachutes', root: { fibres: OFTEN, creeping: OFTEN }, deadStalk: { plumeLeft: MOSTLY, noStalk: SOMETIMES } }),
  cautions: [['slowPoison', 'Alkaloids that harm the liver slowly.']],
});
