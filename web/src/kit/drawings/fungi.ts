import { around, blue, circle, dark, dots, ellipse, fine, leaf, lens, line, pale, red, skin, wood, yellow, pink, type Drawing, type Ink } from './pen.ts';

const STEM = 'M27 34C28 44 27 52 25 60H39C37 52 36 44 37 34Z';
/** The underside of a cap seen from beneath, the stem cut off in the middle. */
const UNDER = circle(32, 32, 27);
const FOOT = circle(32, 32, 6);
const print = (ink: Ink): Drawing => [
  { d: 'M4 4H60V60H4Z', ink: ink === 'petal' ? 'dark' : 'pale' },
  { d: around(14, [32, 32], 0, (_x, _y, a) => wedge(a)), ink },
];
function spoke(a: number): string {
  return `M${at(a, 9)}L${at(a, 25)}`;
}
function wedge(a: number): string {
  return `M${at(a, 6)}L${at(a - 0.13, 25)}L${at(a + 0.13, 25)}Z`;
}
function at(a: number, r: number): string {
  return `${(32 + r * Math.cos(a)).toFixed(1)} ${(32 + r * Math.sin(a)).toFixed(1)}`;
}

/** Cap and stem cut lengthwise. */
const CUT = 'M8 30C10 10 54 10 56 30C48 34 42 34 38 34C37 44 38 52 40 60H24C26 52 27 44 26 34C22 34 16 34 8 30Z';

export const FUNGI: Readonly<Record<string, Drawing>> = {
  'cap.domed': [skin('M8 34C10 10 54 10 56 34C46 38 18 38 8 34Z'), skin(STEM)],
  'cap.funnel': [skin('M6 12C14 18 22 30 27 40H37C42 30 50 18 58 12C50 8 42 20 32 20C22 20 14 8 6 12Z'), skin('M27 40C28 48 28 54 26 60H38C36 54 36 48 37 40Z')],
  'cap.bellCap': [skin('M14 42C16 18 24 8 32 4C40 8 48 18 50 42C40 46 24 46 14 42Z'), skin('M29 44C30 52 29 56 28 61H36C35 56 34 52 35 44Z')],
  'cap.shelf': [wood('M6 2V62M20 2V62M13 10v10M12 30v12M14 50v8'), skin('M20 18C40 8 58 14 60 24C52 32 34 30 20 30ZM20 38C36 32 52 36 54 46C44 52 32 50 20 50Z')],
  'cap.honeycomb': [skin('M18 40C12 24 20 6 32 4C44 6 52 24 46 40Z'), dark('M26 12h6v6h-6ZM35 12h5v6h-5ZM21 22h6v7h-6ZM30 22h6v7h-6ZM39 22h5v7h-5ZM22 32h6v5h-6ZM31 32h6v5h-6Z'), skin('M26 40C27 50 26 56 25 61H39C38 56 37 50 38 40Z')],

  'cap.ball': [skin(circle(32, 30, 24)), skin('M24 52C26 56 26 58 24 61H40C38 58 38 56 40 52C36 54 28 54 24 52Z'), fine('M18 18C24 12 34 10 42 14M14 30C14 26 15 24 16 22')],
  'cap.coral': [skin('M26 61C26 50 22 44 14 36L10 14L16 28L20 8L24 32L28 38L28 6L33 36L38 40L38 8L43 32L50 12L47 34L56 20L50 40C44 48 40 52 40 61Z')],
  'cap.flat': [skin('M4 26C10 18 54 18 60 26C52 32 40 32 36 32H28C24 32 12 32 4 26Z'), skin('M28 32C29 44 28 52 26 60H38C36 52 35 44 36 32Z')],
  'cap.brain': [
    skin('M12 34C8 24 14 20 18 20C16 10 28 8 32 12C36 6 48 8 46 18C54 18 56 28 52 34C46 40 18 40 12 34Z'),
    fine('M18 20C24 18 24 26 18 28C14 30 18 36 24 34C30 32 26 26 32 24C36 22 34 14 32 12M46 18C40 18 38 24 42 27C46 30 44 35 38 34C34 33 34 29 37 28'),
    skin('M26 38C27 48 26 56 25 61H39C38 56 37 48 38 38Z'),
  ],

  // The colour of a cap as from above, each told by its hatching as well.
  'capColour.whiteCap': [pale(UNDER)],
  'capColour.greyCap': [blue(UNDER), fine('M14 14L50 50M26 8L56 38M8 26L38 56M10 40L24 54M40 10L54 24')],
  'capColour.brownCap': [skin(UNDER), fine(circle(32, 32, 20) + circle(32, 32, 12) + circle(32, 32, 4))],
  'capColour.yellowCap': [
    yellow(UNDER),
    fine(
      dots([
        [20, 20],
        [32, 16],
        [44, 20],
        [16, 32],
        [28, 28],
        [40, 30],
        [48, 38],
        [20, 44],
        [32, 42],
        [42, 48],
      ]),
    ),
  ],
  'capColour.greenCap': [leaf(UNDER), fine('M8 24H56M6 32H58M8 40H56')],
  'capColour.redCap': [red(UNDER), fine('M16 12V52M24 7V57M32 5V59M40 7V57M48 12V52')],

  // The colour of gills as from beneath, each told by its hatching as well.
  'gillColour.white': [pale(UNDER), fine(around(12, [32, 32], 0, (_x, _y, a) => spoke(a))), pale(FOOT)],
  'gillColour.pink': [pink(UNDER), fine(around(18, [32, 32], 0, (_x, _y, a) => spoke(a))), pale(FOOT)],
  'gillColour.brown': [skin(UNDER), fine(around(26, [32, 32], 0, (_x, _y, a) => spoke(a)) + circle(32, 32, 18)), pale(FOOT)],
  'gillColour.dark': [dark(UNDER), pale(FOOT), fine(around(34, [32, 32], 0, (_x, _y, a) => spoke(a)))],
  'gillColour.orange': [yellow(UNDER), fine(around(22, [32, 32], 0, (_x, _y, a) => spoke(a)) + circle(32, 32, 22) + circle(32, 32, 14)), pale(FOOT)],

  'foot.bag': [skin('M27 2C28 20 27 34 25 42H39C37 34 36 20 37 2Z'), pale('M12 30C18 38 20 36 23 42H41C44 36 46 38 52 30C56 48 48 60 32 60C16 60 8 48 12 30Z'), fine('M2 26H10M54 26H62')],
  'foot.bulb': [skin('M28 2C29 22 28 34 22 42C14 50 20 60 32 60C44 60 50 50 42 42C36 34 35 22 36 2Z'), fine('M2 34H20M44 34H62')],
  'foot.plain': [skin('M27 2C28 24 28 44 27 60H37C36 44 36 24 37 2Z'), fine('M2 46H24M40 46H62')],
  'foot.tufted': [skin('M30 58C26 40 18 24 8 8L16 4C24 20 31 36 34 58ZM30 58C31 36 30 20 28 4H37C36 20 35 36 35 58ZM31 58C34 40 42 22 50 6L58 11C48 26 40 42 36 58Z'), wood('M18 58H48')],

  'inside.oneHollow': [skin('M20 34C14 20 22 6 32 4C42 6 50 20 44 34C41 38 40 50 41 61H23C24 50 23 38 20 34Z'), dark('M27 34C22 22 27 12 32 10C37 12 42 22 37 34C35 40 35 50 36 56H28C29 50 29 40 27 34Z')],
  'inside.chambers': [skin('M14 32C8 18 20 8 32 10C44 8 56 18 50 32C44 38 40 48 41 61H23C24 48 20 38 14 32Z'), dark(circle(22, 22, 5) + circle(35, 18, 5) + circle(43, 27, 4) + circle(30, 31, 5) + circle(29, 45, 3) + circle(35, 54, 3))],
  'inside.full': [skin(CUT)],
  'inside.outline': [skin(circle(32, 33, 26)), fine('M18 32C20 18 44 18 46 32C40 36 38 34 37 34C36 42 37 46 38 52H26C27 46 28 42 27 34C24 35 22 34 18 32Z'), fine('M22 34C24 38 25 40 26 42M42 34C40 38 39 40 38 42')],
  'inside.loose': [skin(CUT), fine('M28 34L36 38L28 42L36 46L28 50L36 54L29 58')],

  'capSize.coin': [wood(circle(18, 40, 13)), fine(circle(18, 40, 10)), skin('M36 38C37 28 55 28 56 38Z'), skin('M44 38V52H48V38Z')],
  'capSize.palm': [skin('M12 26C14 10 50 10 52 26Z'), skin('M28 26V36H36V26Z'), line('M10 60C10 48 14 42 20 42H44C50 42 54 48 54 60M24 42V36M32 42V37M40 42V36')],
  'capSize.plate': [skin('M2 22C8 4 56 4 62 22Z'), skin('M29 22V60H35V22Z'), line('M38 58C38 50 40 47 43 47H51C54 47 56 50 56 58M43 47V40M47 47V39M51 47V40M56 50L60 45')],

  'underCap.freeGills': [skin(UNDER), fine(around(28, [32, 32], 0, (_x, _y, a) => `M${(32 + 11 * Math.cos(a)).toFixed(1)} ${(32 + 11 * Math.sin(a)).toFixed(1)}L${(32 + 26 * Math.cos(a)).toFixed(1)} ${(32 + 26 * Math.sin(a)).toFixed(1)}`)), pale(FOOT)],
  'underCap.runningGills': [skin('M4 14C14 4 50 4 60 14C50 22 42 34 38 48H26C22 34 14 22 4 14Z'), fine('M10 15C20 24 26 36 28 48M18 14C26 24 29 36 30 48M26 13C30 24 31 36 31 48M38 13C34 24 33 36 33 48M46 14C38 24 35 36 34 48M54 15C44 24 38 36 36 48'), skin('M27 48H37L36 61H28Z')],
  'underCap.ridges': [skin('M4 12C14 4 50 4 60 12C50 22 42 34 38 52H26C22 34 14 22 4 12Z'), wood('M12 14C20 20 26 34 29 50M22 12C23 18 20 19 24 25M32 12V24L28 32M32 24L36 32M32 34V50M42 12C41 18 44 19 40 25M52 14C44 20 38 34 35 50'), skin('M27 52H37L36 61H28Z')],
  'underCap.pores': [
    skin(UNDER),
    dark(
      dots(
        Array.from({ length: 61 }, (_, i) => {
          const r = 9 + (i % 4) * 4.8;
          const a = i * 2.4;
          return [32 + r * Math.cos(a), 32 + r * Math.sin(a)] as const;
        }),
        1.3,
      ),
    ),
    pale(FOOT),
  ],
  'underCap.spines': [skin('M4 20C10 6 54 6 60 20C50 24 14 24 4 20Z'), skin([10, 16, 22, 44, 50, 56].map((x) => `M${x - 2.5} 22L${x} 36L${x + 2.5} 22Z`).join('') + [28, 38].map((x) => `M${x - 2.5} 23L${x} 38L${x + 2.5} 23Z`).join('')), skin('M29 24V60H37V24Z')],

  'underCap.noneBeneath': [skin(UNDER), fine('M12 22C22 28 42 28 52 22M10 36C22 42 42 42 54 36'), pale(FOOT)],

  'stipe.bareStem': [pale('M10 10C20 4 44 4 54 10V16H10Z'), skin('M26 16C27 34 27 48 25 60H39C37 48 37 34 38 16Z')],
  'stipe.ring': [pale('M10 8C20 2 44 2 54 8V14H10Z'), skin('M27 14C28 34 28 48 26 60H38C36 48 36 34 37 14Z'), wood('M20 26C26 22 38 22 44 26L47 36C42 32 36 32 32 34C28 32 22 32 17 36Z')],
  'stipe.slidingRing': [skin('M28 2V60H36V2Z'), wood('M18 24H46V32H18Z'), fine('M52 16V40M52 16l-3 4M52 16l3 4M52 40l-3 -4M52 40l3 -4M28 44l8 3M28 50l8 3M28 12l8 3')],
  'stipe.ringAndBag': [pale('M10 6C20 0 44 0 54 6V10H10Z'), skin('M27 10C28 28 27 40 24 50H40C37 40 36 28 37 10Z'), wood('M20 20C26 17 38 17 44 20L46 28C38 25 26 25 18 28Z'), pale('M14 40C18 46 20 44 22 50H42C44 44 46 46 50 40C54 52 46 62 32 62C18 62 10 52 14 40Z'), fine('M2 48H12M52 48H62')],
  'stipe.netted': [pale('M8 8C20 2 44 2 56 8V14H8Z'), skin('M24 14C25 34 18 46 18 60H46C46 46 39 34 40 14Z'), fine('M25 20L40 32M24 30L42 44M21 42L44 56M40 20L24 32M41 30L22 44M43 42L20 56')],
  'stipe.velvet': [pale('M10 10C20 4 44 4 54 10V16H10Z'), pale('M27 16H37V30H27Z'), dark('M27 30H37C38 42 38 52 36 60H28C26 52 26 42 27 30Z'), fine('M27 34l-4 -2M27 40l-4 -2M27 46l-4 -2M28 52l-4 -2M37 34l4 -2M37 40l4 -2M37 46l4 -2M36 52l4 -2')],

  'sporePrint.whitePrint': print('petal'),
  'sporePrint.pinkPrint': print('pink'),
  'sporePrint.rustPrint': print('wood'),
  'sporePrint.darkPrint': print('dark'),

  'flesh.unchanged': [pale(CUT), fine('M14 28C24 30 40 30 50 28')],
  'flesh.blues': [pale(CUT), blue('M14 28C14 16 50 16 50 28C42 32 38 30 36 32C36 40 36 46 37 54H27C28 46 28 40 28 32C26 30 22 32 14 28Z')],
  'flesh.yellows': [pale(CUT), yellow('M26 46H38L40 60H24Z')],
  'flesh.milky': [pale(CUT), { d: 'M14 36c-5 6 -5 11 -1 11s5 -5 1 -11ZM50 36c-5 6 -5 11 -1 11s5 -5 1 -11Z', ink: 'petal' }, fine('M12 32C20 35 24 35 27 35M52 32C44 35 40 35 37 35')],
  'flesh.reddens': [pale(CUT), red('M16 27C18 18 46 18 48 27C42 30 38 30 36 32V42H28V32C26 30 22 30 16 27Z')],

  'host.deadBroadleaf': [wood(ellipse(52, 40, 8, 14) + 'M52 26H8V54H52'), fine(ellipse(52, 40, 4, 8)), skin('M14 26C15 16 31 16 32 26Z'), leaf(lens([40, 24], -1.2, 18, 9)), line('M40 24L46 9')],
  'host.deadConifer': [wood(ellipse(52, 42, 8, 13) + 'M52 29H8V55H52'), fine(ellipse(52, 42, 4, 8)), skin('M12 29C13 20 27 20 28 29Z'), leaf([0, 1, 2].map((i) => lens([40 + i * 4, 22 - i * 5], -2.4, 10, 2) + lens([40 + i * 4, 22 - i * 5], 0.4, 10, 2)).join('')), wood('M36 28L52 8')],
  'host.broadleafSoil': [wood('M2 54H62M44 54V36'), leaf('M44 36C32 38 28 26 34 20C34 8 54 8 56 20C62 28 56 38 44 36Z'), skin('M8 44C9 34 25 34 26 44Z'), skin('M15 44V54H19V44Z')],
  'host.coniferSoil': [wood('M2 54H62M46 54V46'), leaf('M46 4L60 46H32Z'), fine('M40 24H52M37 34H55'), skin('M6 44C7 34 23 34 24 44Z'), skin('M13 44V54H17V44Z')],
  'host.grass': [line('M4 56L8 34M10 56L8 28M16 56L20 36M50 56L46 30M56 56L60 36M54 56L54 26M44 56L40 38'), skin('M20 40C21 26 43 26 44 40Z'), skin('M29 40V56H35V40Z')],
};
