// The season as a linear programme.
import { qualityOn } from '../windows/index.ts';
import {
  common,
  SPRING_SHARES,
  SPRINGS,
  weekOf,
  type OpenDays,
  type SeasonSource,
  type SeasonTask,
  type Take,
} from './season.ts';

/** A part at a stand for a want: the amount that is set down for it, whatever spring comes. */
export interface Portion {
  readonly source: number;
  readonly want: number;
}
/** So much of a want, in a week of it where it is weekly, in a spring. */
interface Demand {
  readonly want: number;
  readonly week: number | null;
  readonly spring: number;
}

export interface Programme {
  /** In the LP format that solvers read. */
  readonly text: string;
  readonly takes: readonly Take[];
  readonly portions: readonly Portion[];
  readonly demands: readonly Demand[];
}

/** A share of a want that is missing weighs so many times what its quality may add. */
const MISSING = 20;
/** Nothing is set down that no spring needs. */
const SET_DOWN = 1e-4;

/**
 * What may be taken where, for what, in which week, in each of three springs, so that as little as can be is missing in all of them, and then so that it
 * is taken near its best. What is set down for a want at a stand is the same in every spring (that is what one keeps to); the week is not. A want that
 * stands further up weighs a little more. Only what is open in a week becomes a variable.
 */
export function programmeOf(task: SeasonTask): Programme {
  const takes = takesOf(task);
  const portions = portionsOf(takes);
  const demands = demandsOf(task);
  const rows = [
    ...demandRows(task, takes, demands),
    ...portionRows(portions, takes),
    ...limitRows(task, takes, portions),
  ];
  const goal = [
    ...takes.map((t, i) => term(valueOf(task, t), `x${i}`)),
    ...demands.map((d, i) => term(-MISSING * weightOf(task, d) * shareOf(task, d), `s${i}`)),
    ...portions.map((p, i) => term((-SET_DOWN * givesOf(task, p)) / wantedInAll(task, p.want), `y${i}`)),
  ];
  // A line of its own for each term: readers of the format take lines of some hundred characters.
  const text = `Maximize\n obj: ${goal.join('\n ')}\nSubject To\n${rows.map((r, i) => ` r${i}: ${r}`).join('\n')}\nEnd\n`;
  return { text, takes, portions, demands };
}

function takesOf(task: SeasonTask): readonly Take[] {
  const takes: Take[] = [];
  for (const [source, s] of task.sources.entries())
    for (const [want, w] of task.wants.entries()) {
      if (!w.of.some((o) => o.what === s.what && o.gives > 0) || !(s.left > 0)) continue;
      for (let spring = 0; spring < SPRINGS; spring++)
        for (let week = 0; week < task.weeks; week++) {
          const days = common(weekOf(task, week), w);
          const quality = days ? bestIn(s, spring, days) : 0;
          if (quality > 0) takes.push({ source, want, week, spring, quality });
        }
    }
  return takes;
}

/** What a part is worth on the best of some days; 0: it is not open on any. */
function bestIn({ windows, peakShare }: SeasonSource, spring: number, days: OpenDays): number {
  return Math.max(
    0,
    ...windows.map((w) => {
      const open = w[spring];
      const both = open ? common(open, days) : null;
      if (!open || !both) return 0;
      const peak = open.first + peakShare * (open.last - open.first);
      const day = Math.min(both.last, Math.max(both.first, peak));
      return qualityOn(open.first, open.last, peakShare, day);
    }),
  );
}

function portionsOf(takes: readonly Take[]): readonly Portion[] {
  const once = new Map<string, Portion>();
  for (const { source, want } of takes) once.set(`${source}:${want}`, { source, want });
  return [...once.values()];
}

function demandsOf({ wants, weeks, ...task }: SeasonTask): readonly Demand[] {
  const demands: Demand[] = [];
  for (const [want, w] of wants.entries())
    for (let spring = 0; spring < SPRINGS; spring++) {
      if (!w.weekly) demands.push({ want, week: null, spring });
      else
        for (let week = 0; week < weeks; week++)
          if (common(weekOf(task, week), w)) demands.push({ want, week, spring });
    }
  return demands;
}

export const givesOf = ({ wants, sources }: SeasonTask, { source, want }: Portion): number =>
  wants[want]!.of.find((o) => o.what === sources[source]!.what)!.gives;
/** How far up a want stands: from 1 for the last to 2 for the first. */
const weightOf = ({ wants }: SeasonTask, { want }: { readonly want: number }): number =>
  1 + (wants.length - want) / wants.length;
/** What one of a want is of all that is wanted of it, over all its weeks, by how likely the spring is. */
const shareOf = (task: SeasonTask, { want, spring }: Pick<Demand, 'want' | 'spring'>): number =>
  SPRING_SHARES[spring]! / wantedInAll(task, want);
/** Of a want in all, over all its weeks that are planned. */
export function wantedInAll(task: SeasonTask, want: number): number {
  const { amount, weekly, ...days } = task.wants[want]!;
  if (!weekly) return amount;
  const weeks = Array.from({ length: task.weeks }, (_, k) => k).filter((k) => common(weekOf(task, k), days)).length;
  return Math.max(1, weeks) * amount;
}
const valueOf = (task: SeasonTask, t: Take): number => t.quality * shareOf(task, t) * givesOf(task, t);

/** What is taken and what is missing make up the want; more than is wanted is not taken. */
function demandRows(task: SeasonTask, takes: readonly Take[], demands: readonly Demand[]): readonly string[] {
  const terms = demands.map((_, i) => [`s${i}`]);
  const at = new Map(demands.map((d, i) => [`${d.want}:${d.week ?? 'all'}:${d.spring}`, i]));
  for (const [i, t] of takes.entries()) {
    const week = task.wants[t.want]!.weekly ? t.week : 'all';
    terms[at.get(`${t.want}:${week}:${t.spring}`)!]!.push(term(givesOf(task, t), `x${i}`));
  }
  return demands.map((d, i) => `${terms[i]!.join('\n ')} = ${task.wants[d.want]!.amount}`);
}

/** No spring takes more of a portion than is set down. */
function portionRows(portions: readonly Portion[], takes: readonly Take[]): readonly string[] {
  const at = new Map(portions.map((p, i) => [`${p.source}:${p.want}`, i]));
  const rows = gathered(takes, (t, i) => [`${at.get(`${t.source}:${t.want}`)!}:${t.spring}`, `+ x${i}`]);
  return [...rows].map(([key, all]) => `${all.join('\n ')} - y${key.split(':')[0]!} <= 0`);
}

/** Allowances, what stands share, and the time there is in a week. */
function limitRows(task: SeasonTask, takes: readonly Take[], portions: readonly Portion[]): readonly string[] {
  const rows: string[] = [];
  const of = (holds: (p: Portion) => boolean): string =>
    portions.flatMap((p, i) => (holds(p) ? [`+ y${i}`] : [])).join('\n ');
  for (const [i, s] of task.sources.entries()) {
    const all = of((p) => p.source === i);
    if (all && s.left < Infinity) rows.push(`${all} <= ${s.left}`);
  }
  for (const [name, left] of task.shared) {
    const all = of((p) => task.sources[p.source]!.shares.includes(name));
    if (all) rows.push(`${all} <= ${Math.max(0, left)}`);
  }
  if (task.minutesPerWeek < Infinity) rows.push(...timeRows(task, takes));
  return rows;
}

function timeRows({ sources, minutesPerWeek }: SeasonTask, takes: readonly Take[]): readonly string[] {
  const rows = gathered(takes, (t, i) => [`${t.spring}:${t.week}`, term(sources[t.source]!.minutesPerUnit, `x${i}`)]);
  return [...rows.values()].map((all) => `${all.join('\n ')} <= ${minutesPerWeek}`);
}

/** Terms of the rows that they belong to. */
function gathered(
  takes: readonly Take[],
  say: (take: Take, i: number) => readonly [string, string],
): ReadonlyMap<string, readonly string[]> {
  const rows = new Map<string, string[]>();
  for (const [i, t] of takes.entries()) {
    const [key, said] = say(t, i);
    const row = rows.get(key);
    if (row) row.push(said);
    else rows.set(key, [said]);
  }
  return rows;
}

/** The format has no exponents that all readers agree on: figures are written out. */
const term = (factor: number, name: string): string => {
  const figure = Math.abs(factor)
    .toFixed(12)
    .replace(/\.?0+$/, '');
  return `${factor < 0 ? '-' : '+'} ${figure} ${name}`;
};
