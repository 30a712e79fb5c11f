// How plants live from year to year, by kind of life. All figures are estimates of one hand: wide, and to be outweighed by a stand's own counts.
import type { Figure } from '../measure/index.ts';
import type { LifeHistory } from './life-history.ts';

export const LIFE_FORMS = [
  'annual',
  'biennial',
  'herb',
  'spreadingHerb',
  'slowRoot',
  'slowBulb',
  'crownFern',
  'reedBed',
  'shrub',
  'annualInvader',
  'spreadingInvader',
] as const;
export type LifeForm = (typeof LIFE_FORMS)[number];

/** An estimate with its 80 % range. */
const p = (value: number, low: number, high: number): Figure => ({ value, low, high, source: 'estimate' });
const ALL = p(1, 1, 1);

/** A wild stand that has been in its place for years holds itself, and has something to spare where it is thinned: an estimate. */
const HOLDS_ITSELF = { meanLog: 0.05, sdLog: 0.02 };
/** What lives a year or two comes back from seed wherever there is room for it: its place holds it down, not its births. An estimate. */
const COMES_BACK = { meanLog: 0.35, sdLog: 0.1 };

/** Of each seed that falls, what is left of it by spring is in the births already: taken by animals, fallen on stone. */
export const LIVES: Readonly<Record<LifeForm, LifeHistory>> = {
  // Seed that waits some years, plants that die with the year.
  annual: {
    persists: COMES_BACK,
    stages: ['seed', 'flowering'],
    survival: { seed: p(0.6, 0.45, 0.75), flowering: p(0, 0, 0) },
    moves: [{ from: 'seed', to: 'flowering', share: p(0.25, 0.15, 0.38) }],
    births: [{ from: 'flowering', to: 'seed', kind: 'seed', number: p(9, 6.5, 12) }],
    years: { survival: 0.3, births: 0.45, correlation: 0.2 },
  },
  biennial: {
    persists: COMES_BACK,
    stages: ['seed', 'juvenile', 'flowering'],
    survival: { seed: p(0.55, 0.4, 0.7), juvenile: p(0.5, 0.38, 0.62), flowering: p(0.03, 0, 0.1) },
    moves: [
      { from: 'seed', to: 'juvenile', share: p(0.22, 0.12, 0.34) },
      { from: 'juvenile', to: 'flowering', share: p(0.7, 0.5, 0.85) },
    ],
    births: [{ from: 'flowering', to: 'seed', kind: 'seed', number: p(28, 19, 41) }],
    years: { survival: 0.35, births: 0.5, correlation: 0.2 },
  },
  herb: {
    persists: HOLDS_ITSELF,
    stages: ['seedling', 'juvenile', 'mature', 'flowering'],
    survival: {
      seedling: p(0.35, 0.2, 0.5),
      juvenile: p(0.68, 0.55, 0.8),
      mature: p(0.86, 0.78, 0.92),
      flowering: p(0.86, 0.78, 0.92),
    },
    moves: [
      { from: 'seedling', to: 'juvenile', share: ALL },
      { from: 'juvenile', to: 'mature', share: p(0.45, 0.3, 0.6) },
      { from: 'mature', to: 'flowering', share: p(0.5, 0.3, 0.7) },
      { from: 'flowering', to: 'mature', share: p(0.25, 0.1, 0.4) },
    ],
    births: [
      { from: 'flowering', to: 'seedling', kind: 'seed', number: p(1.5, 0.8, 2.6) },
      { from: 'mature', to: 'juvenile', kind: 'offset', number: p(0.05, 0.01, 0.1) },
    ],
    years: { survival: 0.35, births: 0.7, correlation: 0.3 },
  },
  spreadingHerb: {
    persists: HOLDS_ITSELF,
    stages: ['seedling', 'juvenile', 'mature'],
    survival: { seedling: p(0.2, 0.1, 0.35), juvenile: p(0.7, 0.55, 0.82), mature: p(0.86, 0.78, 0.92) },
    moves: [
      { from: 'seedling', to: 'juvenile', share: ALL },
      { from: 'juvenile', to: 'mature', share: p(0.75, 0.6, 0.9) },
    ],
    births: [
      { from: 'mature', to: 'seedling', kind: 'seed', number: p(0.15, 0.05, 0.4) },
      { from: 'mature', to: 'juvenile', kind: 'offset', number: p(0.42, 0.25, 0.65) },
    ],
    years: { survival: 0.35, births: 0.4, correlation: 0.4 },
  },
  // Many years to the first flower, and long lives.
  slowRoot: {
    persists: HOLDS_ITSELF,
    stages: ['seedling', 'juvenile', 'mature', 'flowering'],
    survival: {
      seedling: p(0.35, 0.2, 0.5),
      juvenile: p(0.86, 0.76, 0.93),
      mature: p(0.955, 0.92, 0.98),
      flowering: p(0.965, 0.93, 0.985),
    },
    moves: [
      { from: 'seedling', to: 'juvenile', share: ALL },
      { from: 'juvenile', to: 'mature', share: p(0.16, 0.09, 0.24) },
      { from: 'mature', to: 'flowering', share: p(0.2, 0.1, 0.32) },
      { from: 'flowering', to: 'mature', share: p(0.35, 0.2, 0.5) },
    ],
    births: [{ from: 'flowering', to: 'seedling', kind: 'seed', number: p(0.75, 0.35, 1.4) }],
    years: { survival: 0.3, births: 0.9, correlation: 0.2 },
  },
  slowBulb: {
    persists: HOLDS_ITSELF,
    stages: ['seedling', 'juvenile', 'mature', 'flowering'],
    survival: {
      seedling: p(0.4, 0.25, 0.55),
      juvenile: p(0.82, 0.72, 0.9),
      mature: p(0.93, 0.88, 0.965),
      flowering: p(0.94, 0.89, 0.97),
    },
    moves: [
      { from: 'seedling', to: 'juvenile', share: ALL },
      { from: 'juvenile', to: 'mature', share: p(0.22, 0.14, 0.32) },
      { from: 'mature', to: 'flowering', share: p(0.4, 0.25, 0.55) },
      { from: 'flowering', to: 'mature', share: p(0.3, 0.15, 0.45) },
    ],
    births: [
      { from: 'flowering', to: 'seedling', kind: 'seed', number: p(0.6, 0.3, 1.1) },
      { from: 'flowering', to: 'juvenile', kind: 'offset', number: p(0.03, 0.01, 0.08) },
    ],
    years: { survival: 0.3, births: 0.7, correlation: 0.3 },
  },
  crownFern: {
    persists: HOLDS_ITSELF,
    stages: ['juvenile', 'mature'],
    survival: { juvenile: p(0.78, 0.65, 0.88), mature: p(0.95, 0.91, 0.98) },
    moves: [{ from: 'juvenile', to: 'mature', share: p(0.25, 0.15, 0.36) }],
    births: [
      { from: 'mature', to: 'juvenile', kind: 'offset', number: p(0.09, 0.04, 0.16) },
      { from: 'mature', to: 'juvenile', kind: 'seed', number: p(0.01, 0, 0.04) },
    ],
    years: { survival: 0.25, births: 0.4, correlation: 0.3 },
  },
  reedBed: {
    persists: HOLDS_ITSELF,
    stages: ['juvenile', 'mature', 'flowering'],
    survival: { juvenile: p(0.75, 0.62, 0.86), mature: p(0.8, 0.7, 0.88), flowering: p(0.72, 0.6, 0.82) },
    moves: [
      { from: 'juvenile', to: 'mature', share: p(0.85, 0.7, 0.95) },
      { from: 'mature', to: 'flowering', share: p(0.45, 0.3, 0.6) },
      { from: 'flowering', to: 'mature', share: p(0.7, 0.5, 0.9) },
    ],
    births: [
      { from: 'mature', to: 'juvenile', kind: 'offset', number: p(0.42, 0.25, 0.65) },
      { from: 'flowering', to: 'juvenile', kind: 'offset', number: p(0.42, 0.25, 0.65) },
      { from: 'flowering', to: 'juvenile', kind: 'seed', number: p(0.01, 0, 0.03) },
    ],
    years: { survival: 0.3, births: 0.4, correlation: 0.4 },
  },
  // Bushes, and what climbs and lives long.
  shrub: {
    persists: HOLDS_ITSELF,
    stages: ['seedling', 'juvenile', 'mature', 'flowering'],
    survival: {
      seedling: p(0.3, 0.15, 0.45),
      juvenile: p(0.85, 0.74, 0.92),
      mature: p(0.965, 0.94, 0.985),
      flowering: p(0.975, 0.955, 0.99),
    },
    moves: [
      { from: 'seedling', to: 'juvenile', share: ALL },
      { from: 'juvenile', to: 'mature', share: p(0.2, 0.12, 0.3) },
      { from: 'mature', to: 'flowering', share: p(0.25, 0.15, 0.4) },
    ],
    births: [
      { from: 'flowering', to: 'seedling', kind: 'seed', number: p(0.12, 0.04, 0.3) },
      { from: 'flowering', to: 'juvenile', kind: 'offset', number: p(0.02, 0.005, 0.05) },
    ],
    years: { survival: 0.3, births: 0.8, correlation: 0.2 },
  },
  annualInvader: {
    persists: COMES_BACK,
    stages: ['seed', 'flowering'],
    survival: { seed: p(0.35, 0.2, 0.5), flowering: p(0, 0, 0) },
    moves: [{ from: 'seed', to: 'flowering', share: p(0.6, 0.4, 0.8) }],
    births: [{ from: 'flowering', to: 'seed', kind: 'seed', number: p(8, 5, 13) }],
    years: { survival: 0.4, births: 0.6, correlation: 0.2 },
  },
  spreadingInvader: {
    stages: ['juvenile', 'mature'],
    survival: { juvenile: p(0.85, 0.7, 0.93), mature: p(0.95, 0.9, 0.98) },
    moves: [{ from: 'juvenile', to: 'mature', share: p(0.7, 0.5, 0.9) }],
    births: [
      { from: 'mature', to: 'juvenile', kind: 'offset', number: p(0.6, 0.3, 1) },
      { from: 'mature', to: 'juvenile', kind: 'seed', number: p(0.05, 0, 0.2) },
    ],
    years: { survival: 0.25, births: 0.4, correlation: 0.3 },
  },
};
