// Stands put on the clocks of their kinds, as a group learns from them.
import { kindClocks, type KindClock, type SeenStand } from '../clocks/index.ts';
import { type DayNumber, seasonFirstDay } from '../measure/index.ts';
import { historyOf, type StandHistory } from './history.ts';

/** A stand as the group learns from it: what was seen of it on each of its kind's clocks, and the first days of its seasons. */
export interface GroupStand {
  readonly clocks: readonly KindClock[];
  /** By clock. */
  readonly histories: readonly StandHistory[];
  readonly firstDayOf: (season: number) => DayNumber;
}

/** Stands as a group learns from them on a day, each kind by its clocks; a stand at a time. */
export function* groupStands(stands: readonly SeenStand[], until: DayNumber): Generator<void, readonly GroupStand[]> {
  const byKind = new Map<string, SeenStand[]>();
  for (const stand of stands) {
    const kin = byKind.get(stand.plantKey);
    if (kin) kin.push(stand);
    else byKind.set(stand.plantKey, [stand]);
  }
  const out: GroupStand[] = [];
  for (const kin of byKind.values()) {
    const clocks = kindClocks(kin, until);
    for (const stand of kin) {
      yield;
      const histories = clocks.map((clock) => onClock(stand, clock, { until }));
      out.push({ clocks, histories, firstDayOf: firstDaysOf(stand) });
    }
  }
  return out;
}

/** A stand's sightings on one of its kind's clocks. */
export const onClock = (
  stand: SeenStand,
  { stages, spread }: KindClock,
  known: { readonly until: DayNumber; readonly season?: number },
): StandHistory => ({ ...historyOf({ ...stand, place: { ...stand.place, stages } }, known), spread });

export const firstDaysOf =
  ({ place: { seasonStart, site } }: SeenStand) =>
  (season: number): DayNumber =>
    seasonFirstDay(season, seasonStart, site.latitudeDeg);
