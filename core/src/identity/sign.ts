import type { Habit } from './habit.ts';

/** The four coarse phases in which signs show: at rest (dead stalks, buds, bark), in leaf, in flower, in fruit. */
export const PHASES = ['rest', 'leaf', 'flower', 'fruit'] as const;
export type Phase = (typeof PHASES)[number];

/** What looking costs: a glance, a cut, a loupe, a night under a glass, a microscope. */
export type SignPrice = 'glance' | 'cut' | 'loupe' | 'overnight' | 'microscope';

/** A sign is of one organ; its states exclude each other on one plant as a rule, though a taxon may show several. */
export interface SignSpec {
  readonly key: string;
  readonly organ: string;
  readonly price: SignPrice;
  readonly states: readonly string[];
  /** Of the place and not of the plant (host, ground): makes a taxon more or less likely and never rules one out. */
  readonly ofPlace: boolean;
  /** Phases in which the organ is usually there. */
  readonly when: readonly Phase[];
}

/** How often a taxon shows each state of a sign, 0–1; a state left out is seldom shown. The sum need not be 1. */
export interface ShownSign {
  readonly sign: string;
  readonly states: Readonly<Record<string, number>>;
  /** Phases it holds for; `null`: whenever the sign shows at all. */
  readonly when: readonly Phase[] | null;
}

export const SEVERITIES = ['deadly', 'poisonous', 'harmful', 'nuisance', 'none'] as const;
/** What becomes of somebody who takes it for another. */
export type Severity = (typeof SEVERITIES)[number];

export interface IdentityTaxon {
  readonly key: string;
  readonly severity: Severity;
  /** How it is built; what it cannot show by that is known without a table. */
  readonly habit?: Habit;
  readonly shows: readonly ShownSign[];
  /** Signs that decide between it and another, by the other's key: what the other's table leaves out of them it never shows. */
  readonly decides?: Readonly<Record<string, readonly string[]>>;
  /** It is not known to grow, wild or planted, where one looks. */
  readonly elsewhere?: boolean;
}

/** A state that was seen, or looked for and not there. */
export interface SeenSign {
  readonly sign: string;
  readonly state: string;
  readonly present: boolean;
  /** It was looked at a second time, on another leaf, cap or root, and was the same. */
  readonly again?: boolean;
}

/** Harm that is worth ruling out one by one: everything that makes ill. */
export const isDangerous = (severity: Severity): boolean => isPoison(severity) || severity === 'harmful';

/** A list on which the plant that is held to stand here is not from elsewhere, wherever else it is known to grow. */
export const withHere = (taxa: readonly IdentityTaxon[], key: string | null): readonly IdentityTaxon[] =>
  taxa.map((t) => (t.key === key && t.elsewhere ? { ...t, elsewhere: false } : t));

/** What kills or poisons: every one of these is ruled out before anything is confirmed. */
export const isPoison = (severity: Severity): boolean => severity === 'deadly' || severity === 'poisonous';

/** BBCH principal stage → phase: 0 and 9 at rest, 1–4 in leaf, 5–6 in flower, 7–8 in fruit. */
export function phaseOfBbch(bbch: number): Phase {
  if (bbch === 0 || bbch === 9) return 'rest';
  if (bbch <= 4) return 'leaf';
  return bbch <= 6 ? 'flower' : 'fruit';
}

/** Rows of a table by sign, made once for a table: every state of every sign asks for them. */
const tables = new WeakMap<readonly ShownSign[], ReadonlyMap<string, readonly ShownSign[]>>();
const NO_ROWS: readonly ShownSign[] = [];
export function rowsOf({ shows }: IdentityTaxon, sign: string): readonly ShownSign[] {
  let table = tables.get(shows);
  if (!table) {
    const made = new Map<string, ShownSign[]>();
    for (const row of shows) made.set(row.sign, [...(made.get(row.sign) ?? []), row]);
    tables.set(shows, (table = made));
  }
  return table.get(sign) ?? NO_ROWS;
}

const states = new WeakMap<readonly ShownSign[], ReadonlySet<string>>();
const NO_STATES: ReadonlySet<string> = new Set();
/** The states of a sign that its table has in whatever phase. */
export function statesOf(taxon: IdentityTaxon, sign: string): ReadonlySet<string> {
  const rows = rowsOf(taxon, sign);
  if (rows === NO_ROWS) return NO_STATES;
  let known = states.get(rows);
  if (!known) states.set(rows, (known = new Set(rows.flatMap((r) => Object.keys(r.states)))));
  return known;
}

/**
 * How often a taxon shows a state of a sign at its best, over all phases or in one. `null` where its table says nothing:
 * what is not known rules nothing out.
 */
export function shownFrequency(
  taxon: IdentityTaxon,
  sign: SignSpec,
  state: string,
  phase: Phase | null = null,
): number | null {
  let best: number | null = null;
  for (const shown of rowsOf(taxon, sign.key)) {
    if (phase !== null && !(shown.when ?? sign.when).includes(phase)) continue;
    best = Math.max(best ?? 0, shown.states[state] ?? 0);
  }
  return best;
}
