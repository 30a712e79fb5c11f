import { EUROPE, found } from '../src/regions.ts';
import { autumn, cap, flowering, MOSTLY, NEVER, NOW_AND_THEN, OFTEN, plant, RARELY, share, shows, SOMETIMES, spring } from '../src/write.ts';

export const mullein = plant({
  key: 'mullein', name: 'Great mullein',
  scientific: 'Verbascum thapsus L.',
  family: 'Scrophulariaceae',
  regions: { ...found([...EUROPE, 'easternAmerica', 'prairie']), ...found(['westernAmerica'], 'invasive') },
  habit: 'biennial', lifeCycle: 'biennial',
  about: 'A felted rosette in the first year, a tall yellow candle in the second. Takes open, stony ground.',
  stages: [spring('rosette', 'rosette', 2, 78, 20), spring('stalk', 'stalk rises', 3, 138, 12), spring('flowering', 'yellow flowers', 6, 178, 14), spring('seed', 'capsules', 8, 230, 14), autumn('dying', 'candle dead', 9, 285, 16)],
  parts: [
    { key: 'leaf', name: 'leaves', unit: 'leaf', perPlant: [9, 5, 16], massG: [8, 3, 15], method: 'Cut a lower leaf or two of a rosette, dry and clean ones.', effect: 'Weakens the rosette; it flowers a year later or not at all.', use: 'dried for tea, strained through cloth', eating: 'cooked' },
    { key: 'flower', name: 'flowers', unit: 'blossom', perPlant: [120, 40, 250], massG: [0.12, 0.07, 0.2], method: 'Pick open flowers day by day, in the morning, without the green.', effect: 'Each is a capsule lost; the candle bears hundreds.', use: 'dried for tea, strained through cloth', eating: 'cooked', costsSeed: true },
  ],
  windows: [{ part: 'leaf', use: 'dried', from: 'rosette+15', to: 'stalk', clearFrom: NEVER }, { part: 'flower', use: 'dried', from: 'flowering', to: 'seed-8', best: 0.4 }],
  ceilings: [cap(2, 'leaf'), share(0.3, 'leaf'), flowering(0.5, 'flower')],
  signs: [['leaf', 'glance', 'Thick felt on both sides, running down the stem.'], ['leaf', 'loupe', 'Hairs branched like small trees.'], ['stem', 'glance', 'In winter a stiff dark candle, often branched at the top, with felt left at its foot.']],
  shows: shows({ growth: { rosette: 1, leafyStem: OFTEN }, leafShape: { oval: 1, lance: SOMETIMES }, leafEdge: { smooth: MOSTLY, fineTeeth: NOW_AND_THEN }, leafBase: { runsDown: OFTEN, wedge: OFTEN, stalkless: SOMETIMES }, leafSet: { basal: 1, alternate: OFTEN }, leafVeins: 'net', leafUnder: { whiteFelt: MOSTLY, dull: NOW_AND_THEN }, hairs: { felt: MOSTLY, soft: RARELY }, stemSection: 'solid', stemSkin: 'hairy', smell: 'none', flowerForm: 'star5', flowerSet: 'spike', flowerColour: 'yellow', fruit: 'capsule', root: 'taproot', deadStalk: 'tallSpike' }),
  lookAlikes: [['Foxglove', 'Digitalis purpurea', 'deadly', 'Rosette leaf with fine blunt teeth, short single hairs and a raised net beneath; never thick felt on both sides.']],
  cautions: [['lookAlike', 'First-year rosettes of foxglove have been taken for it. Felt of branched hairs on both sides, or leave it.'], ['handling', 'Hairs scratch the throat: strain tea through cloth. Seeds are poisonous to fish and not for eating.']],
});
