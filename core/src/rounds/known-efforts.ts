import { learnedMinutes } from './effort.ts';

/** One take, as far as it says what it cost. */
export interface NotedTake {
  readonly standId: string;
  /** What was taken: the same text for the same part of the same plant. */
  readonly what: string;
  /** How long it took; `null`: nobody said. */
  readonly minutes: number | null;
  /** What it came to, in the part's unit; `null`: it was weighed, and nobody knows what one weighs. */
  readonly amount: number | null;
}

/** What taking something costs, and what one usually brings home of it. */
export interface KnownEffort {
  readonly minutes: number;
  /** Takes that were timed. */
  readonly timed: number;
  /** The middle one of what was brought home, in the part's unit; `null`: nothing yet. */
  readonly amount: number | null;
}
export interface KnownEfforts extends KnownEffort {
  readonly what: string;
  /** Of single stands, where somebody timed a take or said how much. */
  readonly stands: readonly (KnownEffort & { readonly standId: string })[];
}

/** Time for a part of a plant of which nobody has timed a take, minutes. An estimate. */
export const USUAL_MINUTES = 12;

/**
 * What is known of the cost of taking each thing: what is usual is moved by the group's own takes, and what the group's takes say by those at the stand itself.
 * @returns one for each thing that was taken at all, in the order in which it first was.
 */
export function knownEfforts(takes: readonly NotedTake[]): readonly KnownEfforts[] {
  return [...groupedBy(takes, (t) => t.what)].map(([what, all]) => {
    const here = effortOf(all, USUAL_MINUTES);
    const stands = [...groupedBy(all, (t) => t.standId)].map(([standId, own]) => ({
      standId,
      ...effortOf(own, here.minutes),
    }));
    return { what, ...here, stands };
  });
}

function effortOf(takes: readonly NotedTake[], usual: number): KnownEffort {
  const timed = takes.flatMap(({ minutes }) => (minutes ? [{ minutes }] : []));
  const amounts = takes.flatMap(({ amount }) => (amount ? [amount] : [])).sort((a, b) => a - b);
  return {
    minutes: learnedMinutes(timed, usual),
    timed: timed.length,
    // Of an even number the smaller of the two in the middle: it is an amount that somebody has brought home.
    amount: amounts[Math.floor((amounts.length - 1) / 2)] ?? null,
  };
}

function groupedBy<T>(all: readonly T[], keyOf: (one: T) => string): ReadonlyMap<string, readonly T[]> {
  const groups = new Map<string, T[]>();
  for (const one of all) {
    const group = groups.get(keyOf(one));
    if (group) group.push(one);
    else groups.set(keyOf(one), [one]);
  }
  return groups;
}
