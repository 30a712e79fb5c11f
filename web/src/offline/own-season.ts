import type { LadderSeason, PartOutlook, StandKit, StandView } from '@emberfield/contract';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import {
  forecastSeason,
  forecastWindow,
  readinessOn,
  unpackSeason,
  type DayRange,
  type StageSighting,
  type WindowForecast,
} from '@emberfield/core/phenology';

/** A season reckoned on this device. */
export interface OwnSeason {
  readonly season: LadderSeason;
  readonly windows: readonly Pick<WindowForecast, 'part' | 'use' | 'season' | 'opens' | 'closes' | 'peakShare'>[];
}

/** What a stand page needs of itself: its profile names the windows. */
type Windows = StandView['profile']['windows'];

/** The season of a stand with sightings that the server has not got yet: by the server's own code, from what it was given along. */
export function ownSeason(
  { season: packed, shifts }: StandKit,
  windows: Windows,
  noted: readonly StageSighting[],
): OwnSeason {
  const input = unpackSeason(packed);
  const today = noted.reduce((last, s) => Math.max(last, s.day), input.asOf);
  const forecast = forecastSeason({ ...input, asOf: today, sightings: [...input.sightings, ...noted] });
  const shown = (day: number | null): string | null => (day === null ? null : isoDay(day));
  return {
    season: {
      season: forecast.season,
      stages: forecast.stages.map(({ key, reached, seen }) => ({
        key,
        reached: viewOf(reached),
        seenAfter: shown(seen.after),
        seenBy: shown(seen.by),
      })),
    },
    windows: windows.map((spec, w) => {
      const { part, use, season, opens, closes, peakShare } = forecastWindow(spec, forecast, shifts[w]);
      return { part, use, season, opens, closes, peakShare };
    }),
  };
}

const viewOf = ({ p10, p50, p90 }: DayRange) => {
  const shown = (day: number | null): string | null => (day === null ? null : isoDay(day));
  return { p10: shown(p10), p50: shown(p50), p90: shown(p90) };
};

/** The page of a stand with its own season in place of the one that was read. What bars a take stays as it was read. */
export function withOwnSeason(stand: StandView, own: OwnSeason, day: string): StandView {
  const outlooks = stand.outlooks.map((o): PartOutlook => {
    const window = own.windows.find((w) => w.part === o.part && w.use === o.use && w.season === o.season);
    // What comes again after a cut was reckoned from the cut, which no stage moves.
    if (!window || o.again) return o;
    const held = o.readiness.state === 'banked' ? o.readiness.reason : null;
    return {
      ...o,
      opens: viewOf(window.opens),
      closes: viewOf(window.closes),
      readiness: readinessOn(window, dayNumber(day), held),
    };
  });
  const { season } = own;
  return {
    ...stand,
    outlooks,
    ladder: season.season === stand.ladder.season.season ? { ...stand.ladder, season } : stand.ladder,
  };
}

/** Sightings in a visit that is not sent yet. */
export function notedIn(
  visit: {
    readonly day: string;
    readonly share: number | null;
    readonly offSeason: boolean;
    readonly stages: Readonly<Record<string, 'reached' | 'notYet'>>;
  },
  today: string,
): readonly StageSighting[] {
  if (visit.offSeason) return [];
  return Object.entries(visit.stages).map(([stage, said]) => ({
    stage,
    day: dayNumber(visit.day || today),
    reached: said === 'reached',
    share: said === 'reached' ? visit.share : null,
  }));
}
