import { EVERYWHERE, found } from '../src/regions.ts';
import { autumn, OFTEN, plant, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const rush = plant({
  key: 'rush', name: 'Soft rush',
  scientific: 'Juncus effusus L.',
  family: 'Juncaceae',
  regions: found(EVERYWHERE),
  habit: 'reed',
  about: 'Round green stems for mats and lights.',
  stages: [spring('growing', 'new stems', 1, 110, 14), spring('flowering', 'tufts at the side', 6, 165, 12), spring('full', 'stems full', 7, 195, 12), autumn('brown', 'stems brown', 9, 290, 14)],
  parts: [{ key: 'fibre', name: 'stems', unit: 'stalk', perPlant: [200, 60, 500], massG: [2, 1, 4], method: 'Cut a third of a clump with a sickle.', effect: 'Comes again.', use: 'weaving, pith for lights', eating: 'none' }],
  windows: [{ part: 'fibre', use: 'weaving', from: 'full', to: 'brown-15' }],
  ceilings: [share(0.33)],
  signs: [['stem', 'cut', 'Round, full of white unbroken pith.'], ['flower', 'glance', 'A tuft that sits on the side of the stem.']],
  shows: shows({ growth: { reed: 1, fromGround: OFTEN }, leafShape: { needle: OFTEN, strap: SOMETIMES }, leafEdge: 'smooth', leafSet: 'basal', hairs: 'bare', stemSection: 'pith', stemSkin: 'plain', smell: 'none', flowerSet: { oneSided: OFTEN, plume: OFTEN }, flowerColour: 'brown', fruit: 'capsule', root: 'creeping', deadStalk: { plumeLeft: OFTEN, noStalk: SOMETIMES } }),
  cautions: [['ground', 'Wet ground and ticks.']],
});
