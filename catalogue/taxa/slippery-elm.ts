import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, pruning, shows, spring } from '../src/write.ts';

export const slipperyElm = plant({
  key: 'slippery-elm',
  name: 'Slippery elm',
  scientific: 'Ulmus rubra Muhl.',
  family: 'Ulmaceae',
  regions: found(['easternAmerica', 'prairie'], 'atRisk'),
  habit: 'tree', lifeCycle: 'woody', grows: 'inWoods', status: 'atRisk',
  about: 'Slimy inner bark. Trees are stripped and die, and elm disease takes the rest: bark only from branches that came down or are pruned.',
  stages: [spring('buds', 'rust-haired buds swell', 0, 82, 12), spring('sap', 'bark slips', 1, 112, 12), spring('seed', 'round winged seed', 7, 132, 12), autumn('bare', 'bare', 9, 305, 14)],
  parts: [{ key: 'bark', name: 'inner bark of pruned branches', unit: 'gram', perPlant: [150, 40, 400], massG: null, method: 'One branch of a large tree, sawn at the collar, thinner than a wrist; peel it on the ground.', effect: 'A wound that heals; bark off the trunk kills.', use: 'dried, ground, with water', eating: 'cooked', minAgeYears: 20 }],
  windows: [{ part: 'bark', use: 'dried', from: 'sap', to: 'sap+45' }],
  ceilings: [{ parts: null, rule: { kind: 'matureOnly' } }, pruning(0.03), { parts: ['bark'], rule: { kind: 'restYears', years: 5 } }],
  signs: [['leaf', 'glance', 'Rough both ways, lopsided at the foot.'], ['bark', 'cut', 'Inner bark slimy when chewed or wetted, scented.'], ['bud', 'glance', 'Rust-coloured hair.']],
  shows: shows({ growth: 'tree', leafShape: { oval: MOSTLY }, leafEdge: { coarseTeeth: MOSTLY, fineTeeth: NOW_AND_THEN }, leafBase: { wedge: OFTEN, heartBase: NOW_AND_THEN }, leafSet: { alternate: 1 }, leafVeins: 'net', hairs: { bristles: MOSTLY }, leafUnder: { dull: MOSTLY }, sap: { clear: MOSTLY }, smell: 'none', flowerSet: { ball: MOSTLY }, flowerColour: { brown: OFTEN, green: OFTEN }, fruit: 'winged', bark: { furrowed: MOSTLY }, bud: { scaled: MOSTLY }, branching: 'alternateTwigs' }),
  lookAlikes: [],
  cautions: [['stand', 'Whole stands were stripped: no bark from a standing trunk.'], ['people', 'In pregnancy, with medicines or for a child: ask a licensed practitioner first. Emberfield gives no doses.']],
  keeping: 'Dried, then ground.',
  substitutes: [['marsh-mallow', 'Slimy root and leaf for the same drinks.'], ['mallow', 'Slimy leaves and flowers, common.']],
});
