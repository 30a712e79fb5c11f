import type { Entry, LadderSeason, PartOutlook, StandKit, StandView } from '@emberfield/contract';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import {
  outlooksFor,
  recordWith,
  seasonNow,
  seasonsOf,
  standDay,
  unpackBook,
  viewRange,
  withDrawn,
  type DrawnTake,
  type RecordEntry,
} from '@emberfield/core/stand';

/** What this device says of a stand by itself. */
export interface OwnAnswer {
  readonly season: LadderSeason;
  readonly outlooks: readonly PartOutlook[];
}

/**
 * The stand on a day with what the server has not got yet, here and at stands that share a permit with it: by the server's own code, from the book it was given.
 */
export function ownAnswer(
  { book: packed, clearance, who }: StandKit,
  noted: readonly RecordEntry[],
  day: string,
  drawn: readonly DrawnTake[] = [],
): OwnAnswer {
  const read = unpackBook(packed);
  const today = noted.reduce((last, e) => Math.max(last, dayNumber(e.day)), read.today);
  const book = {
    ...read,
    today,
    permits: withDrawn(read.permits, read.profile.parts, drawn),
    record: recordWith(
      read.record,
      noted.map((e) => ({ ...e, byId: who })),
    ),
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

/** Entries of a stand among those that wait on this device, as its record reads them. */
export const waitingAt = (entries: readonly Entry[], standId: string): readonly RecordEntry[] =>
  entries
    .filter((e) => e.standId === standId)
    .map(({ id, kind, day, replaces, body }) => ({ id, kind, day, replaces, body, by: '', byId: '' }));

/** Takes that wait on this device for other stands, each with the permits of its stand; `permitsOf` says `null` where this device does not know. */
export function drawnAt(
  entries: readonly Entry[],
  standId: string,
  permitsOf: (standId: string) => readonly string[] | null,
): readonly DrawnTake[] {
  const undone = new Set(entries.flatMap((e) => (e.replaces === null ? [] : [e.replaces])));
  return entries.flatMap((e): readonly DrawnTake[] => {
    if (e.kind !== 'take' || e.standId === null || e.standId === standId || undone.has(e.id)) return [];
    const { part, amount, measure } = e.body;
    const permits = permitsOf(e.standId) ?? [];
    return permits.length > 0 ? [{ day: dayNumber(e.day), part, amount, measure, permits }] : [];
  });
}

/** Sightings in a visit that is still open, as entries. */
export function notedIn(
  visit: {
    readonly day: string;
    readonly share: number | null;
    readonly offSeason: boolean;
    readonly stages: Readonly<Record<string, 'reached' | 'notYet'>>;
  },
  today: string,
): readonly RecordEntry[] {
  if (visit.offSeason) return [];
  return Object.entries(visit.stages).map(([stage, said]) => ({
    id: `open-${stage}`,
    kind: 'stageSighting',
    day: visit.day || today,
    replaces: null,
    body: { stage, reached: said === 'reached', share: said === 'reached' ? visit.share : null },
    by: '',
    byId: '',
  }));
}
