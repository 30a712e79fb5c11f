// What was put in at a stand, what was seen of it, and when to look again.
import { monthDayInSeason, type DayNumber } from '../measure/index.ts';
import { hasModel, lifeOf } from '../plants/index.ts';
import { calibrate, likeliestRates, LIVES, type LifeForm, type Rates } from '../population/index.ts';
import {
  chanceToFlower,
  priorOf,
  shareOf,
  stageAfterPlanting,
  survivalSeen,
  WAY_GUIDES,
  type PlantingWay,
  type Survival,
} from '../replanting/index.ts';
import type { Book } from './book.ts';
import { DAYS_PER_YEAR } from './future.ts';
import type { RecordedCheck, RecordedPlanting } from './record.ts';

export type PlantedBook = Pick<Book, 'profile' | 'record' | 'place'> & { readonly stand: Pick<Book['stand'], 'id'> };

/** A cohort that was looked at after so many days has come through its first year, or not. */
const A_YEAR_ON = 300;
const FIRST_MONTH = 30;
/** Spring, in the north; half a year later in the south. */
const IN_SPRING = '04-20';
/** So long before it falls due a look counts for it. */
const EARLY_DAYS = 21;
/** Not looked at for ever: what never flowered by then is a plant of the stand, or nobody finds it any more. */
const MOST_YEARS_FOLLOWED = 10;

/** Plants put in together, and what was seen of them. */
export interface Cohort extends RecordedPlanting {
  readonly checks: readonly RecordedCheck[];
  /** At the last look; `null`: nobody has looked. */
  readonly alive: number | null;
  /** As many as are expected to come to flower, or did. */
  readonly toFlower: number;
  /** The next look, or the one that was missed; `null`: none is needed any more. */
  readonly due: DayNumber | null;
}

/** What of a planted way lived so far here, with what is usual before anybody looked. */
export interface WaySurvival {
  readonly survival: Survival;
  /** Cohorts that were looked at a year on. */
  readonly cohorts: number;
}

const checksOf = (
  { plantingChecks }: Pick<Book['record'], 'plantingChecks'>,
  id: string,
  day: DayNumber,
): readonly RecordedCheck[] => plantingChecks.filter((c) => c.plantingId === id && c.day <= day);

/** How many of a planting lived a year on, or that none did before; `null`: nobody has looked so late. */
export function aliveAYearOn(
  record: Pick<Book['record'], 'plantingChecks'>,
  { id, day: planted, number }: Pick<RecordedPlanting, 'id' | 'day' | 'number'>,
  day: DayNumber,
): number | null {
  const after = checksOf(record, id, day).find((c) => c.day - planted >= A_YEAR_ON || c.alive === 0);
  return after ? Math.min(after.alive, number) : null;
}

export function survivalOf({ record }: Pick<Book, 'record'>, way: PlantingWay, day: DayNumber): WaySurvival {
  const seen = record.plantings.flatMap((p) => {
    const alive = p.way === way && p.day <= day ? aliveAYearOn(record, p, day) : null;
    return alive === null ? [] : [{ planted: p.number, alive }];
  });
  return { survival: survivalSeen(usualSurvival(way), seen), cohorts: seen.length };
}

/** Of each kind of life, and of each way, once: they take longer than all else here. */
const usualRates = onceFor((life: LifeForm) => likeliestRates(calibrate(LIVES[life], null)));
const usualSurvival = onceFor((way: PlantingWay) => priorOf(WAY_GUIDES[way].survival));

function onceFor<K, V>(make: (key: K) => V): (key: K) => V {
  const made = new Map<K, V>();
  return (key) => {
    const before = made.get(key);
    if (before !== undefined) return before;
    const value = make(key);
    made.set(key, value);
    return value;
  };
}

/** Days on which to look at what was put in: after a month (of seed nothing is seen so soon), in the first spring, and each spring until it flowers. */
function looksAt({ day, way }: Pick<RecordedPlanting, 'day' | 'way'>, latitudeDeg: number): readonly DayNumber[] {
  const looks = way === 'seed' ? [] : [day + FIRST_MONTH];
  let spring = monthDayInSeason(day + 2 * FIRST_MONTH, IN_SPRING, latitudeDeg);
  while (spring - day <= MOST_YEARS_FOLLOWED * DAYS_PER_YEAR) {
    looks.push(spring);
    spring = monthDayInSeason(spring + 1, IN_SPRING, latitudeDeg);
  }
  return looks;
}

function dueOf(planting: RecordedPlanting, checks: readonly RecordedCheck[], latitudeDeg: number): DayNumber | null {
  const last = checks.at(-1);
  if (last && (last.alive === 0 || (last.flowering ?? 0) > 0)) return null;
  const looked = last ? last.day + EARLY_DAYS : planting.day;
  return looksAt(planting, latitudeDeg).find((d) => d > looked) ?? null;
}

/** What was put in by a day, with what became of it. Where the life has no model nothing is expected to flower. */
export function cohortsOn(book: PlantedBook, day: DayNumber): readonly Cohort[] {
  const { record, profile, place } = book;
  // The Hearth asks this of thousands of stands, of which few were planted at.
  if (record.plantings.length === 0) return [];
  const life = lifeOf(profile);
  const rates = hasModel(life) ? usualRates(life) : null;
  return record.plantings
    .filter((p) => p.day <= day)
    .map((planting) => {
      const checks = checksOf(record, planting.id, day);
      const last = checks.at(-1);
      return {
        ...planting,
        checks,
        alive: last ? Math.min(last.alive, planting.number) : null,
        toFlower: rates
          ? toFlowerOf(planting, last ?? null, { rates, survival: survivalOf(book, planting.way, day) })
          : 0,
        due: dueOf(planting, checks, place.latitudeDeg),
      };
    });
}

/** Those that flowered, and of the others as many as come through what is left of their first year and then to flower. */
function toFlowerOf(
  { number, day, way }: Pick<RecordedPlanting, 'number' | 'day' | 'way'>,
  last: RecordedCheck | null,
  { rates, survival: { survival } }: { readonly rates: Rates; readonly survival: WaySurvival },
): number {
  const alive = last ? Math.min(last.alive, number) : number;
  const flowered = Math.min(alive, last?.flowering ?? 0);
  const leftOfYear = last ? Math.max(0, 1 - (last.day - day) / DAYS_PER_YEAR) : 1;
  const stage = rates.stages.indexOf(stageAfterPlanting(way, rates.stages));
  return flowered + (alive - flowered) * shareOf(survival).value ** leftOfYear * chanceToFlower(rates)[stage]!;
}
