// One part of a stand over one season, as it was.
import type { EntryBodies } from '../stand/index.ts';

type Quality = NonNullable<EntryBodies['take']['quality']>;

/** A take, as far as the ledger asks. */
export interface LedgerTake {
  readonly by: string;
  /** Two people may have one name. */
  readonly byId: string;
  /** In the part's unit; `null`: it was weighed, and nobody knows what one weighs. */
  readonly amount: number | null;
  readonly minutes: number | null;
  readonly wasteShare: number | null;
  readonly quality: Quality | null;
}

export interface SeasonSum {
  readonly takes: number;
  /** Of the takes whose amount is known. */
  readonly amount: number;
  /** By whom, most first. */
  readonly people: readonly { readonly by: string; readonly amount: number }[];
  /** Of the timed takes of known amount: minutes, and what came of them. */
  readonly timed: { readonly takes: number; readonly minutes: number; readonly amount: number };
  /** Mean share thrown away, weighed by amount, of the takes of which it was said; `null`: of none. */
  readonly wasteShare: number | null;
  /** Takes of each quality that was said. */
  readonly qualities: Readonly<Partial<Record<Quality, number>>>;
}

/** What the takes of a season come to. */
export function sumOf(takes: readonly LedgerTake[]): SeasonSum {
  const people = new Map<string, { readonly by: string; readonly amount: number }>();
  const qualities: Partial<Record<Quality, number>> = {};
  for (const { by, byId, amount, quality } of takes) {
    people.set(byId, { by, amount: (people.get(byId)?.amount ?? 0) + (amount ?? 0) });
    if (quality) qualities[quality] = (qualities[quality] ?? 0) + 1;
  }
  const timed = takes.filter((t) => t.minutes !== null && t.minutes > 0 && t.amount !== null && t.amount > 0);
  const wasted = takes.filter((t) => t.wasteShare !== null && (t.amount ?? 0) > 0);
  return {
    takes: takes.length,
    amount: total(takes.map((t) => t.amount ?? 0)),
    people: [...people.values()].sort((a, b) => b.amount - a.amount),
    timed: {
      takes: timed.length,
      minutes: total(timed.map((t) => t.minutes!)),
      amount: total(timed.map((t) => t.amount!)),
    },
    wasteShare:
      wasted.length === 0
        ? null
        : total(wasted.map((t) => t.wasteShare! * t.amount!)) / total(wasted.map((t) => t.amount!)),
    qualities,
  };
}

const total = (all: readonly number[]): number => all.reduce((sum, n) => sum + n, 0);
