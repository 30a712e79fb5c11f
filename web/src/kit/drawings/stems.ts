import { around, bristle, circle, dark, dots, ellipse, fine, green, leaf, lens, line, pale, pink, red, skin, wood, yellow, type Drawing } from './pen.ts';

/** A nose over something to smell: waves rise from it. */
const waves = fine('M24 26C20 22 28 18 24 12M32 26C28 20 36 16 32 9M40 26C36 22 44 18 40 12');

export const STEMS: Readonly<Record<string, Drawing>> = {
  'stemSection.solid': [
    leaf(circle(32, 32, 22)),
    fine(
      dots(
        [
          [22, 26],
          [42, 26],
          [22, 40],
          [42, 40],
          [32, 20],
          [32, 46],
        ],
        1.6,
      ),
    ),
  ],
  'stemSection.hollow': [leaf(circle(32, 32, 24)), dark(circle(32, 32, 15))],
  'stemSection.square': [leaf('M12 12H52V52H12Z'), pale('M24 24H40V40H24Z')],
  'stemSection.ribbed': [
    leaf(
      `M${Array.from({ length: 24 }, (_, i) => {
        const a = (i / 24) * 2 * Math.PI;
        const r = i % 2 ? 18 : 25;
        return `${(32 + r * Math.cos(a)).toFixed(1)} ${(32 + r * Math.sin(a)).toFixed(1)}`;
      }).join('L')}Z`,
    ),
  ],
  'stemSection.threeEdged': [leaf('M32 6L58 52H6Z')],
  'stemSection.pith': [
    wood(circle(32, 32, 24)),
    pale(circle(32, 32, 17)),
    fine(
      dots(
        [
          [26, 27],
          [38, 28],
          [30, 37],
          [40, 38],
          [33, 24],
        ],
        1,
      ),
    ),
  ],

  'stemSkin.plain': [leaf('M24 4H40V60H24Z')],
  'stemSkin.hairy': [leaf('M25 4H39V60H25Z'), fine(bristle([8, 16, 24, 32, 40, 48, 56].flatMap((y) => [[25, y, -10, -3] as const, [39, y, 10, -3] as const])))],
  'stemSkin.blotched': [leaf('M22 4H42V60H22Z'), pink('M25 12c4 -4 8 0 6 5s-8 3 -6 -5ZM34 26c5 -3 7 3 4 7s-8 -2 -4 -7ZM25 38c4 -3 7 2 5 6s-8 0 -5 -6ZM34 48c4 -3 6 2 4 5s-7 0 -4 -5Z')],
  'stemSkin.prickles': [leaf('M26 4H38V60H26Z'), red('M26 12L14 14L26 20ZM38 24L52 27L38 32ZM26 38L14 41L26 46ZM38 48L50 51L38 56Z')],
  'stemSkin.thorns': [wood('M30 60V4M30 22L54 8M30 44L10 30'), wood('M34 20L54 8L37 24ZM26 41L10 30L29 46Z'), leaf(lens([30, 14], -2.6, 12, 5) + lens([30, 34], -0.3, 12, 5))],
  'stemSkin.hooks': [leaf('M24 60C20 44 44 24 38 4H46C52 26 30 44 32 60Z'), dark('M26 48l-8 2l7 -6ZM28 38l-9 -1l9 -4ZM33 28l-9 -3l10 -1ZM38 18l-9 -4l10 1ZM37 40l8 3l-5 -7ZM43 28l8 3l-5 -7Z')],

  'sap.clear': [leaf('M26 4H38V30L26 24Z'), pale('M32 34C36 42 42 46 40 53C38 60 26 60 24 53C22 46 28 42 32 34Z')],
  'sap.milk': [leaf('M26 4H38V28L26 22Z'), { d: 'M26 23L38 29V34L26 28Z', ink: 'petal' }, { d: 'M32 34C36 42 42 46 40 53C38 60 26 60 24 53C22 46 28 42 32 34Z', ink: 'petal' }, fine('M28 50c0 4 3 6 5 6')],
  'sap.orange': [leaf('M26 4H38V28L26 22Z'), yellow('M26 23L38 29V34L26 28ZM32 34C36 42 42 46 40 53C38 60 26 60 24 53C22 46 28 42 32 34Z')],

  'smell.none': [leaf(lens([14, 54], -0.6, 42, 14)), fine('M20 30C14 20 22 8 32 8C44 8 50 18 46 28M16 12L50 52')],
  'smell.garlic': [waves, skin('M32 30C36 34 48 38 46 48C44 58 36 58 32 56C28 58 20 58 18 48C16 38 28 34 32 30Z'), fine('M32 32V56M28 38C24 44 26 52 29 56M36 38C40 44 38 52 35 56')],
  'smell.aniseed': [waves, wood(around(8, [32, 46], 0, (x, y, a) => lens([x, y], a, 15, 4)))],
  'smell.carrot': [waves, yellow('M20 36C26 32 30 34 32 38C42 44 50 54 54 60C44 58 32 54 26 46C20 44 18 40 20 36Z'), line('M22 36L12 30M22 37L10 38M23 36L16 24')],
  'smell.mouse': [waves, skin('M12 50C14 40 26 36 36 40C46 42 50 48 50 54H14C10 54 10 52 12 50Z'), skin(circle(22, 38, 5)), fine('M50 53C56 52 60 48 58 42M12 50l-6 -1M12 52l-6 2'), dark(circle(17, 47, 1.6))],
  'smell.cucumber': [waves, green(circle(32, 46, 15)), pale(circle(32, 46, 11)), fine(around(6, [32, 46], 6, (x, y, a) => lens([x, y], a, 4, 2)))],
  'smell.mint': [waves, line('M32 62V34'), leaf(lens([32, 48], -0.5, 18, 8) + lens([32, 48], Math.PI + 0.5, 18, 8) + lens([32, 38], -0.9, 13, 6) + lens([32, 38], Math.PI + 0.9, 13, 6)), fine('M36 45l8 -4M28 45l-8 -4')],
  'smell.resin': [waves, wood('M18 30V62M46 30V62'), yellow('M32 34C38 42 40 46 38 52C36 58 28 58 26 52C24 46 26 42 32 34Z')],
  'smell.apricot': [waves, yellow(circle(32, 46, 14)), fine('M32 32C27 40 27 52 32 60'), leaf(lens([32, 33], -0.4, 14, 5))],
  'smell.rank': [waves, dark('M20 58L24 34H40L44 58Z'), pale('M25 44H39L40 52H24Z'), fine('M27 48l4 -2l-4 -2M37 48l-4 -2l4 -2')],

  'root.bulb': [line('M32 22C30 14 26 8 22 4M32 22V4M32 22C34 14 38 8 42 4'), skin('M32 20C42 26 46 34 42 44C40 50 24 50 22 44C18 34 22 26 32 20Z'), fine('M32 24V48M27 28C23 36 25 44 28 48M37 28C41 36 39 44 36 48M26 49l-4 10M30 50l-1 11M34 50l1 11M38 49l4 10')],
  'root.corm': [line('M32 26V4'), wood('M14 40C14 28 24 24 32 24C40 24 50 28 50 40C50 50 42 54 32 54C22 54 14 50 14 40Z'), pale('M32 26C40 26 47 30 47 40C47 48 40 51 32 51Z'), fine('M24 54l-3 8M32 54v8M40 54l3 8')],
  'root.taproot': [leaf(lens([32, 18], -2.3, 18, 6) + lens([32, 18], -0.85, 18, 6) + lens([32, 18], -1.57, 16, 5)), skin('M24 20H40C39 36 36 50 32 62C28 50 25 36 24 20Z'), fine('M26 30l-8 3M37 36l8 3M28 44l-6 3')],
  'root.fibres': [leaf(lens([32, 24], -2.2, 18, 5) + lens([32, 24], -0.95, 18, 5)), wood('M32 24C26 36 14 44 10 58M32 24C28 38 22 48 20 60M32 24V62M32 24C36 38 42 48 44 60M32 24C38 36 50 44 54 58')],
  'root.creeping': [wood('M2 46H62M2 52H62'), line('M14 46V22M34 46V14M54 46V28'), leaf(lens([14, 26], -1.9, 14, 6) + lens([34, 18], -1.2, 14, 6) + lens([54, 32], -1.9, 13, 5)), fine('M8 52v8M22 52v9M42 52v9M50 52v8')],
  'root.chambered': [line('M26 14V2M38 14V2'), skin('M20 14H44C50 26 48 44 38 58H26C16 44 14 26 20 14Z'), dark('M22 19H42V24H22ZM19 28H45V33H19ZM20 37H44V42H20ZM24 46H40V51H24Z')],
  'root.tubers': [line('M32 16V2M28 16L20 4M36 16L44 4'), skin(lens([30, 16], 2.0, 42, 11) + lens([34, 16], 1.15, 42, 11) + lens([32, 16], 1.57, 44, 9))],

  'deadStalk.umbelRibs': [wood('M32 62V30'), wood(around(9, [32, 30], 0, () => '') + [-2.8, -2.35, -1.95, -1.57, -1.2, -0.8, -0.35].map((a) => `M32 30L${(32 + 24 * Math.cos(a)).toFixed(1)} ${(30 + 24 * Math.sin(a)).toFixed(1)}`).join(''))],
  'deadStalk.burrsLeft': [
    wood('M32 62V22M32 46L16 36M32 40L50 28'),
    wood(
      [
        [16, 30],
        [50, 22],
        [32, 14],
      ]
        .map(([x, y]) => circle(x!, y!, 7) + around(10, [x!, y!], 7, (a, b, t) => `M${a} ${b}l${(4 * Math.cos(t)).toFixed(1)} ${(4 * Math.sin(t)).toFixed(1)}l1.5 2`))
        .join(''),
    ),
  ],
  'deadStalk.squareStalk': [wood('M28 62V4M36 62V4M28 4H36'), wood([48, 32, 16].map((y) => ellipse(22, y, 6, 4) + ellipse(42, y, 6, 4)).join(''))],
  'deadStalk.tallSpike': [wood('M32 62V4'), wood(Array.from({ length: 9 }, (_, i) => circle(27, 8 + i * 5, 2.6) + circle(37, 10 + i * 5, 2.6)).join(''))],
  'deadStalk.cigar': [wood('M32 62V40M32 12V2'), dark('M26 12Q26 8 32 8Q38 8 38 12V38Q38 42 32 42Q26 42 26 38Z'), line('M22 62C20 44 16 34 12 26M42 62C46 46 50 36 54 30')],
  'deadStalk.plumeLeft': [wood('M26 62C28 44 30 30 32 14'), fine(Array.from({ length: 8 }, (_, i) => `M${31 - i * 0.4} ${12 + i * 4}l${10 + i} ${-6 + i}M${31 - i * 0.4} ${12 + i * 4}l${-8 - i} ${-6 + i}M${31 - i * 0.4} ${14 + i * 4}l${7 + i} ${-8 + i}`).join(''))],
  'deadStalk.podsLeft': [wood('M32 62V6M32 48L14 30M32 40L50 22M32 26L20 10'), pale(lens([14, 30], -2.2, 14, 6) + lens([50, 22], -0.95, 14, 6) + lens([20, 10], -2.2, 9, 4) + lens([32, 8], -1.57, 8, 4)), wood('M14 30l-8 -12M50 22l8 -12')],
  'deadStalk.noStalk': [wood('M4 44H60'), fine('M8 50l4 4M20 50l4 4M32 50l4 4M44 50l4 4M54 50l4 4'), fine('M32 36V12M26 18L38 30M38 18L26 30')],

  'bark.smoothBark': [wood('M14 2V62M50 2V62'), pale('M14 2H50V62H14Z'), fine('M20 18c6 2 10 2 14 0M26 44c6 2 12 2 18 0')],
  'bark.bands': [pale('M14 2H50V62H14Z'), wood('M14 2V62M50 2V62'), dark('M18 12h12v2h-12ZM36 20h11v2h-11ZM20 30h14v2h-14ZM34 40h12v2h-12ZM18 50h12v2h-12Z')],
  'bark.peeling': [pale('M14 2H50V62H14Z'), wood('M14 2V62M50 2V62'), wood('M14 16H36C44 16 48 22 42 25C38 26 37 22 40 21M14 38H30C40 38 44 44 38 47C34 48 33 44 36 43')],
  'bark.furrowed': [pale('M12 2H52V62H12Z'), wood('M12 2V62M52 2V62'), dark('M20 4L23 24L19 44L22 60L20 44L25 24ZM31 2L29 20L34 40L30 62L36 40L32 20ZM43 4L41 26L45 46L42 60L47 46L44 26Z')],
  'bark.corky': [pale('M12 2H52V62H12Z'), wood('M12 2V62M52 2V62'), dark('M12 12L24 15L36 11L52 14L36 14L24 18ZM12 30L26 27L38 32L52 28L38 35L26 30ZM12 48L24 51L38 46L52 50L38 49L24 54ZM24 16L26 28L28 16ZM38 31L36 47L40 47Z')],

  'bud.scaled': [wood('M20 62L30 44M26 62L34 46'), skin('M30 46C20 34 26 16 36 8C46 18 46 36 36 46Z'), fine('M30 40C32 34 36 30 44 28M28 30C32 26 36 22 42 20M36 46C38 40 42 36 44 34')],
  'bud.blackPairs': [wood('M28 62V26M36 62V26'), dark('M26 26C26 16 29 10 32 6C35 10 38 16 38 26ZM28 44L16 36C14 32 18 28 22 32L28 38ZM36 44L48 36C50 32 46 28 42 32L36 38Z')],
  'bud.longPointed': [wood('M10 62L30 46M16 62L34 48'), skin('M28 48C30 32 44 14 56 4C52 20 46 38 36 52Z'), fine('M32 42l12 -2M36 34l11 -2M41 26l9 -2M46 18l6 -1')],
  'bud.sticky': [wood('M26 62V38M38 62V38'), skin('M24 40C18 26 24 12 32 6C40 12 46 26 40 40Z'), fine('M22 30C28 26 36 26 42 30M24 20C28 17 36 17 40 20'), yellow('M22 34c-4 4 -5 9 -2 11s5 -4 2 -11ZM43 26c4 4 5 10 2 12s-5 -5 -2 -12Z')],
  'bud.naked': [wood('M28 62V36M36 62V36'), leaf(lens([30, 38], -1.9, 28, 8) + lens([34, 38], -1.25, 28, 8) + lens([32, 38], -1.57, 22, 6)), fine('M24 26l-4 -3M40 26l4 -3M26 32l-4 -1M38 32l4 -1')],
  'branching.oppositeTwigs': [wood('M32 62V4M32 46L12 28M32 46L52 28M32 26L18 10M32 26L46 10')],
  'branching.alternateTwigs': [wood('M32 62V4M32 52L52 36M32 40L12 26M32 28L50 14M32 18L18 6')],
  'branching.tiers': [wood('M32 62V4M32 54L6 60M32 54L58 60M32 36L10 41M32 36L54 41M32 18L16 22M32 18L48 22')],
};
