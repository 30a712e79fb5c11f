// For specs only: books and windows in one line.
import { CATALOGUE } from '@emberfield/catalogue';
import { dayNumber, type DayNumber } from '../measure/index.ts';
import { binomialOf, type PlantProfile } from '../plants/index.ts';
import { climatologyOf, joinDays, type StationWeather } from '../weather/index.ts';
import type { WindowForecast } from '../windows/index.ts';
import type { Book, BookPlace, DatedRule } from './book.ts';
import type { EntryBodies, EntryKind } from './entry.ts';
import { recordOf, type RecordEntry } from './record.ts';
import type { Seasons, StandSeason } from './season.ts';

export const profileOf = (key: string): PlantProfile => CATALOGUE.find((p) => p.key === key)!;
const KIN = new Map(CATALOGUE.map((p) => [binomialOf(p.scientific), p]));

let last = 0;
/** An entry of one kind, by Ode unless somebody else is named. */
export const entry = <K extends EntryKind>(
  kind: K,
  day: string,
  body: EntryBodies[K],
  over: Partial<RecordEntry> = {},
): RecordEntry => ({ id: `e${++last}`, kind, day, replaces: null, body, by: 'Ode', byId: 'ode', ...over });
export const took = (
  day: string,
  amount: number,
  over: Partial<EntryBodies['take']> & Pick<EntryBodies['take'], 'part'>,
): RecordEntry =>
  entry('take', day, {
    amount,
    measure: 'unit',
    plants: null,
    killed: null,
    quality: null,
    eatenOnTheSpot: false,
    overReason: '',
    ...over,
  });
export const counted = (day: string, plants: number, over: { mature?: number; flowering?: number } = {}): RecordEntry =>
  entry('census', day, { method: 'complete', plants, mature: null, flowering: null, ...over });
export const saidToBe = (status: EntryBodies['identity']['status'], day: string, byId = 'ode'): RecordEntry =>
  entry('identity', day, { status, phase: null, seen: [], leftOpen: [], signs: [], note: '' }, { byId });

interface Made {
  readonly entries?: readonly RecordEntry[];
  readonly rules?: readonly DatedRule[];
  readonly place?: Partial<BookPlace>;
  readonly facts?: Partial<BookPlace['facts']>;
  readonly stand?: Partial<Book['stand']>;
  readonly book?: Partial<Book>;
}

/** A confirmed stand on free ground in the north, without weather and before anything was learned. */
export function bookOf(plant: string, { entries = [], rules = [], place, facts, stand, book }: Made = {}): Book {
  return {
    stand: { id: 's', identity: 'confirmed', madeBy: 'ode', sinceYear: null, restUntil: null, ...stand },
    profile: profileOf(plant),
    plantRevision: 0,
    kin: KIN,
    place: {
      latitudeDeg: 46,
      longitudeDeg: -30,
      heightM: 60,
      facts: {
        aspect: 'flat',
        slopeDeg: 0,
        canopy: 'open',
        leave: 'notNeeded',
        leaveUntil: null,
        leaveDays: null,
        hazards: [],
        ...facts,
      },
      ...place,
    },
    record: recordOf(entries),
    nearby: [],
    rules,
    permits: [],
    weather: null,
    thermometer: null,
    learned: { clocks: () => undefined },
    shore: null,
    today: dayNumber('2026-05-15'),
    ...book,
  };
}

/** Four years of the same weather up to the day of the books: 2 °C in January, 18 °C in July. */
export function evenWeather(): StationWeather {
  const days = Array.from({ length: 1500 }, (_, i) => {
    const day = dayNumber('2022-04-07') + i;
    const mean = 10 - 8 * Math.cos((2 * Math.PI * (day - dayNumber('2000-01-20'))) / 365.25);
    return { day, minC: mean - 4, maxC: mean + 4 };
  });
  const climatology = climatologyOf(days);
  return { series: joinDays(days, climatology)!, climatology, heightM: 60 };
}

const range = (day: string | null) =>
  ({
    p10: day && dayNumber(day) - 4,
    p50: day && dayNumber(day),
    p90: day && dayNumber(day) + 4,
  }) as WindowForecast['opens'];

/** A window that is open from one day to the other, both included, as sure as can be. */
export function windowFrom(
  opens: string | null,
  closes: string | null,
  over: Partial<WindowForecast> = {},
): WindowForecast {
  const firstDay = opens === null ? 0 : dayNumber(opens);
  const days = opens === null ? 0 : (closes === null ? firstDay + 100 : dayNumber(closes)) - firstDay + 1;
  return {
    part: 'tip',
    use: 'cooked',
    season: Number((opens ?? '2026').slice(0, 4)),
    opens: range(opens),
    closes: range(closes),
    separableFrom: undefined,
    apart: [],
    peakShare: 0.3,
    bySize: false,
    wished: null,
    again: false,
    firstDay,
    openShare: new Uint8Array(days).fill(200),
    quality: new Uint8Array(days).fill(160),
    ...over,
  };
}

/** Seasons that were reckoned beforehand: the same windows for each that is not named. */
export function seasonsWith(
  windows: Readonly<Record<number, readonly WindowForecast[]>>,
  over: Partial<Omit<StandSeason, 'windows'>> & Partial<Pick<Seasons, 'frozen'>> = {},
): Seasons & { readonly asked: number[] } {
  const asked: number[] = [];
  const { frozen = () => null, ...rest } = over;
  return {
    asked,
    frozen,
    of: (season) => {
      asked.push(season);
      const own = windows[season] ?? [];
      return {
        forecast: { stages: [], basis: 'weather', yearCount: 12 } as unknown as StandSeason['forecast'],
        windows: own,
        regrown: own.map(() => null),
        ...rest,
      };
    },
  };
}

export const on = (iso: string): DayNumber => dayNumber(iso);
