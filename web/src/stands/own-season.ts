import type { LadderSeason, PartOutlook, StandKit, StandView } from '@emberfield/contract';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import {
  outlooksFor,
  seasonNow,
  seasonsOf,
  standDay,
  unpackBook,
  viewRange,
  type StandRecord,
} from '@emberfield/core/stand';
import type { StageSighting } from '@emberfield/core/stages';

/** What this device says of a stand by itself. */
export interface OwnAnswer {
  readonly season: LadderSeason;
  readonly outlooks: readonly PartOutlook[];
}

/** What was noted on this device and has not reached the server. */
export interface Noted {
  readonly sightings: readonly StageSighting[];
  readonly takes: StandRecord['takes'];
}

/** The stand on a day with what the server has not got yet: by the server's own code, from the book it was given. */
export function ownAnswer({ book: packed, clearance, who }: StandKit, noted: Noted, day: string): OwnAnswer {
  const read = unpackBook(packed);
  const today = [...noted.sightings, ...noted.takes].reduce((last, s) => Math.max(last, s.day), read.today);
  const { record } = read;
  const book = {
    ...read,
    today,
    record: {
      ...record,
      sightings: [...record.sightings, ...noted.sightings],
      takes: [...record.takes, ...noted.takes],
    },
  };
  const seasons = seasonsOf(book);
  const { forecast } = seasons.of(seasonNow(book, today));
  const shown = (at: number | null): string | null => (at === null ? null : isoDay(at));
  const looked = { day: dayNumber(day), clearance, who };
  return {
    season: {
      season: forecast.season,
      stages: forecast.stages.map(({ key, reached, seen }) => ({
        key,
        reached: viewRange(reached),
        seenAfter: shown(seen.after),
        seenBy: shown(seen.by),
      })),
    },
    outlooks: outlooksFor(book, seasons, standDay(book, looked.day, seasons), looked),
  };
}

/** The page of a stand with this device's own answer in place of the one that was read. */
export function withOwnAnswer(stand: StandView, { season, outlooks }: OwnAnswer): StandView {
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
