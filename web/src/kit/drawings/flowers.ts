import { around, blue, circle, dark, dots, ellipse, fine, green, leaf, lens, line, pale, petal, pink, red, skin, wood, yellow, type Drawing, type Ink } from './pen.ts';

const petals = (n: number, length: number, width: number, ink: Ink = 'petal', turn = 0) => ({
  d: around(n, [32, 32], 0, (x, y, a) => lens([x, y], a + turn, length, width)),
  ink,
});
const heart = yellow(circle(32, 32, 5));
const small = (x: number, y: number, r = 3.4): string => circle(x, y, r);
/** A flower of one colour, for choosing a colour by. */
const coloured = (ink: Ink): Drawing => [petals(5, 26, 15, ink), dark(circle(32, 32, 4))];
const rays = (angles: readonly number[], length: number, [x, y]: readonly [number, number]): readonly (readonly [number, number])[] => angles.map((a) => [Math.round(x + length * Math.cos(a)), Math.round(y + length * Math.sin(a))] as const);
const FAN = [-2.75, -2.35, -1.95, -1.57, -1.2, -0.8, -0.4];

export const FLOWERS: Readonly<Record<string, Drawing>> = {
  'flowerForm.star5': [petals(5, 26, 15), heart],
  'flowerForm.star6': [petals(6, 27, 8), heart],
  'flowerForm.cross4': [petals(4, 27, 17), heart],
  'flowerForm.bell': [line('M32 4V14'), petal('M32 14C44 16 44 34 50 52C46 50 43 50 41 54C38 49 35 49 32 54C29 49 26 49 23 54C21 50 18 50 14 52C20 34 20 16 32 14Z')],
  'flowerForm.lipped': [line('M6 54C14 50 18 44 22 40'), petal('M18 42C20 30 28 24 34 26C34 14 48 8 58 16C54 22 48 24 44 30C54 30 60 38 56 48C48 46 40 44 36 40C32 46 24 48 18 42Z')],
  'flowerForm.pea': [line('M32 62V48'), petal('M32 30C12 36 4 18 14 10C24 4 30 12 32 16C34 12 40 4 50 10C60 18 52 36 32 30Z'), pink('M32 30C24 34 22 46 30 52H34C42 46 40 34 32 30Z')],
  'flowerForm.daisy': [petals(14, 28, 4.5), yellow(circle(32, 32, 9))],
  'flowerForm.strapHead': [yellow(around(18, [32, 28], 0, (x, y, a) => lens([x, y], a, 23, 3))), yellow(around(12, [32, 28], 0, (x, y, a) => lens([x, y], a + 0.2, 13, 3))), line('M32 62V50')],
  'flowerForm.hood': [line('M32 62V50M32 56H20'), blue('M16 34C14 12 36 2 46 14C54 22 52 32 48 38C50 44 44 52 34 52C24 52 18 46 20 40Z'), fine('M18 36C28 30 40 32 48 38')],
  'flowerForm.threePart': [line('M32 62V46'), petal(lens([32, 40], -1.57, 34, 12) + lens([32, 40], 0.4, 26, 12) + lens([32, 40], Math.PI - 0.4, 26, 12)), yellow(lens([32, 40], -0.9, 12, 4) + lens([32, 40], -2.25, 12, 4))],

  'flowerSet.single': [line('M32 62V24'), leaf(lens([32, 54], -0.6, 16, 6)), petal(around(5, [32, 18], 0, (x, y, a) => lens([x, y], a, 13, 8))), yellow(small(32, 18, 3))],
  'flowerSet.spike': [line('M32 62V6'), petal(Array.from({ length: 8 }, (_, i) => small(26, 10 + i * 5.4) + small(38, 12 + i * 5.4)).join('') + small(32, 7))],
  'flowerSet.oneSided': [
    line('M18 62C16 40 18 18 34 8'),
    petal(
      [
        [24, 18],
        [21, 29],
        [20, 40],
        [20, 51],
      ]
        .map(([x, y]) => `M${x} ${y}h10c6 0 8 4 12 8c-5 1 -8 3 -14 2h-8Z`)
        .join(''),
    ),
  ],
  'flowerSet.umbel': [
    line('M32 62V36'),
    line(
      rays(FAN, 24, [32, 36])
        .map(([x, y]) => `M32 36L${x} ${y}`)
        .join(''),
    ),
    petal(
      rays(FAN, 25, [32, 36])
        .map(([x, y]) => small(x, y, 4))
        .join(''),
    ),
  ],
  'flowerSet.twiceUmbel': [
    line('M32 62V40'),
    line(
      rays([-2.7, -2.1, -1.57, -1.05, -0.45], 18, [32, 40])
        .map(
          ([x, y]) =>
            `M32 40L${x} ${y}` +
            rays([-2.4, -1.9, -1.3, -0.8], 8, [x, y])
              .map(([a, b]) => `M${x} ${y}L${a} ${b}`)
              .join(''),
        )
        .join(''),
    ),
    petal(
      rays([-2.7, -2.1, -1.57, -1.05, -0.45], 18, [32, 40])
        .flatMap(([x, y]) => rays([-2.4, -1.9, -1.3, -0.8], 9, [x, y]).map(([a, b]) => small(a, b, 1.9)))
        .join(''),
    ),
  ],
  'flowerSet.flatHead': [line('M32 62V46M32 46L16 30M32 46L48 30M32 54L8 30M32 54L56 30M32 46V30'), petal([8, 16, 24, 32, 40, 48, 56].map((x) => small(x, 24, 4.2)).join('') + [12, 20, 28, 36, 44, 52].map((x) => small(x, 19, 3.4)).join(''))],
  'flowerSet.plume': [
    line('M32 62V8M32 50L16 40M32 50L48 40M32 38L20 28M32 38L44 28M32 26L25 18M32 26L39 18'),
    petal(
      [
        [16, 38],
        [48, 38],
        [20, 26],
        [44, 26],
        [25, 16],
        [39, 16],
        [32, 7],
        [24, 44],
        [40, 44],
        [26, 32],
        [38, 32],
        [12, 42],
        [52, 42],
      ]
        .map(([x, y]) => small(x!, y!, 3.2))
        .join(''),
    ),
  ],
  'flowerSet.ball': [
    line('M32 62V34'),
    pink(circle(32, 22, 15)),
    fine(
      around(12, [32, 22], 9, (x, y, a) => `M${x} ${y}l${(5 * Math.cos(a)).toFixed(1)} ${(5 * Math.sin(a)).toFixed(1)}`) +
        dots(
          [
            [32, 22],
            [27, 20],
            [37, 25],
          ],
          1,
        ),
    ),
  ],
  'flowerSet.catkin': [wood('M4 10H60M20 10V16M40 10V14'), yellow('M15 16Q20 14 25 16L23 50Q20 56 17 50ZM36 14Q40 12 44 14L43 42Q40 47 37 42Z'), fine([22, 28, 34, 40].map((y) => `M16 ${y}h8`).join('') + [20, 26, 32].map((y) => `M37 ${y}h6`).join(''))],

  'flowerColour.white': coloured('petal'),
  'flowerColour.yellow': coloured('yellow'),
  'flowerColour.pink': coloured('pink'),
  'flowerColour.blue': coloured('blue'),
  'flowerColour.green': coloured('green'),
  'flowerColour.brown': [{ d: around(5, [32, 32], 0, (x, y, a) => lens([x, y], a, 26, 15)), ink: 'wood' }, dark(circle(32, 32, 4))],

  // What stands under an umbel, where its stalks meet.
  'bracts.noBracts': [line('M32 62V34M32 34L8 8M32 34L20 4M32 34V2M32 34L44 4M32 34L56 8')],
  'bracts.fewBracts': [line('M32 62V30M32 30L8 6M32 30L32 2M32 30L56 6'), leaf(lens([32, 31], 0.5, 14, 3) + lens([32, 31], Math.PI - 0.5, 14, 3) + lens([32, 31], 1.2, 12, 3))],
  'bracts.featherBracts': [line('M32 62V26M32 26L12 4M32 26V2M32 26L52 4'), line('M32 26C20 32 12 40 6 52M22 32l-8 -2M22 32l-1 9M14 40l-8 -1M14 40l1 9M32 26C44 32 52 40 58 52M42 32l8 -2M42 32l1 9M50 40l8 -1M50 40l-1 9')],
  'bracts.beardedBracts': [line('M32 62V28M32 28L10 8M32 28L32 2M32 28L54 8'), wood('M10 8V36M13 9V34M32 14V42M36 12V40M54 8V36M51 9V34')],

  'berryColour.red': [line('M32 4V20'), red(circle(32, 38, 17)), pale(circle(26, 32, 3))],
  'berryColour.black': [line('M32 4V20'), dark(circle(32, 38, 17)), pale(circle(26, 31, 4))],
  'berryColour.blueBloom': [line('M32 4V20'), blue(circle(32, 38, 17)), pale('M20 30C26 22 38 22 44 30C38 34 26 34 20 30Z')],
  'berryColour.orange': [
    line('M32 4V20'),
    yellow(circle(32, 38, 17)),
    fine(
      dots([
        [26, 36],
        [38, 36],
        [32, 45],
      ]),
    ),
  ],
  'berryColour.green': [line('M32 4V20'), green(circle(32, 38, 17)), fine('M26 28V48M32 25V51M38 28V48')],

  'fruit.berry': [line('M32 4V18M32 10L18 20M32 10L46 20'), red(circle(18, 30, 9) + circle(46, 30, 9) + circle(32, 40, 10)), pale(circle(15, 27, 2) + circle(43, 27, 2) + circle(29, 36, 2))],
  'fruit.stoneFruit': [line('M32 4V14'), { d: circle(32, 38, 23), ink: 'pink' }, skin(ellipse(32, 38, 9, 13)), fine('M32 26V50')],
  'fruit.nut': [leaf('M12 30C8 14 20 8 24 14C28 4 40 4 42 14C48 8 58 16 52 30C44 26 20 26 12 30Z'), wood('M14 30C22 26 42 26 50 30C50 46 40 58 32 60C24 58 14 46 14 30Z')],
  'fruit.capsule': [line('M32 62V44'), skin('M20 44C16 30 20 18 26 12L30 18L32 10L34 18L38 12C44 18 48 30 44 44Z'), fine('M32 18V44M26 22C24 32 26 40 28 44M38 22C40 32 38 40 36 44')],
  'fruit.pod': [
    line('M10 6L16 14'),
    leaf('M14 14C30 18 48 36 54 58C38 54 18 38 14 14Z'),
    fine(
      dots(
        [
          [23, 25],
          [31, 34],
          [39, 43],
          [46, 51],
        ],
        3,
      ),
    ),
  ],
  'fruit.winged': [line('M32 6V20'), pale('M32 26C20 14 4 20 6 34C14 46 26 40 32 32C38 40 50 46 58 34C60 20 44 14 32 26Z'), wood(circle(32, 28, 6)), fine('M12 30C18 30 24 30 27 29M52 30C46 30 40 30 37 29')],
  'fruit.burr': [
    line('M32 62V48'),
    wood(circle(32, 30, 14)),
    wood(around(16, [32, 30], 14, (x, y, a) => `M${x} ${y}l${(8 * Math.cos(a)).toFixed(1)} ${(8 * Math.sin(a)).toFixed(1)}q${(3 * Math.cos(a + 1)).toFixed(1)} ${(3 * Math.sin(a + 1)).toFixed(1)} ${(1 * Math.cos(a + 2.2)).toFixed(1)} ${(4 * Math.sin(a + 2.2)).toFixed(1)}`)),
  ],
  'fruit.hip': [line('M32 2V14'), red('M32 14C44 16 48 30 44 42C42 48 36 50 36 52H28C28 50 22 48 20 42C16 30 20 16 32 14Z'), wood('M28 52l-8 8M30 52l-3 9M34 52l3 9M36 52l8 8')],
  'fruit.pome': [line('M32 2V16'), red('M32 18C42 10 56 18 54 34C52 48 42 56 32 54C22 56 12 48 10 34C8 18 22 10 32 18Z'), dark('M27 55l5 -4l5 4l-2 4h-6Z'), pale('M18 26C16 30 16 36 18 40C21 36 21 30 18 26Z')],
  'fruit.parachutes': [
    wood(circle(32, 52, 5)),
    fine(
      around(1, [32, 46], 0, () => '') +
        [
          [10, 20],
          [22, 12],
          [34, 10],
          [46, 14],
          [56, 24],
        ]
          .map(
            ([x, y]) =>
              `M32 48L${x} ${y}` +
              rays([-2.9, -2.3, -1.7, -1.1, -0.5], 6, [x!, y!])
                .map(([a, b]) => `M${x} ${y}L${a} ${b}`)
                .join(''),
          )
          .join(''),
    ),
  ],
  'fruit.pairedSeeds': [
    line(
      'M32 62V40' +
        rays(FAN, 22, [32, 40])
          .map(([x, y]) => `M32 40L${x} ${y}`)
          .join(''),
    ),
    wood(
      rays(FAN, 24, [32, 40])
        .map(([x, y]) => ellipse(x - 2.2, y - 2, 1.9, 4.4) + ellipse(x + 2.2, y - 2, 1.9, 4.4))
        .join(''),
    ),
  ],
  'fruit.manyDrupes': [
    leaf(around(5, [32, 12], 0, (x, y, a) => lens([x, y], a, 12, 4))),
    dark(
      [
        [24, 22],
        [32, 21],
        [40, 22],
        [20, 30],
        [28, 30],
        [36, 30],
        [44, 30],
        [23, 38],
        [32, 38],
        [41, 38],
        [27, 46],
        [37, 46],
        [32, 53],
      ]
        .map(([x, y]) => circle(x!, y!, 4.6))
        .join(''),
    ),
    pale(
      dots(
        [
          [23, 21],
          [31, 20],
          [39, 21],
          [19, 29],
          [27, 29],
          [35, 29],
          [43, 29],
          [22, 37],
          [31, 37],
          [40, 37],
          [26, 45],
          [36, 45],
        ],
        1,
      ),
    ),
  ],

  'seedShape.flatWinged': [pale(ellipse(32, 32, 24, 28)), wood(ellipse(32, 32, 14, 24)), fine('M32 10V54M26 12V52M38 12V52')],
  'seedShape.wavyRibs': [wood(ellipse(32, 34, 20, 22)), fine('M22 18C18 24 26 28 22 34S18 44 22 50M32 13C28 20 36 26 32 32S28 44 32 55M42 18C46 24 38 28 42 34S46 44 42 50'), fine('M30 12L26 4M34 12L38 4')],
  'seedShape.fatRibs': [wood(ellipse(32, 34, 15, 24)), pale('M24 16C21 28 21 40 24 52L27 52V16ZM30 11V57H34V11ZM40 16C43 28 43 40 40 52L37 52V16Z'), fine('M30 11L25 3M34 11L39 3')],
  'seedShape.longSmooth': [dark('M32 2C36 14 38 30 36 48Q32 62 28 48C26 30 28 14 32 2Z'), pale('M31 14C30 28 30 40 31 50Q32 40 32 28Z')],
  'seedShape.bristly': [wood(ellipse(32, 34, 13, 20)), wood(around(22, [32, 34], 0, (_x, _y, a) => `M${(32 + 13 * Math.cos(a)).toFixed(1)} ${(34 + 20 * Math.sin(a)).toFixed(1)}l${(9 * Math.cos(a)).toFixed(1)} ${(9 * Math.sin(a)).toFixed(1)}`))],

  'cone.hanging': [wood('M4 8C20 4 44 4 60 8M32 6V14'), wood('M32 12C42 16 44 36 38 54Q32 62 26 54C20 36 22 16 32 12Z'), fine('M25 22L32 28L39 22M23 31L32 37L41 31M23 40L32 46L41 40M26 49L32 54L38 49')],
  'cone.upright': [wood('M4 56C20 60 44 60 60 56M32 57V50'), wood('M25 50C20 36 22 16 26 10Q32 4 38 10C42 16 44 36 39 50Z'), fine('M24 42H40M23 34H41M23 26H41M24 18H40'), pale(lens([46, 30], -0.2, 12, 5) + lens([48, 46], 0.3, 12, 5))],
  'cone.tongued': [wood('M32 2V10'), wood('M32 8C43 14 44 36 38 50Q32 58 26 50C20 36 21 14 32 8Z'), fine('M25 20L32 26L39 20M23 31L32 37L41 31M25 42L32 48L39 42'), dark('M40 22l12 2l-4 1l4 4l-5 -1l2 5l-9 -8ZM24 30l-12 2l4 1l-4 4l5 -1l-2 5l9 -8ZM39 40l12 2l-4 1l4 4l-5 -1l2 5l-9 -8Z')],
  'cone.redCup': [wood('M4 14H60M32 14V20'), leaf(lens([18, 14], 1.2, 18, 3) + lens([46, 14], 1.9, 18, 3) + lens([8, 14], 1.2, 16, 3) + lens([56, 14], 1.9, 16, 3)), red('M18 24C12 40 20 58 32 58C44 58 52 40 46 24C42 30 22 30 18 24Z'), dark(ellipse(32, 28, 8, 5))],
  'cone.blueBerry': [wood('M4 10H60M32 10V20'), leaf(lens([14, 10], 1.9, 18, 3) + lens([50, 10], 1.2, 18, 3) + lens([22, 10], -2, 10, 2) + lens([42, 10], -1.1, 10, 2)), blue(circle(32, 38, 19)), fine('M32 38L32 28M32 38L23 44M32 38L41 44')],
};
