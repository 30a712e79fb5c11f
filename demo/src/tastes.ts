import { insertTaste } from '@emberfield/server';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import type { SaveTaste } from '@emberfield/contract';
import { seededId } from './ids.ts';
import type { PersonName } from './island/places.ts';
import { accountOf, type Making } from './making.ts';

interface Noted {
  readonly who: PersonName;
  readonly daysAgo: number;
  readonly of: Partial<Omit<SaveTaste, 'day' | 'revision' | 'batchId'>>;
  /** From the larder: the batch of that name. */
  readonly from?: string;
}

/** Mirel lets the others know what she does not bear, Ode keeps it to himself, and Tavi has not said yet what came of something. */
const TASTES: readonly Noted[] = [
  {
    ...{ who: 'mirel', daysAgo: 700 },
    of: { plantKey: 'birch', outcome: 'known', note: 'pollen in spring, itching mouth', shared: true },
  },
  { who: 'ode', daysAgo: 400, of: { family: 'Asteraceae', outcome: 'known', note: 'rash' } },
  {
    ...{ who: 'tavi', daysAgo: 2, from: 'Nettle seed' },
    of: { plantKey: 'nettle', part: 'seed', outcome: 'waiting' },
  },
];

/** @param batchIds by the name on the jar */
export async function loadTastes(
  { db, groupId, madeAt, today }: Making,
  batchIds: ReadonlyMap<string, string>,
): Promise<void> {
  for (const { who, daysAgo, of, from } of TASTES)
    await insertTaste(db, {
      ...{ plantKey: null, family: null, part: null, cooked: true, note: '', shared: false, outcome: 'known' },
      ...of,
      ...{ groupId, madeAt, accountId: accountOf(who), day: isoDay(dayNumber(today) - daysAgo) },
      id: seededId(18266, 'taste', who),
      batchId: from === undefined ? null : (batchIds.get(from) ?? null),
    });
}
