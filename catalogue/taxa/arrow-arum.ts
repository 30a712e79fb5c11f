import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const arrowArum = plant({
  key: 'arrow-arum',
  name: 'Arrow arum',
  scientific: 'Peltandra virginica (L.) Schott',
  family: 'Araceae',
  regions: found(['easternAmerica']),
  habit: 'waterPlant', severity: 'harmful',
  about: 'Arrow leaves with one middle vein, in the same shallows as arrowhead. Raw it burns like needles.',
  stages: [spring('leaves', 'arrow leaves', 1, 138, 12), spring('flowering', 'green hoods', 6, 165, 14), autumn('berries', 'green-black berries', 8, 250, 16), autumn('dying', 'leaves rot', 9, 288, 14)],
  signs: [['leaf', 'glance', 'Feather veins from a strong midrib, and a vein along the edge.']],
  shows: shows({ growth: { fromGround: MOSTLY }, leafShape: { arrow: 1 }, leafEdge: 'smooth', leafBase: { sheath: MOSTLY }, leafSet: { basal: 1 }, leafVeins: { net: MOSTLY, parallel: NOW_AND_THEN }, hairs: 'bare', leafUnder: { dull: OFTEN, glossy: SOMETIMES }, stemSkin: 'plain', sap: { clear: MOSTLY }, smell: 'none', flowerForm: { hood: OFTEN }, flowerSet: { spike: MOSTLY }, flowerColour: { green: MOSTLY, white: SOMETIMES }, fruit: 'berry', berryColour: { green: OFTEN, black: OFTEN }, root: { creeping: OFTEN, fibres: OFTEN }, deadStalk: 'noStalk', stalkSection: { grooved: OFTEN, round: OFTEN } }),
  cautions: [['notForEating', 'Full of needles: mouth and throat swell.']],
});
