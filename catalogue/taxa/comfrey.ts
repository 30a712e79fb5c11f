import { found } from '../src/regions.ts';
import { autumn, MOSTLY, NOW_AND_THEN, OFTEN, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const comfrey = plant({
  key: 'comfrey', name: 'Comfrey',
  scientific: 'Symphytum officinale L.',
  family: 'Boraginaceae',
  regions: found(['atlanticEurope', 'northernEurope', 'continentalEurope', 'mountainsOfEurope', 'easternAmerica', 'westernAmerica']),
  habit: 'perennialRoot', severity: 'harmful',
  about: 'A rough herb of wet meadows, kept as a plant for the garden and the compost. Eaten once; its alkaloids harm the liver.',
  stages: [spring('leaves', 'leaves', 1, 85, 12), spring('flowering', 'hanging bells', 6, 140, 14), spring('seed', 'nutlets', 8, 190, 16), autumn('dying', 'gone', 9, 300, 14)],
  parts: [{ key: 'leaf', name: 'leaves', unit: 'leaf', perPlant: [14, 7, 25], massG: [18, 8, 30], method: 'Cut leaves above the crown.', effect: 'Comes again three or four times a year.', use: 'as liquid manure', eating: 'none' }],
  windows: [{ part: 'leaf', use: 'manure', from: 'leaves+20', to: 'seed+60' }],
  ceilings: [share(0.5)],
  signs: [['leaf', 'glance', 'Rough with stiff hairs, edge smooth, the blade running down the stem.'], ['flower', 'glance', 'Bells in a coil that unrolls.'], ['root', 'cut', 'Black outside, white and slimy within.']],
  shows: shows({ sap: 'clear', growth: { leafyStem: OFTEN, fromGround: OFTEN, rosette: OFTEN }, leafShape: { lance: OFTEN, oval: OFTEN }, leafEdge: 'smooth', leafBase: { runsDown: OFTEN, wedge: OFTEN, stalkless: NOW_AND_THEN }, leafSet: { basal: OFTEN, alternate: OFTEN }, leafVeins: 'net', hairs: { bristles: MOSTLY, soft: NOW_AND_THEN }, stemSection: { ribbed: OFTEN, hollow: OFTEN }, stemSkin: 'hairy', smell: { none: OFTEN, cucumber: SOMETIMES }, flowerForm: 'bell', flowerSet: { oneSided: 1 }, flowerColour: { white: OFTEN, pink: OFTEN }, fruit: 'nut', root: { taproot: MOSTLY, tubers: NOW_AND_THEN }, deadStalk: 'noStalk', stalkSection: { grooved: OFTEN, round: SOMETIMES } }),
  lookAlikes: [['Foxglove', 'Digitalis purpurea', 'deadly', 'Leaf with fine teeth and soft hair; comfrey’s edge is smooth and its hair stiff.']],
  cautions: [['lookAlike', 'Foxglove leaves have been taken for it, with deaths.'], ['slowPoison', 'Alkaloids harm the liver slowly, in tea as well: not for eating. About its use people disagree; the cautious side is kept.']],
});
