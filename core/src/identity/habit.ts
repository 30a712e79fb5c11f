/** How a plant or fungus is built, in one word. */
export const HABITS = [
  'bulb',
  'herb',
  'biennial',
  'perennialRoot',
  'shrub',
  'tree',
  'conifer',
  'reed',
  'waterPlant',
  'climber',
  'fern',
  'fungus',
  'seaweed',
  'moss',
  'lichen',
] as const;
export type Habit = (typeof HABITS)[number];
