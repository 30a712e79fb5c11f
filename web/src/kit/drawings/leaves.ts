import { around, blade, bristle, circle, dark, dots, fine, leaf, lens, line, pale, pink, skin, wood, type Drawing } from './pen.ts';

const OVAL = blade({});
const RIB = 'M32 58V10';
const SIDE_VEINS = 'M32 44L22 36M32 44L42 36M32 34L20 26M32 34L44 26M32 24L24 16M32 24L40 16';
const HEART = 'M32 10C40 18 54 24 52 38C51 47 40 50 32 42C24 50 13 47 12 38C10 24 24 18 32 10Z';
const pairs = (ys: readonly number[], length: number, width: number): string => ys.map((y) => lens([32, y], -0.35, length, width) + lens([32, y], Math.PI + 0.35, length, width)).join('');
const fine2 = (ys: readonly number[]): string =>
  ys
    .flatMap((y, i) => {
      const reach = 22 - i * 4;
      return [-1, 1].map((s) => `M32 ${y}L${32 + s * reach} ${y - reach * 0.45}` + [0.35, 0.6, 0.85].map((t) => `M${32 + s * reach * t} ${y - reach * 0.45 * t}l${s * 2} -6M${32 + s * reach * t} ${y - reach * 0.45 * t}l${s * 6} 1`).join(''));
    })
    .join('');

export const LEAVES: Readonly<Record<string, Drawing>> = {
  'growth.rosette': [leaf([0, 0.7, 1.4, 2.1, 2.8, 3.5, 4.2, 4.9, 5.6].map((a) => lens([32, 34], a, 24, 7)).join('')), dark(circle(32, 34, 2))],
  'growth.leafyStem': [line('M32 60V8'), leaf([50, 38, 26].map((y) => lens([32, y], -0.5, 20, 7) + lens([32, y - 5], Math.PI + 0.5, 20, 7)).join('') + lens([32, 16], -Math.PI / 2, 12, 5))],
  'growth.fromGround': [wood('M8 54H56'), leaf(lens([28, 54], -2.0, 42, 9) + lens([32, 54], -1.5, 48, 9) + lens([36, 54], -1.05, 40, 9))],
  'growth.climber': [wood('M44 60V4M50 60V4'), line('M14 60C22 50 58 50 48 40C38 32 36 30 48 24C58 18 40 12 46 6'), leaf(lens([34, 49], -2.6, 16, 7) + lens([40, 31], -2.6, 16, 7) + lens([43, 14], -2.7, 15, 6))],
  'growth.bush': [
    wood('M32 58C32 46 18 40 14 24M32 58C32 44 46 40 50 24M32 58V20M32 46L22 30M32 46L42 30M8 58H56'),
    leaf(
      [
        [14, 22],
        [22, 28],
        [32, 16],
        [42, 28],
        [50, 22],
        [26, 18],
        [40, 17],
      ]
        .map(([x, y]) => circle(x!, y!, 5))
        .join(''),
    ),
  ],
  'growth.tree': [wood('M29 60L30 38M35 60L34 38M10 60H54'), leaf('M32 6C44 4 54 14 52 24C56 34 44 44 32 40C20 44 8 34 12 24C10 14 20 4 32 6Z')],
  'growth.creeping': [
    line('M6 46C18 40 28 50 40 44S54 42 60 44'),
    leaf(
      [
        [14, 43],
        [28, 45],
        [42, 43],
        [54, 43],
      ]
        .map(([x, y]) => lens([x!, y!], -1.9, 15, 6) + lens([x!, y!], -1.2, 15, 6))
        .join(''),
    ),
    wood('M14 44v9m-3 0l3 -4l3 4M42 44v9m-3 0l3 -4l3 4'),
  ],
  'growth.reed': [line('M24 60V14M34 60V8M44 60V18'), leaf('M24 44C16 36 14 26 14 16C18 26 20 36 24 40ZM34 40C42 32 46 22 46 10C42 22 38 30 34 36Z'), pale('M4 54C10 51 14 57 20 54S32 51 38 54S52 57 60 54V60H4Z')],
  'growth.fern': [line('M32 60C30 40 30 24 34 6'), leaf([50, 42, 34, 26, 18].map((y, i) => lens([31.5, y], -0.25, 22 - i * 3.4, 4.5) + lens([31.5, y], Math.PI + 0.25, 22 - i * 3.4, 4.5)).join(''))],
  'growth.cap': [skin('M10 32C12 12 52 12 54 32C46 36 18 36 10 32Z'), skin('M28 35C29 44 28 52 26 58H40C37 52 36 44 37 35Z')],

  'leafShape.strap': [leaf('M29 60L28 12Q32 4 36 12L35 60Z'), line('M32 58V12')],
  'leafShape.lance': [leaf(lens([32, 58], -Math.PI / 2, 54, 13)), line('M32 60V10')],
  'leafShape.oval': [leaf(OVAL), line(RIB), line(SIDE_VEINS)],
  'leafShape.heart': [leaf(HEART), line('M32 60V16M32 42L20 34M32 42L44 34M32 32L24 24M32 32L40 24')],
  'leafShape.arrow': [leaf('M32 6C42 20 46 34 54 54L36 44L32 46L28 44L10 54C18 34 22 20 32 6Z'), line('M32 60V12')],
  'leafShape.round': [leaf(circle(32, 28, 21)), line('M32 60V12M32 40L20 30M32 40L44 30M32 28L23 19M32 28L41 19')],
  'leafShape.needle': [wood('M12 58L52 18'), leaf([0, 1, 2, 3, 4].map((i) => lens([16 + i * 8, 54 - i * 8], -2.2, 20, 2.4) + lens([18 + i * 8, 52 - i * 8], 0.65, 20, 2.4)).join(''))],
  'leafShape.scale': [leaf([0, 1, 2, 3, 4].map((i) => lens([30, 52 - i * 9], -2.15, 14, 6) + lens([34, 52 - i * 9], -1, 14, 6)).join('') + lens([32, 16], -Math.PI / 2, 12, 5)), wood('M32 60V50')],
  'leafShape.hand': [leaf('M32 42L14 50L18 38L6 32L20 27L16 12L28 22L32 4L36 22L48 12L44 27L58 32L46 38L50 50Z'), line('M32 60V8M32 42L18 28M32 42L46 28M32 42L16 48M32 42L48 48')],
  'leafShape.threeLeaflets': [line('M32 60V34'), leaf(lens([32, 36], -Math.PI / 2, 30, 14) + lens([32, 38], -0.25, 27, 13) + lens([32, 38], Math.PI + 0.25, 27, 13))],
  'leafShape.feather': [line('M32 60V14'), leaf(pairs([50, 38, 26], 22, 8) + lens([32, 16], -Math.PI / 2, 14, 7))],
  'leafShape.fineFeather': [line('M32 60V8'), line(fine2([54, 44, 34, 24]) + 'M32 12l-4 -6M32 12l4 -6')],

  'leafEdge.smooth': [leaf(blade({ half: 17 })), line(RIB)],
  'leafEdge.fineTeeth': [leaf(blade({ half: 15, tooth: 2.6, count: 12 })), line(RIB)],
  'leafEdge.coarseTeeth': [leaf(blade({ half: 13, tooth: 6.5, count: 5 })), line(RIB)],
  'leafEdge.lobed': [leaf('M32 4C38 6 39 12 37 16C44 14 52 18 50 24C48 29 42 28 38 27C46 29 54 34 51 40C48 45 41 42 37 39C40 46 38 52 32 54C26 52 24 46 27 39C23 42 16 45 13 40C10 34 18 29 26 27C22 28 16 29 14 24C12 18 20 14 27 16C25 12 26 6 32 4Z'), line('M32 60V10')],
  'leafEdge.spiny': [leaf('M32 4C33 10 36 12 42 10C40 16 42 20 50 20C44 25 44 30 52 34C44 36 42 40 46 48C38 46 34 48 32 54C30 48 26 46 18 48C22 40 20 36 12 34C20 30 20 25 14 20C22 20 24 16 22 10C28 12 31 10 32 4Z'), line('M32 60V10')],

  'leafBase.wedge': [wood('M10 60V4'), line('M10 46L30 32'), leaf('M30 32C32 18 46 8 58 8C58 20 48 32 30 32Z')],
  'leafBase.heartBase': [wood('M8 60V4'), line('M8 50L32 34'), leaf('M32 34C24 30 24 18 34 14C44 8 54 8 60 6C60 14 60 26 54 36C48 44 36 44 32 34Z')],
  'leafBase.clasping': [wood('M26 60V4'), leaf('M60 12C46 12 36 16 26 24C18 28 14 36 18 42C24 46 30 42 32 38C44 36 54 26 60 12Z'), fine('M26 24V40')],
  'leafBase.runsDown': [wood('M20 60V4'), leaf('M60 8C44 10 30 18 24 30C23 40 23 50 22 58L27 58C28 50 28 44 30 40C44 38 56 26 60 8Z'), line('M24 34L54 12')],
  'leafBase.stalkless': [wood('M16 60V4'), leaf('M17 40C20 22 42 12 60 10C58 24 42 40 17 40Z'), line('M18 38L52 16')],
  'leafBase.sheath': [wood('M27 62V4M35 62V4'), leaf('M22 56C12 48 14 34 27 30L38 24L43 29C46 38 44 50 40 56C34 60 27 60 22 56Z'), fine('M26 34C24 42 26 50 30 56M33 31C33 40 35 48 37 55'), line('M40 26L58 6M47 19l9 3M47 19l-2 -9M53 12l7 2')],

  'leafSet.opposite': [line('M32 60V4'), leaf([46, 30, 14].map((y) => lens([32, y], -0.3, 22, 7) + lens([32, y], Math.PI + 0.3, 22, 7)).join(''))],
  'leafSet.alternate': [line('M32 60V4'), leaf(lens([32, 52], -0.4, 22, 7) + lens([32, 41], Math.PI + 0.4, 22, 7) + lens([32, 30], -0.4, 22, 7) + lens([32, 19], Math.PI + 0.4, 22, 7))],
  'leafSet.whorl': [line('M32 60V8'), leaf([-0.2, 0.5, Math.PI + 0.2, Math.PI - 0.5, -1.1, -2.04].map((a) => lens([32, 34], a, 23, 6)).join(''))],
  'leafSet.basal': [wood('M6 56H58'), line('M32 56V6'), leaf(lens([32, 56], -0.35, 26, 8) + lens([32, 56], -0.9, 24, 7) + lens([32, 56], Math.PI + 0.35, 26, 8) + lens([32, 56], Math.PI + 0.9, 24, 7)), pink(circle(32, 8, 4))],

  'leafVeins.net': [leaf(OVAL), line(RIB), line(SIDE_VEINS), fine('M27 40L26 32M37 40L38 32M26 30L25 22M38 30L39 22M23 36l5 -1M41 36l-5 -1M22 27l6 -1M42 27l-6 -1')],
  'leafVeins.parallel': [leaf(lens([32, 58], -Math.PI / 2, 54, 22)), line('M32 56V8M27 52C23 38 24 22 30 10M37 52C41 38 40 22 34 10M22 46C18 34 20 24 27 14M42 46C46 34 44 24 37 14')],
  'leafVeins.arched': [leaf(HEART), line('M32 58V14M32 44C20 40 18 28 30 14M32 44C44 40 46 28 34 14')],

  'leafUnder.dull': [
    leaf(blade({ half: 17 })),
    fine(
      dots(
        [
          [26, 20],
          [38, 22],
          [24, 30],
          [40, 32],
          [27, 40],
          [37, 42],
          [32, 28],
          [32, 38],
        ],
        0.9,
      ),
    ),
    line(RIB),
  ],
  'leafUnder.glossy': [leaf(blade({ half: 17 })), pale('M22 20C18 28 18 36 22 42C25 36 25 26 22 20Z'), fine('M46 10l4 -4M50 16l6 -2M44 6l0 -4'), line(RIB)],
  'leafUnder.whiteFelt': [pale(blade({ half: 17 })), fine(bristle([24, 32, 40].flatMap((x) => [18, 26, 34, 42].map((y) => [x, y, 3, -3] as const)))), fine(bristle([24, 32, 40].flatMap((x) => [18, 26, 34, 42].map((y) => [x + 3, y, -3, -3] as const)))), line(RIB)],
  'leafUnder.paleBands': [leaf(lens([32, 60], -Math.PI / 2, 56, 17)), pale('M27 50C24 38 25 24 29 14L30 14V50ZM37 50C40 38 39 24 35 14L34 14V50Z')],

  'hairs.bare': [line('M6 40H58'), leaf('M6 40H58V50H6Z')],
  'hairs.soft': [leaf('M6 40H58V50H6Z'), fine(bristle([10, 16, 22, 28, 34, 40, 46, 52].map((x) => [x, 40, 3, -7] as const)))],
  'hairs.felt': [leaf('M6 44H58V52H6Z'), fine([10, 18, 26, 34, 42, 50].map((x) => `M${x} 44V24M${x} 36l-6 -6M${x} 36l6 -6M${x} 30l-5 -6M${x} 30l5 -6`).join(''))],
  'hairs.bristles': [leaf('M6 44H58V52H6Z'), dark([12, 24, 36, 48].map((x) => `M${x - 2} 44L${x + 2} 18L${x + 3} 44Z`).join(''))],
  'hairs.stinging': [
    leaf('M6 46H58V54H6Z'),
    fine([14, 32, 50].map((x) => `M${x - 4} 46C${x - 2} 38 ${x - 1} 30 ${x} 16C${x + 1} 30 ${x + 2} 38 ${x + 4} 46Z`).join('')),
    dark(
      dots(
        [
          [14, 14],
          [32, 14],
          [50, 14],
        ],
        2.2,
      ),
    ),
  ],

  'leafSection.flat': [leaf('M4 30C20 26 44 26 60 30C44 36 20 36 4 30Z'), dark(circle(32, 31, 2.4))],
  'leafSection.fan': [leaf('M32 6C38 22 38 44 34 58H30C26 44 26 22 32 6Z'), leaf('M20 16C26 28 28 46 30 58H26C20 46 16 30 20 16ZM44 16C38 28 36 46 34 58H38C44 46 48 30 44 16Z')],
  'leafSection.halfMoon': [
    leaf('M8 26H56C54 46 44 54 32 54C20 54 10 46 8 26Z'),
    fine(
      dots(
        [
          [20, 33],
          [32, 33],
          [44, 33],
          [26, 42],
          [38, 42],
          [32, 48],
        ],
        3,
      ),
    ),
  ],
  'leafSection.tube': [leaf(circle(32, 32, 22)), pale(circle(32, 32, 14))],

  'needles.pegs': [wood('M6 44H58'), wood('M12 44v-5h4v5M24 44v-5h4v5M36 44v-5h4v5M48 44v-5h4v5'), leaf([14, 26, 38, 50].map((x) => lens([x, 39], -1.2, 28, 3)).join(''))],
  'needles.suckers': [wood('M6 48H58'), pale([14, 30, 46].map((x) => circle(x, 46, 4)).join('')), leaf([14, 30, 46].map((x) => `M${x - 1} 44L${x + 4} 14Q${x + 8} 10 ${x + 10} 15L${x + 2} 44Z`).join(''))],
  'needles.pairs': [wood('M6 54L58 42'), wood('M20 51v-6M42 46v-6'), leaf(lens([20, 45], -2.0, 34, 3) + lens([20, 45], -1.35, 36, 3) + lens([42, 40], -2.0, 32, 3) + lens([42, 40], -1.3, 34, 3))],
  'needles.tufts': [
    wood('M6 50H58M20 50v-6h-4v6M46 50v-6h-4v6'),
    leaf(
      [
        [18, 44],
        [44, 44],
      ]
        .map(([x, y]) => [-2.7, -2.2, -1.8, -1.35, -0.9, -0.45].map((a) => lens([x!, y!], a, 20, 2)).join(''))
        .join(''),
    ),
  ],
  'needles.twoRows': [wood('M32 60V6'), leaf([54, 46, 38, 30, 22, 14].map((y) => lens([32, y], -0.2, 24, 3.6) + lens([32, y], Math.PI + 0.2, 24, 3.6)).join(''))],
  'needles.allRound': [wood('M32 60V4'), leaf(around(9, [32, 32], 3, (x, y, a) => lens([x, y], a, 25, 3)))],

  // The stalk of a leaf, cut across.
  'stalkSection.round': [leaf(circle(32, 32, 20))],
  'stalkSection.grooved': [leaf('M8 20C8 48 20 56 32 56C44 56 56 48 56 20C46 18 42 30 32 30C22 30 18 18 8 20Z')],
  'stalkSection.threeEdged': [leaf('M32 54L8 14H56Z')],
  'stalkSection.hollow': [leaf(circle(32, 32, 22)), dark(circle(32, 32, 12))],
  'stalkSection.none': [leaf('M32 4C44 18 44 36 34 50H30C20 36 20 18 32 4Z'), wood('M6 50H58'), fine('M22 58L42 42M22 42L42 58')],

  'needles.scaleLeaves': [leaf([0, 1, 2, 3, 4, 5].map((i) => lens([29, 56 - i * 9], -1.95, 13, 7) + lens([35, 56 - i * 9], -1.2, 13, 7)).join(''))],
  'needles.sharpThrees': [wood('M32 60V4'), leaf([48, 28].map((y) => [-0.5, Math.PI + 0.5, -1.57].map((a) => lens([32, y], a, 20, 3)).join('')).join('')), fine('M50 38l4 -3M14 38l-4 -3M50 18l4 -3M14 18l-4 -3')],

  'crozier.brownScales': [line('M34 60C30 44 26 34 30 22C34 10 50 12 48 24C46 32 36 30 38 23'), wood('M31 50l-6 -2M31 44l7 -3M29 38l-6 -2M29 32l7 -1M28 27l-6 -4M32 18l-5 -5M38 13l-1 -7M45 15l4 -5M49 22l6 -1M47 28l5 3')],
  'crozier.grooved': [leaf('M27 60C25 44 22 34 26 22C31 6 54 9 52 25C49 36 33 32 37 22C40 18 44 22 42 25C40 27 43 28 46 24C46 15 34 13 31 24C29 36 33 48 36 60Z'), fine('M31 60C29 46 26 36 29 25')],
  'crozier.furry': [line('M32 60V36'), line('M32 36C30 20 16 22 18 30C20 35 25 32 23 28M32 36C34 20 48 22 46 30C44 35 39 32 41 28M32 36C28 22 28 10 34 10C40 10 38 19 34 17'), fine(bristle([58, 54, 50, 46, 42].flatMap((y) => [[32, y, -5, -2] as const, [32, y, 5, -2] as const])))],
  'frond.once': [line('M32 60V6'), leaf([52, 42, 32, 22].map((y, i) => lens([32, y], -0.15, 24 - i * 4, 6) + lens([32, y], Math.PI + 0.15, 24 - i * 4, 6)).join('') + lens([32, 14], -Math.PI / 2, 10, 4))],
  'frond.twice': [
    line('M32 60V6'),
    line([50, 36, 22].map((y, i) => [1, -1].map((s) => `M32 ${y}L${32 + s * (25 - i * 6)} ${y - 4}`).join('')).join('')),
    leaf([50, 36, 22].map((y, i) => [1, -1].map((s) => [0.3, 0.55, 0.8].map((t) => lens([32 + s * (25 - i * 6) * t, y - 4 * t], -1.57, 6, 3) + lens([32 + s * (25 - i * 6) * t, y - 4 * t], 1.57, 6, 3)).join('')).join('')).join('')),
  ],
  'frond.thrice': [
    line('M32 60V6M32 34L8 22M32 34L56 22M32 24L16 12M32 24L48 12'),
    line(
      [
        [20, 28],
        [14, 25],
        [44, 28],
        [50, 25],
        [24, 18],
        [40, 18],
        [32, 14],
      ]
        .map(([x, y]) => `M${x} ${y}l-4 -6M${x} ${y}l4 -6M${x} ${y}l-5 3M${x} ${y}l5 3`)
        .join(''),
    ),
  ],
};
