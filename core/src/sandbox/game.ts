// A made-up year, fortnight by fortnight: what somebody does, and what comes of it. A game is its seed and what was done: the same again gives the same.
import type { CountEstimate } from '../counting/index.ts';
import { dayNumber, type DayNumber } from '../measure/index.ts';
import { chanceOf } from '../random/index.ts';
import { seedOf } from '../truth/index.ts';
import { SANDBOX_KINDS, type SandboxKind } from './kinds.ts';
import { countBy, type CountedBy } from './seen.ts';
import {
  countedIn,
  drawStand,
  nextYear,
  planOf,
  SANDBOX_FIRST_YEAR,
  SANDBOX_MOST_YEARS,
  stageDaysOf,
  stageOn,
  takenFromIn,
  type TrueStand,
} from './true-stand.ts';

/** What somebody does; `stand` is its place among `SANDBOX_KINDS`. */
export type SandboxAction =
  /** The own rule: at most so many of a hundred plants a year. */
  | { readonly do: 'rule'; readonly stand: number; readonly percent: number }
  | { readonly do: 'look'; readonly stand: number }
  | { readonly do: 'count'; readonly stand: number; readonly by: Exclude<CountedBy, 'eye'> }
  | { readonly do: 'take'; readonly stand: number; readonly plants: number }
  | { readonly do: 'putBack'; readonly stand: number }
  /** A fortnight goes by; the last of a year ends it. */
  | { readonly do: 'wait' }
  | { readonly do: 'nextYear' };

/** Something done at a stand. */
export type StandAction = Extract<SandboxAction, { readonly stand: number }>;

export interface SandboxStand {
  readonly kind: SandboxKind;
  readonly percent: number;
  /** Somebody is there this fortnight. */
  readonly isThere: boolean;
  /** From last year's notebook, as day of this year: about when it was first had and was past. */
  readonly noted: { readonly opens: DayNumber | null; readonly closes: DayNumber | null };
  /** What was found this year, oldest first; `null`: nothing has come up yet. */
  readonly seen: readonly { readonly day: DayNumber; readonly stage: string | null }[];
  /** Of all years. */
  readonly counts: readonly { readonly day: DayNumber; readonly by: CountedBy; readonly plants: CountEstimate }[];
  /** Of this year; `asked` more than there were is what somebody looked for in vain. */
  readonly takes: readonly { readonly day: DayNumber; readonly plants: number; readonly asked: number }[];
  /** Hours of putting back this year. */
  readonly putBack: number;
  /** Killed by takes, in years that are over; for what the counts say. */
  readonly killedBefore: number;
  /** What nobody who plays knows before the year is over. */
  readonly truth: TrueStand;
  /** Counted plants that truly stood at the beginning of each year. */
  readonly trueYears: readonly number[];
}

export interface SandboxState {
  readonly seed: number;
  /** From 1. */
  readonly nth: number;
  readonly year: number;
  readonly day: DayNumber;
  readonly isOver: boolean;
  readonly hoursLeft: number;
  readonly stands: readonly SandboxStand[];
}

/** Hours of a fortnight, and what things cost of them. Estimates. */
export const SANDBOX_HOURS = 8;
export const HOURS_OF = { look: 1, squares: 1, all: 3, putBack: 1 } as const;
const FORTNIGHT = 14;
const [FIRST, LAST] = ['03-01', '11-22'];
const USUAL_PERCENT = 20;
/** A notebook is off by so many days. */
const NOTED_SD = 4;

const beginning = (year: number): DayNumber => dayNumber(`${year}-${FIRST}`);

/** @throws RangeError for something that cannot be done as things stand. */
export function playSandbox(seed: number, actions: readonly SandboxAction[]): SandboxState {
  return actions.reduce(after, beginWith(seed));
}

function beginWith(seed: number): SandboxState {
  const year = SANDBOX_FIRST_YEAR;
  return {
    ...{ seed, year, nth: 1, day: beginning(year), isOver: false, hoursLeft: SANDBOX_HOURS },
    stands: SANDBOX_KINDS.map((kind) => {
      const truth = drawStand(kind, seed);
      return {
        ...{ kind, truth, percent: USUAL_PERCENT, isThere: false, noted: notedBefore(truth, seed, year) },
        ...{ seen: [], counts: [], takes: [], putBack: 0, killedBefore: 0, trueYears: [countedIn(truth)] },
      };
    }),
  };
}

/** Last year's days as somebody wrote them down, moved into this year. */
function notedBefore(truth: TrueStand, seed: number, year: number): SandboxStand['noted'] {
  const days = stageDaysOf(truth, seed, year - 1);
  const moved = (stage: string | null): DayNumber | null => {
    const day = stage === null ? undefined : days.get(stage);
    if (day === undefined) return null;
    const off = chanceOf(seedOf('sandbox-notebook', truth.name, year, stage!)).normal();
    return day - beginning(year - 1) + beginning(year) + Math.round(NOTED_SD * off);
  };
  return { opens: moved(truth.kind.opens), closes: moved(truth.kind.closes) };
}

function after(state: SandboxState, action: SandboxAction): SandboxState {
  if (action.do === 'nextYear') return yearAfter(state);
  if (state.isOver) throw new RangeError('the year is over');
  if (action.do === 'wait') return waited(state);
  const stand = state.stands[action.stand];
  if (!stand) throw new RangeError('there is no such stand');
  if (action.do === 'rule') return ruled(state, action);
  if (!stand.isThere && action.do !== 'look') throw new RangeError('nobody is there');
  if (!hasTimeFor(action, stand, state.hoursLeft)) throw new RangeError('there is no time left for it this fortnight');
  const spent = { ...state, hoursLeft: state.hoursLeft - hoursOf(action, stand) };
  return changed(spent, action.stand, (s) => done(s, action, state));
}

function ruled(state: SandboxState, { stand, percent }: Extract<SandboxAction, { do: 'rule' }>): SandboxState {
  if (!(percent >= 0 && percent <= 100)) throw new RangeError('a rule is of a hundred plants');
  return changed(state, stand, (s) => ({ ...s, percent }));
}

/** Whether there is time left for it this fortnight. */
export const hasTimeFor = (action: StandAction, stand: SandboxStand, hoursLeft: number): boolean =>
  hoursOf(action, stand) <= hoursLeft + 1e-9;

/** What it costs, hours; a second look of a fortnight costs nothing. */
export function hoursOf(action: StandAction, stand: SandboxStand): number {
  if (action.do === 'look') return stand.isThere ? 0 : HOURS_OF.look;
  if (action.do === 'count') return HOURS_OF[action.by];
  if (action.do === 'take') return action.plants / stand.kind.perHour;
  return action.do === 'putBack' ? HOURS_OF.putBack : 0;
}

const changed = (state: SandboxState, at: number, change: (s: SandboxStand) => SandboxStand): SandboxState => ({
  ...state,
  stands: state.stands.map((s, i) => (i === at ? change(s) : s)),
});

function done(stand: SandboxStand, action: SandboxAction, { seed, day }: SandboxState): SandboxStand {
  const { truth } = stand;
  const counted = (by: CountedBy): SandboxStand['counts'][number] => {
    const taken = stand.kind.effect.kills === 1 ? takenOf(stand) : 0;
    return { day, by, plants: countBy(by, countedIn(truth) - taken, `${truth.name}/${day}`) };
  };
  if (action.do === 'look' && !stand.isThere) {
    const seen = [...stand.seen, { day, stage: stageOn(truth, seed, day) }];
    return { ...stand, isThere: true, seen, counts: [...stand.counts, counted('eye')] };
  }
  if (action.do === 'count') return { ...stand, counts: [...stand.counts, counted(action.by)] };
  if (action.do === 'putBack') return { ...stand, putBack: stand.putBack + 1 };
  if (action.do !== 'take') return stand;
  if (!(Number.isInteger(action.plants) && action.plants > 0))
    throw new RangeError('whole plants are taken from, from 1 up');
  const plants = Math.min(action.plants, takenFromIn(truth) - takenOf(stand));
  return { ...stand, takes: [...stand.takes, { day, plants, asked: action.plants }] };
}

/** Plants that were taken from this year. */
export const takenOf = ({ takes }: Pick<SandboxStand, 'takes'>): number => takes.reduce((sum, t) => sum + t.plants, 0);

/** Fortnights until the year is over, this one included. */
export const fortnightsLeft = ({ isOver, day, year }: SandboxState): number =>
  isOver ? 0 : Math.floor((dayNumber(`${year}-${LAST}`) - day) / FORTNIGHT) + 1;

function waited(state: SandboxState): SandboxState {
  const day = state.day + FORTNIGHT;
  const isOver = day > dayNumber(`${state.year}-${LAST}`);
  return {
    ...state,
    ...{ isOver, day: isOver ? state.day : day, hoursLeft: SANDBOX_HOURS },
    stands: state.stands.map((s) => ({ ...s, isThere: false })),
  };
}

function yearAfter(state: SandboxState): SandboxState {
  if (!state.isOver) throw new RangeError('the year is not over');
  if (state.nth >= SANDBOX_MOST_YEARS) throw new RangeError('there are no more years');
  const [year, nth] = [state.year + 1, state.nth + 1];
  return {
    ...{ seed: state.seed, year, nth, day: beginning(year), isOver: false, hoursLeft: SANDBOX_HOURS },
    stands: state.stands.map((s) => {
      const taken = takenOf(s);
      const truth = nextYear(s.truth, planOf(s.truth, taken, s.putBack), state.year);
      return {
        ...{ ...s, truth, noted: notedBefore(truth, state.seed, year), seen: [], takes: [], putBack: 0 },
        killedBefore: s.killedBefore + taken * (s.kind.effect.kills ?? 0),
        trueYears: [...s.trueYears, countedIn(truth)],
      };
    }),
  };
}
