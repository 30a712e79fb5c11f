// What people going out have set aside of an allowance for a day.
import type { DayNumber } from '../measure/index.ts';
import type { ProfilePart } from '../plants/index.ts';
import type { StandRecord } from './record.ts';
import { inUnit } from './takes.ts';

/** So much of a part somebody still has set aside for themselves. */
export interface Held {
  readonly byId: string;
  readonly by: string;
  /** In the part's unit; above 0. */
  readonly amount: number;
  /** The entries that said so. */
  readonly ids: readonly string[];
}

/**
 * What is still set aside of a part on a day, by person: what each asked for, less what they have taken of it that day. It falls back by itself when the
 * day is over.
 */
export function heldOn(
  { holds, takes }: Pick<StandRecord, 'holds' | 'takes'>,
  part: ProfilePart,
  day: DayNumber,
): readonly Held[] {
  if (holds.length === 0) return [];
  const byPerson = new Map<string, Held>();
  const add = ({ byId, by }: Pick<Held, 'byId' | 'by'>, amount: number, ids: readonly string[] = []): void => {
    const before = byPerson.get(byId);
    byPerson.set(byId, { byId, by, amount: (before?.amount ?? 0) + amount, ids: [...(before?.ids ?? []), ...ids] });
  };
  for (const h of holds) if (h.part === part.key && h.day === day) add(h, h.amount, [h.id]);
  for (const t of takes) {
    if (t.part !== part.key || t.day !== day || !byPerson.has(t.byId)) continue;
    // A take that nobody can turn to the unit may have been all of it.
    add(t, -(inUnit(t, part) ?? Infinity));
  }
  return [...byPerson.values()].filter((h) => h.amount > 1e-9);
}
