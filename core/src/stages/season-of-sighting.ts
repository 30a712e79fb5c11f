// Which season a sighting is of.
import { seasonFirstDay, seasonOf } from '../measure/index.ts';
import type { StageSighting } from './stage-sighting.ts';
import { usualOffsets, type UsualYear } from './usual-year.ts';

/** No stage comes so many days before, or after, it usually does (an estimate: springs differ by weeks). */
const MOST_OFF_DAYS = 75;
/** That a stage is seen long after it came is so many times as usual as that it comes as long before its time (an estimate). */
const AS_LATE = 1.25;
/** Usual days are asked of a year without a leap day: which one makes no difference of more than a day. */
const PLAIN_YEAR = 2001;

/**
 * Tells of sightings of a plant at a place which season they are of. Mostly it is the one that the day lies in. But what comes late in
 * a season may be seen after the next has begun (fruit hangs frosted on 1 January), and what comes early before it has (catkins
 * on 28 December): then it is that in which the stage usually comes nearer to the day. "It has come" says little of how long ago,
 * so nothing has come in the next season until it is near; "not yet" is said of the season before only while it is just over.
 */
export function sightingSeasons(year: UsualYear): (sighting: StageSighting) => number {
  const { stages, seasonStart, site } = year;
  const offsets = usualOffsets(year, PLAIN_YEAR);
  const indexOf = new Map(stages.map((s, i) => [s.key, i]));
  return ({ stage, day, reached }) => {
    const season = seasonOf(day, seasonStart, site.latitudeDeg);
    const at = indexOf.get(stage);
    if (at === undefined) return season;
    /** Days from when the stage usually comes in a season until the day; below 0 it lies ahead. */
    const past = (of: number): number => day - seasonFirstDay(of, seasonStart, site.latitudeDeg) - offsets[at]!;
    const [before, now, next] = [past(season - 1), past(season), past(season + 1)];
    if (reached) {
      if (-next <= MOST_OFF_DAYS) return season + 1;
      return before < AS_LATE * -now ? season - 1 : season;
    }
    if (before <= MOST_OFF_DAYS) return season - 1;
    return -next < now ? season + 1 : season;
  };
}
