// The season's plan: the programme solved, and set down in whole pieces.
import { givesOf, programmeOf, wantedInAll, type Programme } from './programme.ts';
import { SPRINGS, SPRING_SHARES, type SeasonTask } from './season.ts';

/** Solves a linear programme in the LP format. @returns its variables by name; `null`: it cannot be solved in the time there is */
export type Solver = (text: string) => ReadonlyMap<string, number> | null;

/** What is to be taken at a stand for a want. */
export interface PlannedPortion {
  readonly source: number;
  readonly want: number;
  /** In the part's unit; whole where it is counted in pieces. */
  readonly amount: number;
  /** Of an early, a usual and a late spring, in order of the weeks: how much in which; not rounded. */
  readonly springs: readonly (readonly { readonly week: number; readonly amount: number }[])[];
}
export interface WantMet {
  readonly wanted: number;
  /** Missing in an early, a usual and a late spring, in the measure of the want. */
  readonly missing: readonly number[];
  /** By how likely each spring is. */
  readonly expectedMissing: number;
}
export interface SeasonPlan {
  readonly portions: readonly PlannedPortion[];
  /** One for each want, in its order. */
  readonly wants: readonly WantMet[];
}

/** Below this nothing is taken: what a solver leaves of zero. */
const NOTHING = 1e-6;

/**
 * The plan of a season: which stand gives how much for which want, and about when.
 * @returns `null` where the solver gives up
 * @throws RangeError for a want without an amount, or an allowance below zero
 */
export function planSeason(task: SeasonTask, solve: Solver): SeasonPlan | null {
  assertPossible(task);
  const programme = programmeOf(task);
  const values = programme.demands.length === 0 ? new Map<string, number>() : solve(programme.text);
  if (!values) return null;
  return {
    portions: wholePieces(task, portionsIn(programme, values)),
    wants: task.wants.map((_, want) => metOf(task, programme, values, want)),
  };
}

function assertPossible({ wants, sources, weeks }: SeasonTask): void {
  if (wants.some((w) => !(w.amount > 0 && w.amount < Infinity)))
    throw new RangeError('what is wanted is an amount above 0');
  if (sources.some((s) => !(s.left >= 0))) throw new RangeError('what is left is not below 0');
  if (!(weeks > 0 && Number.isInteger(weeks))) throw new RangeError('whole weeks are planned');
}

function portionsIn({ portions, takes }: Programme, values: ReadonlyMap<string, number>): readonly PlannedPortion[] {
  const byPortion = new Map(
    portions.map((p) => [`${p.source}:${p.want}`, [] as { t: (typeof takes)[number]; x: number }[]]),
  );
  for (const [i, t] of takes.entries()) {
    const x = values.get(`x${i}`) ?? 0;
    if (x > NOTHING) byPortion.get(`${t.source}:${t.want}`)!.push({ t, x });
  }
  return portions.flatMap((p, i): readonly PlannedPortion[] => {
    const amount = values.get(`y${i}`) ?? 0;
    const taken = byPortion.get(`${p.source}:${p.want}`)!;
    if (amount <= NOTHING || taken.length === 0) return [];
    const springs = Array.from({ length: SPRINGS }, (_, spring) =>
      taken
        .filter(({ t }) => t.spring === spring)
        .map(({ t, x }) => ({ week: t.week, amount: x }))
        .sort((a, b) => a.week - b.week),
    );
    return [{ ...p, amount, springs }];
  });
}

function metOf(task: SeasonTask, { demands }: Programme, values: ReadonlyMap<string, number>, want: number): WantMet {
  const missing = Array.from({ length: SPRINGS }, (_, spring) =>
    demands.reduce((sum, d, i) => sum + (d.want === want && d.spring === spring ? (values.get(`s${i}`) ?? 0) : 0), 0),
  ).map((m) => (m > NOTHING * task.wants[want]!.amount ? m : 0));
  // None of its weeks is among those planned: all of it is missing.
  const none = !demands.some((d) => d.want === want);
  const wanted = wantedInAll(task, want);
  const said = none ? missing.map(() => wanted) : missing;
  return { wanted, missing: said, expectedMissing: said.reduce((sum, m, s) => sum + m * SPRING_SHARES[s]!, 0) };
}

/**
 * Of what is counted in pieces only whole ones: rounded down, and then, want by want, one more wherever a limit still has room and the want lacks it.
 * Nothing is ever more than a limit leaves.
 */
function wholePieces(task: SeasonTask, portions: readonly PlannedPortion[]): readonly PlannedPortion[] {
  const down = portions.map((p) => (task.sources[p.source]!.whole ? Math.floor(p.amount + NOTHING) : p.amount));
  const roomFor = (i: number): boolean => {
    const source = task.sources[portions[i]!.source]!;
    const used = (holds: (k: number) => boolean): number =>
      down.reduce((sum, amount, k) => sum + (holds(portions[k]!.source) ? amount : 0), 0);
    return (
      used((k) => k === portions[i]!.source) + 1 <= source.left + NOTHING &&
      source.shares.every(
        (name) =>
          used((k) => task.sources[k]!.shares.includes(name)) + 1 <= (task.shared.get(name) ?? Infinity) + NOTHING,
      )
    );
  };
  const lost = (want: number): number =>
    portions.reduce((sum, p, k) => sum + (p.want === want ? (p.amount - down[k]!) * givesOf(task, p) : 0), 0);
  for (const [i, p] of portions.entries())
    if (
      task.sources[p.source]!.whole &&
      lost(p.want) > NOTHING * givesOf(task, p) &&
      p.amount > down[i]! + NOTHING &&
      roomFor(i)
    )
      down[i] = down[i]! + 1;
  return portions.flatMap((p, i) => (down[i]! > NOTHING ? [{ ...p, amount: down[i]! }] : []));
}
