// An outing: stops with what they are worth, when they can be visited and how long that takes; and how an order of them turns out.

/** From and until, minutes since the day began. */
export interface Span {
  readonly from: number;
  readonly until: number;
}
export interface Stop {
  /** What it is worth to be there, 0 or more; in whatever measure, the same for all. */
  readonly prize: number;
  /** Time spent there, minutes. */
  readonly minutes: number;
  /** All of it has to lie within one of these: tide, daylight, hours that a place is open. In order. */
  readonly open: readonly Span[];
  /** It has to be on the round, whatever it is worth. */
  readonly locked?: boolean;
  /** What is taken there weighs so much, g; left out: nothing. */
  readonly loadG?: number;
  /** Something dangerous has to be told there by a sign: better while eyes are fresh. */
  readonly careful?: boolean;
}
export interface Outing {
  readonly stops: readonly Stop[];
  /** Minutes from each stop, and from the beginning (the last but one) and the end (the last), to each: [from][to]. */
  readonly legs: readonly (readonly number[])[];
  readonly leavesAt: number;
  readonly backBy: number;
  /** No more than this is carried, g; left out: as much as there is. */
  readonly carriesG?: number;
}
export const beginOf = ({ stops }: Pick<Outing, 'stops'>): number => stops.length;
export const endOf = ({ stops }: Pick<Outing, 'stops'>): number => stops.length + 1;

/** @throws RangeError for prizes, times or loads below 0, spans that end before they begin, or legs that are not between all of them. */
export function assertPossible({ stops, legs, leavesAt, backBy, carriesG = Infinity }: Outing): void {
  const places = stops.length + 2;
  if (legs.length !== places || legs.some((row) => row.length !== places || row.some((m) => !(m >= 0))))
    throw new RangeError('legs go from each stop, the beginning and the end to each, and take 0 minutes or more');
  if (stops.some((s) => !(s.prize >= 0 && s.minutes >= 0) || s.open.some((o) => !(o.until >= o.from))))
    throw new RangeError('a stop is worth 0 or more, takes 0 minutes or more, and closes after it opens');
  if (!(carriesG >= 0) || stops.some((s) => !((s.loadG ?? 0) >= 0 && (s.loadG ?? 0) < Infinity)))
    throw new RangeError('what is carried weighs 0 g or more');
  if (!Number.isFinite(leavesAt) || !Number.isFinite(backBy))
    throw new RangeError('a round has a beginning and an end');
}

/** When a visit can begin for whoever is there at a time; `null`: not any more. */
export function beginAt({ open, minutes }: Stop, arrives: number): number | null {
  for (const { from, until } of open) {
    const begins = Math.max(from, arrives);
    if (begins + minutes <= until) return begins;
  }
  return null;
}

/** What is taken at some stops weighs, g. */
export const loadOf = ({ stops }: Pick<Outing, 'stops'>, order: readonly number[]): number =>
  order.reduce((sum, stop) => sum + (stops[stop]!.loadG ?? 0), 0);
/** More than is carried. */
export const tooHeavy = (outing: Outing, order: readonly number[]): boolean =>
  outing.carriesG !== undefined && loadOf(outing, order) > outing.carriesG;

export interface Visit {
  readonly stop: number;
  readonly arrives: number;
  readonly begins: number;
  readonly ends: number;
  /** It is not open then: the clash that whoever ordered it so is shown. */
  readonly shut: boolean;
}
export interface Timed {
  readonly visits: readonly Visit[];
  readonly backAt: number;
  readonly prize: number;
  /** It weighs more than is carried. */
  readonly heavy: boolean;
  /** No stop is shut, it is back in time, and not too heavy. */
  readonly holds: boolean;
}

/** How an order of stops turns out, with its clashes. Whoever comes too early waits; at one that is shut the time is spent all the same. */
export function timesOf(outing: Outing, order: readonly number[]): Timed {
  const { stops, legs, leavesAt, backBy } = outing;
  let [at, now, prize] = [beginOf(outing), leavesAt, 0];
  const visits = order.map((stop): Visit => {
    const arrives = now + legs[at]![stop]!;
    const begins = beginAt(stops[stop]!, arrives);
    const ends = (begins ?? arrives) + stops[stop]!.minutes;
    [at, now] = [stop, ends];
    prize += stops[stop]!.prize;
    return { stop, arrives, begins: begins ?? arrives, ends, shut: begins === null };
  });
  const backAt = now + legs[at]![endOf(outing)]!;
  const heavy = tooHeavy(outing, order);
  return { visits, backAt, prize, heavy, holds: !heavy && backAt <= backBy && visits.every((v) => !v.shut) };
}
