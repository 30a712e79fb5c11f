import { isoDay, type DayNumber, type DayRange, seasonFirstDay } from '../measure/index.ts';
import {
  boundsOf,
  type ForecastInput,
  forecastSeason,
  sightingSeasons,
  spreadWithin,
  type StageSighting,
} from '../stages/index.ts';
import type { SeenStand } from '../clocks/index.ts';
import { type GroupLearning, learnFrom } from '../learning/index.ts';
import { rivalsFor, type PastDate, type Rivals } from './rivals.ts';
import { middleOf, type SeenInterval } from './seen-interval.ts';

/** A forecast held against what came. */
export interface Trial {
  readonly issue: string;
  readonly standId: string;
  readonly plantKey: string;
  readonly stage: string;
  readonly season: number;
  readonly issued: DayNumber;
  readonly seen: SeenInterval;
  readonly forecast: DayRange;
  readonly rivals: Rivals;
}

/** An interval wider than this says too little to be held against anything. */
const WIDEST_DAYS = 30;
/** The group is learned from anew at the turn of so many days; a forecast stands on the last turn before it. */
const TURN_DAYS = 30;

/** The stages of a stand whose coming was seen from both sides, by season. */
export function intervalsOf({ place, sightings }: SeenStand): readonly SeenInterval[] {
  const { stages, seasonStart, site } = place;
  const spreadDays = spreadWithin(sightings);
  const bySeason = new Map<number, StageSighting[]>();
  const seasonOfSighting = sightingSeasons(place);
  for (const s of sightings) {
    const season = seasonOfSighting(s);
    bySeason.set(season, [...(bySeason.get(season) ?? []), s]);
  }
  return [...bySeason].flatMap(([season, seen]) => {
    const firstDay = seasonFirstDay(season, seasonStart, site.latitudeDeg);
    return boundsOf(
      stages.map((s) => s.key),
      seen,
      firstDay,
      spreadDays,
    ).flatMap(({ after, by }, stage) =>
      after === null || by === null || by - after > WIDEST_DAYS
        ? []
        : [{ stage, season, after: after + firstDay, by: by + firstDay }],
    );
  });
}

/** When a forecast is issued. */
export interface Issue {
  readonly name: string;
  /** Days of issue for something that was seen. */
  readonly daysFor: (seen: SeenInterval) => readonly DayNumber[];
}
/** So many days before a stage came, as far as that is known: before the middle between two visits. */
export const daysBefore = (days: number): Issue => ({
  name: `${days} days before`,
  daysFor: (seen) => [Math.floor(middleOf(seen)) - days],
});
/** On the 1st and 15th of the months in the six weeks before: days that hang on nothing that is to come. */
export const onFixedDays: Issue = {
  name: 'on the 1st and 15th',
  daysFor: ({ by }) =>
    Array.from({ length: FIXED_REACH_DAYS }, (_, k) => by - 1 - k).filter((d) => FIXED_DAYS.has(isoDay(d).slice(-2))),
};
const FIXED_REACH_DAYS = 42;
const FIXED_DAYS = new Set(['01', '15']);

/**
 * Every stage whose coming was seen, forecast from what was known before: its own and the group's earlier seasons, this
 * season's sightings and weather up to the day of issue (rolling, nothing from later). Gives one trial at a time, so that a long
 * run can show progress and be stopped.
 * @param from first season that is held against its forecast; the ones before are learned from only.
 * @param unseen as if nobody had ever looked at the stand itself: it is forecast from what the others tell, and the rules go by the
 * dates of the other stands of its kind.
 * @param came what forecasts are held against: the days themselves where somebody knows them, else what was seen
 */
export function* backtest(
  stands: readonly SeenStand[],
  issues: readonly Issue[],
  from: number,
  {
    unseen = false,
    came,
  }: { readonly unseen?: boolean; readonly came?: (stand: SeenStand) => readonly SeenInterval[] } = {},
): Generator<Trial> {
  const groups = new Map<number, GroupLearning>();
  const groupAt = (turn: number): GroupLearning => {
    let group = groups.get(turn);
    if (!group) {
      group = learnFrom(stands, turn * TURN_DAYS);
      groups.set(turn, group);
    }
    return group;
  };
  const seenOf = new Map(stands.map((s) => [s, intervalsOf(s)]));
  for (const looked of stands) {
    const stand = unseen ? { ...looked, sightings: [] } : looked;
    const { place, standId, plantKey } = stand;
    const intervals = seenOf.get(looked)!;
    const toGoBy = unseen ? othersOfKind(seenOf, looked) : intervals;
    for (const seen of came?.(looked) ?? intervals) {
      if (seen.season < from) continue;
      const past = datesBefore(seen, toGoBy);
      const stage = place.stages[seen.stage]!.key;
      for (const issue of issues)
        for (const issued of issue.daysFor(seen)) {
          const group = groupAt(Math.floor(issued / TURN_DAYS));
          const { forecast, notYet } = asForecastOn(issued, { stand, group, seen });
          const rivals = rivalsFor(place, seen.season, past, { issued, notYet });
          const asked = { issue: issue.name, standId, plantKey, stage, season: seen.season, issued, seen };
          yield notBeforeTomorrow({ ...asked, forecast, rivals });
        }
    }
  }
}

/** The dates of a stage in the seasons before one, as far as they are known. */
const datesBefore = ({ stage, season }: SeenInterval, known: readonly SeenInterval[]): readonly PastDate[] =>
  known.filter((p) => p.stage === stage && p.season < season).map((p) => ({ season: p.season, day: middleOf(p) }));

/** What a season of a stand is forecast from as somebody who asks on a day knows it: nothing from later. */
export function knownOn(
  day: DayNumber,
  { stand, group, season }: { readonly stand: SeenStand; readonly group: GroupLearning; readonly season: number },
): ForecastInput {
  const { place } = stand;
  const seasonOfSighting = sightingSeasons(place);
  const until = stand.sightings.filter((s) => s.day <= day);
  return {
    ...place,
    season,
    asOf: day,
    sightings: until.filter((s) => seasonOfSighting(s) === season),
    spreadDays: spreadWithin(until),
    clocks: group.expects(stand, season, day),
  };
}

/** What would have been said of a stage on a day, and until when it was known not to have come. */
function asForecastOn(
  issued: DayNumber,
  { stand, group, seen }: { readonly stand: SeenStand; readonly group: GroupLearning; readonly seen: SeenInterval },
): { readonly forecast: DayRange; readonly notYet: DayNumber } {
  const { seasonStart, site } = stand.place;
  const input = knownOn(issued, { stand, group, season: seen.season });
  const { key, reached } = forecastSeason(input).stages[seen.stage]!;
  return {
    forecast: reached,
    notYet: input.sightings.reduce(
      (last, s) => (!s.reached && s.stage === key ? Math.max(last, s.day) : last),
      seasonFirstDay(seen.season, seasonStart, site.latitudeDeg) - 1,
    ),
  };
}

/** What was seen of the other stands of a kind. */
function othersOfKind(
  seenOf: ReadonlyMap<SeenStand, readonly SeenInterval[]>,
  stand: SeenStand,
): readonly SeenInterval[] {
  return [...seenOf].flatMap(([other, seen]) => (other !== stand && other.plantKey === stand.plantKey ? seen : []));
}

/** Nobody is told of a day that is over: whoever asks sees that it has not come. The same for every rule. */
function notBeforeTomorrow(trial: Trial): Trial {
  const later = (day: number | null): number | null => (day === null ? null : Math.max(trial.issued + 1, day));
  const { forecast, rivals } = trial;
  return {
    ...trial,
    forecast: { p10: later(forecast.p10), p50: later(forecast.p50), p90: later(forecast.p90) },
    rivals: {
      lastYear: later(rivals.lastYear),
      meanDate: later(rivals.meanDate),
      degreeDays: later(rivals.degreeDays),
    },
  };
}
