import type { EntryBodies } from '@emberfield/contract';
import { dayNumber as day } from '@emberfield/core/measure';
import { type HistoryOptions, type Told, tell } from './history.ts';
import type { PersonName } from './island/places.ts';
import { plantingsOf } from './plantings.ts';

type Case = (options: HistoryOptions) => readonly Told[];

/** What somebody looked for at a stand and did not find, while it showed. */
const inVain = (o: HistoryOptions, on: string, lookedFor: string, plantKey: string): Told =>
  tell(
    o,
    'search',
    day(on),
    'mirel',
    { lookedFor, plantKey, found: false, stage: 'in leaf and flower', deadly: true },
    lookedFor,
  );

/** Every second May somebody walks the wood for what must not be among the ramsons. */
const searches: Case = (o) =>
  ['2021-05-08', '2023-05-06', '2025-05-10'].flatMap((on) => [
    inVain(o, on, 'Autumn crocus', 'autumn-crocus'),
    inVain(o, on, 'Lily of the valley', 'lily-of-the-valley'),
    inVain(o, on, 'White hellebore', 'white-hellebore'),
  ]);

/** A take of which all was good and that came home, but for what is said. */
const taken = (
  o: HistoryOptions,
  on: string,
  by: PersonName,
  said: Pick<EntryBodies['take'], 'part' | 'amount' | 'plants'> & Partial<EntryBodies['take']>,
): Told =>
  tell(
    o,
    'take',
    day(on),
    by,
    { measure: 'unit', killed: null, quality: 'good', eatenOnTheSpot: false, overReason: '', ...said },
    'case',
  );

/** Shoots of the nettles at the mill as they were measured, cm. */
const LENGTHS_AT_THE_MILL: readonly (readonly [string, ...number[]])[] = [
  ['2024-04-21', 16, 19, 15, 18],
  ['2025-04-26', 9, 8, 11, 9],
  ['2026-04-22', 12, 14, 13],
  ['2026-05-08', 33, 37, 30, 35],
];

/** Girths of the birches in the carr as they were measured one winter's day, cm; each has a painted number. */
const birchesOfTheCarr = [
  ...[118, 62, 94, 71, 103, 88, 55, 79, 126, 84, 97, 66, 110, 73, 91, 58, 86, 132, 69, 101, 77, 95, 81, 60, 107],
].map((girthCm, i) => ({ name: `no. ${i + 1}`, girthCm, tips: null }));

/** What the island shows on purpose, written by hand on top of the simulated years. */
const CASES: Readonly<Record<string, Case>> = {
  // Closes on the demo day: full leaf, after which there are five days, seen to come between two visits a day apart.
  'birch-carr': (o) => [
    tell(o, 'census', day('2026-02-21'), 'tavi', { method: 'trees', trees: birchesOfTheCarr }, 'trees'),
    tell(o, 'stageSighting', day('2026-04-23'), 'ode', { stage: 'youngLeaf', reached: false, share: null }, 'case'),
    tell(o, 'stageSighting', day('2026-04-24'), 'ode', { stage: 'youngLeaf', reached: true, share: null }, 'case'),
    tell(o, 'stageSighting', day('2026-05-09'), 'mirel', { stage: 'fullLeaf', reached: false, share: null }, 'case'),
    tell(o, 'stageSighting', day('2026-05-10'), 'ode', { stage: 'fullLeaf', reached: true, share: null }, 'case'),
    taken(o, '2026-05-09', 'mirel', { part: 'leaf', amount: 900, plants: 12 }),
    taken(o, '2026-05-12', 'ode', { part: 'leaf', amount: 700, plants: 10 }),
  ],
  // Two pickers near a shared limit: eight trees, the first and the last left out, then a quarter; a tenth of the tips of four is 160.
  'spruce-planting': (o) => [
    tell(o, 'census', day('2026-04-30'), 'tavi', { method: 'complete', plants: 8, mature: 8, flowering: 0 }, 'case'),
    taken(o, '2026-05-11', 'mirel', { part: 'tip', amount: 82, plants: 4 }),
    taken(o, '2026-05-14', 'ode', { part: 'tip', amount: 66, plants: 5 }),
  ],
  // Missed last year by four days.
  'lime-avenue': (o) => [
    // More than its rule gives, for a feast: the ledger of the year suggests a rest.
    taken(o, '2025-07-12', 'ode', { part: 'flower', amount: 2600, plants: 10, overReason: 'the harbour feast' }),
    tell(o, 'stageSighting', day('2025-07-18'), 'mirel', { stage: 'firstOpen', reached: false, share: null }, 'case'),
    tell(
      o,
      'note',
      day('2025-08-04'),
      'tavi',
      {
        text: 'Came for the blossom: brown, four days too late. The spring was late; the warmth will tell, not the calendar.',
      },
      'case',
    ),
    tell(o, 'stageSighting', day('2025-08-04'), 'tavi', { stage: 'spent', reached: true, share: null }, 'case'),
  ],
  // A look-alike inside a confirmed patch.
  'ramsons-combe': (o) => [
    tell(o, 'provenance', day('2020-04-02'), 'tavi', { shownBy: 'the old forester', calledThere: 'bear leek' }, 'case'),
    tell(
      o,
      'search',
      day('2026-04-12'),
      'ode',
      { lookedFor: 'Autumn crocus', plantKey: 'autumn-crocus', found: true, stage: 'leaves', deadly: true },
      'case',
    ),
    tell(
      o,
      'note',
      day('2026-04-12'),
      'ode',
      {
        text: 'Three crocus tufts among the ramsons at the upper edge. Nothing more from here until they are staked out.',
      },
      'case',
    ),
  ],
  'ramsons-withen': (o) => [
    tell(
      o,
      'identity',
      day('2023-05-04'),
      'tavi',
      {
        status: 'confirmed',
        phase: 'flower',
        seen: [
          { sign: 'flowerForm', state: 'star6', present: true },
          { sign: 'flowerSet', state: 'umbel', present: true },
          { sign: 'smell', state: 'garlic', present: true },
          { sign: 'root', state: 'bulb', present: true },
        ],
        leftOpen: [],
        signs: [
          'White star flowers on a three-edged stalk',
          'Each leaf on a stalk of its own',
          'Garlic smell from clean hands',
        ],
        note: '',
      },
      'case',
    ),
    ...searches(o),
    tell(
      o,
      'search',
      day('2025-05-10'),
      'mirel',
      { lookedFor: 'Lords-and-ladies', plantKey: 'lords-and-ladies', found: true, stage: 'arrowheads', deadly: false },
      'case-arum',
    ),
    taken(o, '2026-04-11', 'tavi', { part: 'leaf', amount: 60, plants: 60 }),
  ],
  'reedmace-larkmere': (o) => [inVain(o, '2025-07-02', 'Hemlock water-dropwort', 'water-dropwort')],
  'burdock-rim': (o) => [
    inVain(o, '2025-07-05', 'Foxglove', 'foxglove'),
    inVain(o, '2025-07-05', 'Deadly nightshade', 'deadly-nightshade'),
  ],
  // Dug too hard, now resting; the crowns went back, and of these some live.
  'valerian-reed': (o) => [
    taken(o, '2024-10-20', 'ode', {
      part: 'root',
      amount: 14,
      plants: 14,
      killed: 14,
      overReason: 'Wanted a winter’s supply at once.',
    }),
    tell(
      o,
      'note',
      day('2025-05-20'),
      'tavi',
      { text: 'Hardly a flower stem this year. We leave it alone until autumn 2028.' },
      'case',
    ),
  ],
  'umbel-ditch': (o) => [
    tell(
      o,
      'note',
      day('2026-01-18'),
      'ode',
      { text: 'Dead stalks of an umbel, hollow, in the wet ditch. Could be anything of that family.' },
      'case',
    ),
    tell(
      o,
      'identity',
      day('2026-01-18'),
      'ode',
      {
        status: 'unconfirmed',
        phase: 'rest',
        seen: [{ sign: 'deadStalk', state: 'umbelRibs', present: true }],
        leftOpen: ['hemlock', 'water-dropwort', 'cowbane'],
        signs: ['Hollow dead stalks'],
        note: 'Look again in flower.',
      },
      'case',
    ),
  ],
  // Cut with the bank by the railway: what comes again is a window of its own.
  'nettle-rail': (o) => [
    tell(o, 'loss', day('2026-05-06'), 'ode', { cause: 'mown', share: 0.9, note: 'the whole bank' }, 'case'),
  ],
  'nettle-mill': (o) => [
    ...LENGTHS_AT_THE_MILL.map(([on, ...lengthsCm]) =>
      tell(o, 'measurement', day(on), 'mirel', { part: 'tip', lengthsCm }, 'case'),
    ),
    // A mild spell in January brought shoots: real, and no sign of when spring comes.
    tell(
      o,
      'stageSighting',
      day('2026-01-24'),
      'mirel',
      { stage: 'shoots', reached: true, share: 0.1, offSeason: true },
      'flush',
    ),
    tell(o, 'census', day('2026-05-02'), 'mirel', { method: 'eye', eye: 'hundreds' }, 'case'),
    tell(o, 'loss', day('2026-05-04'), 'mirel', { cause: 'mown', share: 0.3, note: 'The verge was cut.' }, 'case'),
    taken(o, '2026-05-08', 'mirel', { part: 'tip', amount: 40, plants: 40, eatenOnTheSpot: true }),
  ],
  'elder-rail': (o) => [
    tell(
      o,
      'search',
      day('2025-06-12'),
      'tavi',
      { lookedFor: 'Dwarf elder', plantKey: 'dwarf-elder', found: false, stage: 'flower', deadly: false },
      'case',
    ),
  ],
  'hazel-tannet': (o) => [
    tell(
      o,
      'loss',
      day('2025-09-18'),
      'ode',
      { cause: 'strangers', share: 0.25, note: 'A whole cant had been shaken.' },
      'case',
    ),
  ],
};

export const casesOf: Case = (options) => [...(CASES[options.stand.key]?.(options) ?? []), ...plantingsOf(options)];
