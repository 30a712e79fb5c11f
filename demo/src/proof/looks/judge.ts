import type { SeenStand } from '@emberfield/core/clocks';
import { learnFrom } from '@emberfield/core/learning';
import { firstOfYear, type DayNumber, type DayRange } from '@emberfield/core/measure';
import { knownOn, worthOfLook, type SeenInterval } from '@emberfield/core/proof';
import { forecastSeason, type ForecastInput, type StageForecast, type StageSighting } from '@emberfield/core/stages';
import { chanceFrom, seedOf } from '@emberfield/core/truth';
import type { WindowSpec } from '@emberfield/core/windows';

/** A look is asked for on these days of the year, and may lie so many days ahead. */
const ASKED_ON = [75, 105, 135, 165, 195];
const AHEAD_DAYS = 45;

/** What a look came to, of all stages that were due: how much narrower their bands became, and how far off their days then lay. */
export interface Came {
  /** Days by which the bands of 8 in 10 became narrower, on average. */
  readonly narrower: number;
  /** Days between what was said and what came, on average. */
  readonly off: number;
}
/** One question where to look: what the look that is proposed came to, one at random, and none. */
export interface Judged {
  readonly standId: string;
  readonly asked: DayNumber;
  readonly proposed: Came;
  readonly atRandom: Came;
  readonly none: Came;
}

/**
 * The looks that would be proposed, each held against one at a random stage and day of the same stand: both are told what truly was
 * there on their day, and the weather of the day of asking.
 */
export function* judgeLooks(
  stands: readonly SeenStand[],
  came: (stand: SeenStand) => readonly SeenInterval[],
  seasons: readonly number[],
): Generator<Judged> {
  for (const season of seasons)
    for (const dayOfYear of ASKED_ON) {
      const asked = firstOfYear(season) + dayOfYear - 1;
      const group = learnFrom(stands, asked);
      for (const stand of stands) {
        const judged = judge(knownOn(asked, { stand, group, season }), {
          stand,
          asked,
          truth: trulyOf(stand, came(stand), season),
        });
        if (judged) yield judged;
      }
    }
}

type Truth = ReadonlyMap<string, DayNumber>;
const trulyOf = ({ place }: SeenStand, all: readonly SeenInterval[], season: number): Truth =>
  new Map(all.filter((c) => c.season === season).map((c) => [place.stages[c.stage]!.key, c.by]));

function judge(
  input: ForecastInput,
  { stand, asked, truth }: { readonly stand: SeenStand; readonly asked: DayNumber; readonly truth: Truth },
): Judged | null {
  const within = { from: asked, to: asked + AHEAD_DAYS };
  const now = forecastSeason(input).stages;
  const due = now.filter(
    ({ key, seen, reached: { p10, p50, p90 } }) =>
      truth.has(key) &&
      seen.by === null &&
      p10 !== null &&
      p90 !== null &&
      p50 !== null &&
      p50 >= within.from &&
      p50 <= within.to,
  );
  const proposed = worthOfLook(input, windowsOf(stand), within);
  if (due.length === 0 || !proposed || proposed.narrowed.length === 0 || !truth.has(proposed.stage)) return null;
  const chance = chanceFrom(seedOf('look', stand.standId, asked));
  const stage = due[chance.whole(0, due.length - 1)]!.key;
  const after = ({ stage, day }: { readonly stage: string; readonly day: DayNumber }): Came => {
    const look: StageSighting = { stage, day, reached: truth.get(stage)! <= day };
    return cameTo(due, forecastSeason({ ...input, sightings: [...input.sightings, look] }).stages, truth);
  };
  return {
    standId: stand.standId,
    asked,
    proposed: after(proposed),
    atRandom: after({ stage, day: asked + chance.whole(0, AHEAD_DAYS) }),
    none: cameTo(due, now, truth),
  };
}

/** Every stage as a window that opens with it. */
const windowsOf = ({ place: { stages } }: SeenStand): readonly WindowSpec[] =>
  stages.map(({ key }) => ({
    part: 'leaf',
    use: key,
    opens: { stage: key, offsetDays: 0 },
    closes: { stage: stages.at(-1)!.key, offsetDays: 0 },
    peakShare: 0.5,
  }));

function cameTo(due: readonly StageForecast[], then: readonly StageForecast[], truth: Truth): Came {
  const known = new Map(then.map((s) => [s.key, s.reached]));
  const mean = (of: (stage: StageForecast) => number): number => due.reduce((sum, s) => sum + of(s), 0) / due.length;
  // What has no end any more is not narrower.
  const narrower = (before: DayRange, after: DayRange): number =>
    after.p10 === null || after.p90 === null ? 0 : before.p90! - before.p10! - (after.p90 - after.p10);
  return {
    narrower: mean((s) => narrower(s.reached, known.get(s.key)!)),
    off: mean((s) => Math.abs((known.get(s.key)!.p50 ?? s.reached.p50!) - truth.get(s.key)!)),
  };
}
