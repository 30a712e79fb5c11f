import {
  blue,
  circle,
  dark,
  dots,
  ellipse,
  fine,
  green,
  leaf,
  line,
  pale,
  red,
  skin,
  wood,
  type Drawing,
} from './pen.ts';

// Seaweeds, mosses, lichens: what has no stem and no leaf.

const STONE = 'M4 60C10 50 24 50 34 52C46 48 58 52 60 60Z';
const PATCH = 'M32 6C46 6 58 16 56 32C58 46 46 58 32 56C18 58 6 46 8 32C6 16 18 6 32 6Z';
/** The same patch, told by how it is hatched as well. */
const CLAWS = 'M32 34C28 42 22 44 12 54M32 34C30 44 28 48 24 58M32 34C33 44 34 48 36 58M32 34C38 42 44 44 52 54';

export const THALLUS: Readonly<Record<string, Drawing>> = {
  'growth.weed': [
    pale(STONE),
    leaf('M32 52C24 40 36 32 28 20C26 14 28 8 32 4C38 10 38 16 36 22C32 32 42 40 34 52Z'),
    line('M20 54C14 42 22 34 14 22M46 54C52 42 44 34 52 22'),
  ],
  'growth.cushion': [
    wood('M4 56H60'),
    leaf('M8 56C8 34 20 26 32 26C44 26 56 34 56 56Z'),
    fine('M16 48L14 40M24 44L22 34M32 42V30M40 44L42 34M48 48L50 40M28 26V12M38 27L40 14'),
    dark(circle(28, 11, 2) + circle(40, 13, 2)),
  ],
  'growth.crust': [
    wood('M20 4V60M44 4V60'),
    pale(
      'M24 14C34 8 44 12 42 22C48 26 44 34 36 32C30 36 22 30 26 24C20 22 20 16 24 14ZM30 40C38 36 44 42 40 48C44 54 34 58 30 52C22 52 24 42 30 40Z',
    ),
    fine('M28 20L34 24M36 18L32 26M32 46L36 50'),
  ],
  'thallusForm.ribbon': [
    leaf('M26 58C20 44 32 36 24 22C22 14 26 6 32 4C40 8 40 16 38 24C32 36 44 44 36 58Z'),
    fine('M31 54C27 42 38 34 31 20C30 14 31 10 32 8'),
  ],
  'thallusForm.sheet': [
    leaf('M30 58C10 54 4 40 10 28C6 16 20 4 32 8C46 2 60 14 54 28C62 42 50 56 34 58Z'),
    fine('M14 30C20 26 24 32 20 36M44 14C40 20 46 24 50 20M36 44C42 40 46 46 42 50'),
  ],
  'thallusForm.hand': [
    leaf(
      'M28 60C28 48 18 44 10 30C6 20 10 14 12 10C18 18 20 26 26 34C24 22 24 12 28 4C34 14 32 24 32 34C36 24 38 14 46 8C48 18 42 28 38 36C44 32 50 28 58 26C54 38 42 44 36 60Z',
    ),
  ],
  'thallusForm.bladders': [
    line('M32 60V44L18 28L12 8M18 28L26 10M32 44L46 30L54 12M46 30L40 12'),
    leaf(circle(18, 26, 4) + circle(26, 22, 4) + circle(46, 28, 4) + circle(39, 24, 4)),
    fine('M32 44V60'),
  ],
  'thallusForm.leafy': [
    line('M32 60V6'),
    leaf([52, 44, 36, 28, 20, 12].map((y) => ellipse(26, y, 6, 2.6) + ellipse(38, y - 4, 6, 2.6)).join('')),
  ],
  'thallusForm.tufts': [
    wood('M6 58H58'),
    fine(
      'M32 58V36M32 36L22 22M32 36L44 24M22 22L16 8M22 22L28 10M44 24L40 10M44 24L52 12M16 58L12 44L6 36M12 44L18 34M48 58L52 46L58 38M52 46L46 36',
    ),
  ],
  'thallusColour.olive': [
    skin(PATCH),
    fine('M14 18C26 26 40 26 52 18M10 34C24 42 42 42 54 34M16 48C26 54 40 54 48 48'),
  ],
  'thallusColour.redBrown': [red(PATCH), fine('M18 12V52M26 8V56M34 7V57M42 9V55M50 16V48')],
  'thallusColour.bright': [
    green(PATCH),
    fine(
      dots([
        [20, 20],
        [34, 16],
        [46, 24],
        [18, 36],
        [32, 32],
        [46, 40],
        [26, 48],
        [40, 50],
      ]),
    ),
  ],
  'thallusColour.grey': [blue(PATCH), fine('M12 20L44 52M22 10L54 42M10 34L30 54M36 8L55 26')],
  'holdfast.disc': [pale(STONE), line('M32 46V8'), dark(ellipse(32, 50, 10, 4))],
  'holdfast.claws': [pale(STONE), line('M32 34V6'), wood(CLAWS)],
  'holdfast.none': [
    line('M20 54C26 46 20 36 28 28M36 54C42 44 34 36 42 24'),
    fine('M10 60L54 60M46 10L58 22M58 10L46 22'),
  ],
};
