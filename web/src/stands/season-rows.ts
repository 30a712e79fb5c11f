import { dayNumber, type DayNumber, seasonOf } from '@emberfield/core/measure';
import type { WindowEdge } from '@emberfield/core/growth';
import { inUnit } from '@emberfield/core/stand';
import type { LadderSeason, StandView, TakenView } from '@emberfield/contract';

const DAYS_A_YEAR = 365;

export interface SeasonRow {
  readonly season: number;
  /** The middle day: of this season as the window is forecast now, of those before as their stages were. */
  readonly opens: string | null;
  /** It lies ahead of the day that is looked at. */
  readonly ahead: boolean;
  /** In the unit of the part; NaN where something was weighed of which nobody knows what one weighs. */
  readonly taken: number;
  /** Allowed when the last take of the season was logged. */
  readonly allowed: number | null;
  readonly over: boolean;
  readonly counted: number | null;
}

/** One part of a stand season by season: when it opened, what was taken of what was allowed, how many were counted. */
export function seasonRows(stand: StandView, part: string): readonly SeasonRow[] {
  const window = stand.profile.windows.find((w) => w.part === part);
  const { seasonStart } = stand.profile;
  // The ladder's first day tells the hemisphere without telling the place: in the south seasons start half a year later.
  const hemisphere = stand.ladder.firstDay.slice(5) === seasonStart ? 1 : -1;
  const inSeason = (iso: string): number => seasonOf(dayNumber(iso), seasonStart, hemisphere);
  const ladder = [stand.ladder.season, ...stand.ladder.past];
  const edgeIn = (season: LadderSeason | undefined, edge: WindowEdge | undefined): string | null => {
    const reached = season?.stages.find((x) => x.key === edge?.stage)?.reached.p50;
    return reached && edge ? shifted(reached, edge.offsetDays) : null;
  };
  /** A winter window reaches over New Year: takes of its tail are of the season before, as its allowance counts them. */
  const seasonOfTake = (iso: string): number => {
    const season = inSeason(iso);
    const closes = edgeIn(
      ladder.find((s) => s.season === season),
      window?.closes,
    );
    return closes !== null && dayNumber(iso) <= dayNumber(closes) - DAYS_A_YEAR ? season - 1 : season;
  };
  const of = stand.profile.parts.find((p) => p.key === part);
  const takes = stand.takes.filter((t) => t.part === part);
  const amountOf = (t: TakenView): number => (of ? (inUnit(t, of) ?? NaN) : t.amount);
  return ladder.map((s: LadderSeason): SeasonRow => {
    const own = takes.filter((t) => seasonOfTake(t.day) === s.season);
    // Lengths measured and what takes were like move this season's window: it says the same as the line above.
    const now = stand.outlooks.find((o) => o.part === part && o.season === s.season && !o.again);
    const opens = now ? now.opens.p50 : edgeIn(s, window?.opens);
    return {
      season: s.season,
      opens,
      ahead: opens !== null && opens > stand.day,
      taken: own.reduce((n, t) => n + amountOf(t), 0),
      allowed: own.at(-1)?.allowed ?? null,
      over: own.some((t) => t.over),
      counted: stand.counts.findLast((c) => inSeason(c.day) === s.season)?.value ?? null,
    };
  });
}

function shifted(iso: string, days: number): string {
  const day: DayNumber = dayNumber(iso) + days;
  return new Date(day * 86_400_000).toISOString().slice(0, 10);
}
