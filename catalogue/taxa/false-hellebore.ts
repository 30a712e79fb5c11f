import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, RARELY, shows, SOMETIMES, spring } from '../src/write.ts';

export const falseHellebore = plant({
  key: 'false-hellebore',
  name: 'American false hellebore',
  scientific: 'Veratrum viride Aiton',
  family: 'Melanthiaceae',
  regions: found(['easternAmerica', 'westernAmerica']),
  habit: 'perennialRoot', grows: 'inWoods', severity: 'deadly',
  about: 'Pleated green spears in wet woods, weeks before the trees. People die who take it for wild leek or skunk cabbage.',
  stages: [spring('spears', 'pleated spears', 1, 90, 12), spring('leafy', 'leafy stem', 3, 112, 12), spring('flowering', 'green stars', 6, 168, 14), autumn('seed', 'capsules', 8, 232, 16), autumn('dying', 'yellow, then gone', 9, 258, 16)],
  signs: [['leaf', 'glance', 'Pleated like a fan, clasping the stem one above the other.'], ['smell', 'glance', 'No onion.']],
  shows: shows({ growth: { leafyStem: MOSTLY, fromGround: SOMETIMES }, leafShape: { oval: MOSTLY, lance: SOMETIMES }, leafEdge: 'smooth', leafBase: { clasping: OFTEN, sheath: OFTEN, stalkless: SOMETIMES, wedge: RARELY }, leafSet: { alternate: MOSTLY, basal: NOW_AND_THEN }, leafVeins: { parallel: MOSTLY, arched: SOMETIMES }, leafUnder: { dull: MOSTLY }, hairs: { bare: OFTEN, soft: OFTEN }, leafSection: { fan: OFTEN, flat: OFTEN }, stemSection: { solid: OFTEN, hollow: SOMETIMES }, stemSkin: { hairy: OFTEN, plain: OFTEN }, sap: { clear: MOSTLY }, smell: { none: OFTEN, garlic: SOMETIMES, rank: SOMETIMES }, flowerForm: 'star6', flowerSet: { plume: MOSTLY, spike: SOMETIMES }, flowerColour: 'green', fruit: 'capsule', root: { fibres: OFTEN, creeping: OFTEN }, deadStalk: { tallSpike: OFTEN, noStalk: SOMETIMES }, stalkSection: { none: MOSTLY } }),
  cautions: [['notForEating', 'Deadly in every part: the heart slows and stops.']],
});
