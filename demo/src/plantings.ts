import type { PlantingWay } from '@emberfield/contract';
import { dayNumber } from '@emberfield/core/measure';
import { type HistoryOptions, type Told, tell } from './history.ts';

interface PutBack {
  readonly on: string;
  readonly way: PlantingWay;
  readonly number: number;
  readonly seen: readonly (readonly [on: string, alive: number, flowering: number])[];
}

/** What went back into the ground on the island, by stand, and what whoever looked at it later saw. */
const PLANTINGS: Readonly<Record<string, readonly PutBack[]>> = {
  // Crowns of what was dug too hard; of these some live.
  'valerian-reed': [
    {
      on: '2024-10-20',
      way: 'crown',
      number: 12,
      seen: [
        ['2024-11-22', 10, 0],
        ['2025-05-20', 6, 0],
      ],
    },
  ],
  // Rods stuck along the railway: what struck, and what came through a year.
  'elder-rail': [
    {
      on: '2023-03-04',
      way: 'cutting',
      number: 10,
      seen: [
        ['2024-04-21', 6, 0],
        ['2025-06-20', 6, 3],
      ],
    },
    {
      on: '2025-03-01',
      way: 'cutting',
      number: 14,
      seen: [
        ['2025-04-20', 11, 0],
        ['2026-04-22', 5, 0],
      ],
    },
  ],
  // Gaps in the coppice filled.
  'hazel-tannet': [
    {
      on: '2022-11-12',
      way: 'youngPlant',
      number: 12,
      seen: [
        ['2023-10-01', 9, 0],
        ['2026-04-25', 9, 2],
      ],
    },
    {
      on: '2024-02-24',
      way: 'youngPlant',
      number: 8,
      seen: [
        ['2025-03-02', 7, 0],
        ['2026-04-26', 7, 1],
      ],
    },
  ],
};

export const plantingsOf = (options: HistoryOptions): readonly Told[] =>
  (PLANTINGS[options.stand.key] ?? []).flatMap(({ on, way, number, seen }) => {
    const body = { way, number, source: 'here', fromStandId: null, takeId: null, minutes: 45, note: '' } as const;
    const planted = tell(options, 'planting', dayNumber(on), 'ode', body, 'case');
    const looks = seen.map(([at, alive, flowering]) =>
      tell(
        options,
        'plantingCheck',
        dayNumber(at),
        'tavi',
        { plantingId: planted.entry.id, alive, flowering, note: '' },
        `look-${at}`,
      ),
    );
    return [planted, ...looks];
  });
