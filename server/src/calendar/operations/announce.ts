import { dayNumber } from '@emberfield/core/measure';
import type { Dependencies } from '../../dependencies.ts';
import { transact } from '../../platform/database/transact.ts';
import { announced, putAnnouncements, type AnnouncementRow } from '../repository.ts';
import { isoOf, type Coming } from './coming.ts';

/** A move of more days than this is told to people. */
const GREAT_MOVE_DAYS = 4;

/**
 * Remembers what is said of the days to come and gives back what stands now: the sequence counts every move, and a move far
 * from the day that people may have planned by is kept with the day on which it happened.
 */
export async function announce(
  { db }: Pick<Dependencies, 'db'>,
  group: { readonly id: string; readonly today: string },
  coming: readonly Coming[],
): Promise<ReadonlyMap<Coming, AnnouncementRow>> {
  const stands = new Map<Coming, AnnouncementRow>();
  await transact(db, async (tx) => {
    stands.clear();
    const before = await announced(
      tx,
      group.id,
      coming.map((c) => c.keyDigest),
    );
    const changed: AnnouncementRow[] = [];
    for (const item of coming) {
      const old = before.get(item.keyDigest.toString('hex'));
      const row = old ? moved(old, isoOf(item), group.today) : fresh(group.id, item);
      if (row !== old) changed.push(row);
      stands.set(item, row);
    }
    await putAnnouncements(tx, changed);
  });
  return stands;
}

const fresh = (groupId: string, item: Coming): AnnouncementRow => ({
  groupId,
  keyDigest: item.keyDigest,
  day: isoOf(item),
  sequence: 0,
  plannedDay: isoOf(item),
  movedFrom: null,
  movedOn: null,
});

/** The row after its thing has come to lie on a day; itself where it does already. */
export function moved(old: AnnouncementRow, day: string, today: string): AnnouncementRow {
  if (old.day === day) return old;
  const row = { ...old, day, sequence: old.sequence + 1 };
  return Math.abs(dayNumber(day) - dayNumber(old.plannedDay)) > GREAT_MOVE_DAYS
    ? { ...row, plannedDay: day, movedFrom: old.plannedDay, movedOn: today }
    : row;
}
