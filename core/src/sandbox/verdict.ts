// What the truth says when a year is over, beside what could have been known.
import type { CountEstimate } from '../counting/index.ts';
import { yearOf, type DayNumber } from '../measure/index.ts';
import {
  FEW_PLANTS,
  growthOf,
  lastingShare,
  LEAVE_ALONE,
  likeliestRates,
  MOST_KILLED,
  playAll,
  prospectOf,
  seekLasting,
  standingShare,
  USUAL_LASTING,
  yearClassesOf,
  type Played,
  type StandPlan,
} from '../population/index.ts';
import { takenOf, type SandboxStand, type SandboxState } from './game.ts';
import { historyOf } from './kinds.ts';
import { countedIn, planOf, stageDaysOf, takenFromIn, type TrueStand } from './true-stand.ts';

/** What comes of a stand if the same is done every year. */
interface IfSo {
  /** Counted plants after the years, in the middle of all futures. */
  readonly plants: number;
  /** In so many futures there are fewer than half of today's, 0–1. */
  readonly halved: number;
}
export interface SandboxVerdict {
  /** Counted plants that truly stood there, and what the last count of the year said; `null`: nobody counted. */
  readonly truly: number;
  readonly believed: CountEstimate | null;
  /** True days of this year; `null`: it did not come. */
  readonly opens: DayNumber | null;
  readonly closes: DayNumber | null;
  /** Plants taken from before it was had, in time, and when it was past. */
  readonly taken: { readonly early: number; readonly inTime: number; readonly late: number };
  /** By the own rule and the own count; `null`: nobody counted. */
  readonly ruled: number | null;
  /** Plants a year that the stand truly bears; `null`: it does not even hold if it is left alone. */
  readonly bears: number | null;
  /** What Emberfield would have said by the counts, with where it may lie; `null`: by no count it says nothing. */
  readonly said: { readonly plants: number; readonly low: number; readonly high: number } | null;
  readonly asPlayed: IfSo;
  /** With what Emberfield would have said; `null` as `said`. */
  readonly asSaid: IfSo | null;
}

/** Years on which what is done is judged, and futures of each. */
export const SANDBOX_YEARS_ON = 20;
const RUNS = 400;
const SAID_RUNS = 600;
const DAYS_PER_YEAR = 365.25;

/** Of one stand, once the year is over. Takes a tenth of a second to one. */
export function judge(state: SandboxState, at: number): SandboxVerdict {
  const stand = state.stands[at]!;
  const { truth, takes, putBack } = stand;
  const days = stageDaysOf(truth, state.seed, state.year);
  const [opens, closes] = [days.get(truth.kind.opens) ?? null, dayOrNull(days, truth.kind.closes)];
  const when = (day: DayNumber): 'early' | 'inTime' | 'late' =>
    opens === null || day < opens ? 'early' : closes !== null && day >= closes ? 'late' : 'inTime';
  const taken = { early: 0, inTime: 0, late: 0 };
  for (const t of takes) taken[when(t.day)] += t.plants;
  const believed = goneBy(stand, state.year)?.plants ?? null;
  const said = believed && saidOf(stand, believed, state.nth);
  const future = (touched: number): IfSo => ifSo(truth, planOf(truth, touched, putBack, SANDBOX_YEARS_ON));
  return {
    ...{ opens, closes, taken, believed, said },
    truly: countedIn(truth),
    ruled: believed && Math.floor((believed.value * stand.percent) / 100),
    bears: bearsOf(truth),
    asPlayed: future(takenOf(stand)),
    asSaid: said && future(said.plants),
  };
}

/** The count of a year that one goes by: the last careful one, else the last by eye. */
export function goneBy({ counts }: Pick<SandboxStand, 'counts'>, year: number): SandboxStand['counts'][number] | null {
  const ofYear = counts.filter((c) => yearOf(c.day) === year);
  return ofYear.findLast((c) => c.by !== 'eye') ?? ofYear.at(-1) ?? null;
}

const dayOrNull = (days: ReadonlyMap<string, DayNumber>, stage: string | null): DayNumber | null =>
  stage === null ? null : (days.get(stage) ?? null);

function play(truth: TrueStand, plan: StandPlan, years: number, runs: number): Played {
  const { rates, plants, capacity, kind } = truth;
  const model = { rates, capacity, plan, start: plants, stroke: null, singly: countedIn(truth) <= FEW_PLANTS };
  return playAll({ ...model, years: yearClassesOf(rates, historyOf(kind).years) }, { seed: 1, runs, years });
}

function ifSo(truth: TrueStand, plan: StandPlan): IfSo {
  const { plants, began } = play(truth, plan, SANDBOX_YEARS_ON, RUNS);
  const end = [...plants.subarray((SANDBOX_YEARS_ON - 1) * RUNS)].sort((a, b) => a - b);
  const halved = end.filter((n) => n < began[0]! / 2).length / RUNS;
  return { plants: Math.round(end[RUNS / 2]!), halved };
}

/** The number that truly lasts: by the same measure as Emberfield's, but on how the stand really lives. */
function bearsOf(truth: TrueStand): number | null {
  const { years, floorShare, confidence } = USUAL_LASTING;
  const there = takenFromIn(truth);
  const search = seekLasting(confidence, RUNS);
  let step = search.next();
  while (!step.done) {
    const { plants, began } = play(truth, planOf(truth, step.value * there, 0), years, RUNS);
    const end = [...plants.subarray((years - 1) * RUNS)];
    step = search.next([end.filter((n) => n >= floorShare * began[0]!).length / RUNS]);
  }
  return step.value.share === null ? null : Math.floor(step.value.share * there);
}

/** What Emberfield says of a stand that it knows by these counts and takes alone. */
function saidOf({ kind, counts, killedBefore }: SandboxStand, believed: CountEstimate, nth: number) {
  const careful = counts.filter((c) => c.by !== 'eye');
  const known = (careful.length > 1 ? careful : counts).map((c) => ({ years: c.day / DAYS_PER_YEAR, ...c.plants }));
  const counted = nth > 1 ? growthOf(known) : null;
  const killedShare = nth > 1 ? Math.min(MOST_KILLED, killedBefore / (nth - 1) / Math.max(1, believed.value)) : 0;
  const prospect = prospectOf(historyOf(kind), { plants: believed, counted, killedShare, seed: 1 });
  const plan = { ...LEAVE_ALONE, stages: kind.from, effect: kind.effect };
  const { share, low, high } = lastingShare(prospect, plan, USUAL_LASTING, SAID_RUNS);
  const there = believed.value * standingShare(likeliestRates(prospect.calibration), kind.from);
  return { plants: Math.floor((share ?? 0) * there), low: Math.floor(low * there), high: Math.ceil(high * there) };
}
