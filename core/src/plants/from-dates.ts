// The year of a plant of one's own, from the dates that its people know: stages and windows that visits then learn from.
import { dayOfMonthDay, HALF_YEAR_DAYS, monthDayOf, type Figure, type Text } from '../measure/index.ts';
import { TURN_DAY } from '../stages/index.ts';
import type { PartKey } from './kinds.ts';
import type { PlantProfile, ProfileStage, ProfileWindow } from './profile.ts';

/** From one day of the year to another, both in it, 1–365; over New Year where the first is the later. */
export interface Period {
  readonly from: number;
  readonly to: number;
}
/** Turns of a plant's year that people know by a day. */
export const LANDMARKS = ['leafOut', 'flowering', 'fruitRipe', 'dyingBack'] as const;
export type Landmark = (typeof LANDMARKS)[number];

/** What is known of a plant's year, in days as they are said where it grows. */
export interface KnownDates {
  readonly landmarks: Readonly<Partial<Record<Landmark, number>>>;
  readonly parts: readonly {
    readonly part: PartKey;
    /** What for, in a word. */
    readonly use: string;
    readonly periods: readonly Period[];
  }[];
  /** They are days of the south, where the seasons lie half a year later. */
  readonly south: boolean;
  /** Somebody says where they hold: they are moved to other heights and latitudes. */
  readonly moves: boolean;
  /** First day of its season, where somebody says it; else the season begins where nothing is gathered. */
  readonly start?: number | null;
  /** The same days every year, whatever the weather: no other clock is tried. */
  readonly alone?: boolean;
}
/** A stage that is made of a date: a landmark, an end of one of a part's periods, or, where no date is known, that it is there. */
export type DatedStage =
  | { readonly kind: 'standing' }
  | { readonly kind: 'landmark'; readonly landmark: Landmark }
  | { readonly kind: 'opens' | 'closes'; readonly part: PartKey };

export type DatedYear = Pick<PlantProfile, 'seasonStart' | 'stages' | 'windows'>;

const STANDING = 'standing';
const DAYS = 365;
/** A date that people say lies so many days on either side of the usual one (an estimate). */
const SPREAD_DAYS = 10;
const wrapped = (day: number): number => ((((day - 1) % DAYS) + DAYS) % DAYS) + 1;
/** Profiles are written for the north; the south has its seasons half a year later. */
const north = (day: number, south: boolean): number => (south ? wrapped(day - HALF_YEAR_DAYS) : day);
const asSaid = (day: number, south: boolean): number => (south ? wrapped(day + HALF_YEAR_DAYS) : day);

/**
 * Stages and windows of a plant from known dates: one stage a landmark, two a period, each by the calendar and ten days on either side, in
 * the order of a season that begins where nothing is gathered. Who sees one of them on a visit moves it, as any stage.
 * @param nameOf what a stage is called
 * @returns `null` where the periods leave no day of the year free, so that no season could begin, or not the one that is said
 * @throws RangeError for a day that is no whole number from 1 to 365
 */
export function yearFromDates(dates: KnownDates, nameOf: (stage: DatedStage) => Text): DatedYear | null {
  const { south, moves } = dates;
  const periods = dates.parts.flatMap(({ part, use, periods: of }) =>
    of.map(({ from, to }, i) => ({
      part,
      use,
      n: i + 1,
      from: north(checked(from), south),
      to: north(checked(to), south),
    })),
  );
  const said = dates.start == null ? null : north(checked(dates.start), south);
  const first = firstDayOf(periods, said);
  if (first === null) return null;
  const events: Event[] = [
    ...LANDMARKS.flatMap((landmark) => {
      const day = dates.landmarks[landmark];
      return day === undefined
        ? []
        : [{ key: landmark, day: north(checked(day), south), stage: { kind: 'landmark' as const, landmark } }];
    }),
    ...periods.flatMap(({ part, n, from, to }) => [
      { key: keyOf(part, n, 'Opens'), day: from, stage: { kind: 'opens' as const, part } },
      { key: keyOf(part, n, 'Closes'), day: to, stage: { kind: 'closes' as const, part } },
    ]),
  ];
  if (events.length === 0) events.push({ key: STANDING, day: 1, stage: { kind: 'standing' } });
  const since = (day: number): number => wrapped(day - first + 1);
  let bbch = 0;
  const stages = [...events]
    .sort((a, b) => since(a.day) - since(b.day))
    .map(({ key, day, stage }): ProfileStage => {
      bbch = bbchAt(stage, bbch);
      const direction = !moves ? 'none' : day < TURN_DAY ? 'spring' : 'autumn';
      const model = { kind: 'calendar', direction, ...(dates.alone ? { alone: true } : {}) } as const;
      return { key, name: nameOf(stage), bbch, calendar: usualDay(day), model };
    });
  return { seasonStart: monthDayOf(first), stages, windows: periods.map(windowOf) };
}

interface Event {
  readonly key: string;
  readonly day: number;
  readonly stage: DatedStage;
}
interface Placed extends Period {
  readonly part: PartKey;
  readonly use: string;
  readonly n: number;
}

const keyOf = (part: PartKey, n: number, end: 'Opens' | 'Closes'): string => `${part}${n}${end}`;
const usualDay = (day: number): Figure => ({
  value: day,
  low: day - SPREAD_DAYS,
  high: day + SPREAD_DAYS,
  source: 'estimate',
});
const windowOf = ({ part, use, n }: Placed): ProfileWindow => ({
  part,
  use: n === 1 ? use : `${use} ${n}`,
  opens: { stage: keyOf(part, n, 'Opens'), offsetDays: 0 },
  closes: { stage: keyOf(part, n, 'Closes'), offsetDays: 0 },
  peakShare: 0.4,
  sizeLimit: null,
});

function checked(day: number): number {
  if (!Number.isInteger(day) || day < 1 || day > DAYS)
    throw new RangeError(`${day} is no day of the year from 1 to 365`);
  return day;
}

/**
 * New Year where it lies in no period, else the middle of the longest time without one; `null` where there is none.
 * @param said the day that it is to be, which may be the first of a period and lie within none
 */
function firstDayOf(periods: readonly Period[], said: number | null): number | null {
  const taken = new Uint8Array(DAYS + 1);
  for (const { from, to } of periods)
    for (let d = from; ; d = wrapped(d + 1)) {
      taken[d] = 1;
      if (d === to) break;
    }
  if (said !== null) return taken[said] && !periods.some((p) => p.from === said) ? null : said;
  if (!taken[1]) return 1;
  let best: { readonly start: number; readonly length: number } | null = null;
  for (let start = 1; start <= DAYS; start++) {
    if (taken[start] || !taken[wrapped(start - 1)]) continue;
    let length = 0;
    while (!taken[wrapped(start + length)]) length++;
    if (!best || length > best.length) best = { start, length };
  }
  return best && wrapped(best.start + Math.floor(best.length / 2));
}

const BBCH_OF_LANDMARK: Readonly<Record<Landmark, number>> = { leafOut: 1, flowering: 6, fruitRipe: 8, dyingBack: 9 };
const BBCH_OF_PART: Readonly<Partial<Record<PartKey, number>>> = {
  leaf: 3,
  shoot: 3,
  stalk: 3,
  rosette: 3,
  tip: 3,
  bud: 5,
  flower: 6,
  pollen: 6,
  fruitBody: 6,
  fruit: 8,
  seed: 8,
};
/** The growth stage that a dated stage stands for: of what is dug, tapped or cut in wood the one that was there before. */
function bbchAt(stage: DatedStage, before: number): number {
  if (stage.kind === 'standing') return BBCH_OF_PART.leaf!;
  if (stage.kind === 'landmark') return BBCH_OF_LANDMARK[stage.landmark];
  if (stage.kind === 'opens') return BBCH_OF_PART[stage.part] ?? before;
  // Of a fungus nothing is to be seen between its fruit bodies.
  return stage.part === 'fruitBody' ? 9 : before;
}

const OF_PERIOD = /^([a-zA-Z]+?)(\d+)(Opens|Closes)$/;

/** The dates that a year was made from, to change them; `null` of a year that knows more than dates. */
export function datesOf({
  stages,
  windows,
  reference,
  seasonStart,
}: Pick<PlantProfile, 'stages' | 'windows' | 'reference' | 'seasonStart'>): KnownDates | null {
  const south = reference.latitudeDeg < 0;
  const day = (stage: ProfileStage): number => asSaid(stage.calendar.value, south);
  if (stages.some((s) => s.model.kind !== 'calendar' || !isDated(s.key))) return null;
  const at = (key: string): ProfileStage | undefined => stages.find((s) => s.key === key);
  const parts = new Map<PartKey, KnownDates['parts'][number]>();
  for (const { part, use, opens, closes, separableFrom } of windows) {
    const [from, to] = [at(opens.stage), at(closes.stage)];
    const plain = opens.offsetDays === 0 && closes.offsetDays === 0 && separableFrom === undefined;
    if (!from || !to || !plain || !isDated(opens.stage)) return null;
    const { use: said, periods } = parts.get(part) ?? { use, periods: [] };
    parts.set(part, { part, use: said, periods: [...periods, { from: day(from), to: day(to) }] });
  }
  const landmarks = Object.fromEntries(
    LANDMARKS.flatMap((landmark) => {
      const stage = at(landmark);
      return stage ? [[landmark, day(stage)]] : [];
    }),
  );
  const moves = stages.some((s) => s.model.kind === 'calendar' && s.model.direction !== 'none');
  const dates = { landmarks, parts: [...parts.values()], south, moves };
  const periods = dates.parts.flatMap((p) =>
    p.periods.map(({ from, to }) => ({ from: north(from, south), to: north(to, south) })),
  );
  const first = firstDayOf(periods, null);
  const said = first !== null && monthDayOf(first) === seasonStart ? null : asSaid(dayOfMonthDay(seasonStart), south);
  const alone = stages.some((s) => s.model.kind === 'calendar' && s.model.alone);
  return { ...dates, ...(said === null ? {} : { start: said }), ...(alone ? { alone } : {}) };
}
const isDated = (key: string): boolean =>
  key === STANDING || (LANDMARKS as readonly string[]).includes(key) || OF_PERIOD.test(key);
