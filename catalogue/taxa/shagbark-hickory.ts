import { found } from '../src/regions.ts';
import { ALWAYS, autumn, MOSTLY, NOW_AND_THEN, OFTEN, others, plant, shows, SOMETIMES, spring } from '../src/write.ts';

export const shagbarkHickory = plant({
  key: 'shagbark-hickory',
  name: 'Shagbark hickory',
  scientific: 'Carya ovata (Mill.) K. Koch',
  family: 'Juglandaceae',
  regions: found(['easternAmerica', 'prairie']),
  habit: 'tree', lifeCycle: 'woody',
  about: 'Long curling strips of bark; sweet thick-shelled nuts. Bitter kinds stand beside it.',
  stages: [spring('leaves', 'leaves', 1, 130, 12), spring('flowering', 'catkins', 6, 142, 12), autumn('ripe', 'nuts fall', 8, 272, 14), autumn('bare', 'bare', 9, 308, 14)],
  parts: [{ key: 'fruit', name: 'nuts', unit: 'nut', perPlant: [300, 50, 1500], massG: [6, 3, 12], method: 'Gather what has fallen, early in the day.', effect: 'Animals and seedlings need the rest.', use: 'raw or for nut milk', eating: 'cooked', costsSeed: true }],
  windows: [{ part: 'fruit', use: 'shelled', from: 'ripe', to: 'ripe+30' }],
  ceilings: [others(0.5)],
  signs: [['bark', 'glance', 'Hangs in long plates, loose at both ends.'], ['fruit', 'glance', 'Husk splits to the foot in four.']],
  shows: shows({ growth: 'tree', leafShape: { feather: 1 }, leafEdge: { fineTeeth: MOSTLY }, leafBase: { wedge: OFTEN }, leafSet: { alternate: 1 }, hairs: { bare: OFTEN, soft: OFTEN }, leafUnder: { dull: MOSTLY }, smell: { none: OFTEN, resin: SOMETIMES }, leafVeins: 'net', sap: { clear: MOSTLY }, flowerSet: { catkin: MOSTLY }, flowerColour: { green: MOSTLY, yellow: NOW_AND_THEN }, fruit: 'nut', branching: 'alternateTwigs', bark: { peeling: MOSTLY, furrowed: NOW_AND_THEN }, bud: { scaled: MOSTLY } }),
  lookAlikes: [['Ohio buckeye', 'Aesculus glabra', 'poisonous', 'Leaves like hands, in pairs; a large round shining seed with one pale eye, in a leathery husk.', { apartFrom: ALWAYS }]],
  cautions: [['lookAlike', 'Buckeyes lie under the same trees: a nut has a pointed end and a shell, a buckeye shines and has an eye.'], ['people', 'Nut allergy.']],
  keeping: 'In the shell, cool and dry.',
});
