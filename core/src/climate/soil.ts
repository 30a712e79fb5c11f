import { type DayNumber, seasonFirstDay, seasonOf } from '../measure/index.ts';
import { buildEnsemble } from './ensemble.ts';
import { siteClimate, type Site } from './site-climate.ts';
import { meansOf } from './sums.ts';
import type { StationWeather } from '../weather/index.ts';

/** Share of the way to the day's air temperature that the soil goes in a day, near 10 cm. */
const LAG = 0.25;
/** Extinction through leaves, by unit of leaf area index. */
const EXTINCTION = 0.45;

/**
 * Temperature of the soil near 10 cm from the air's daily mean: each day it goes a quarter of the way to the air; towards warmer
 * air less, by what the leaves above keep off (Beer–Lambert on leaf area). Snow, which keeps the cold out, is left out: under it
 * the ground freezes later than this says.
 * @param meanC daily means of the air, °C, one a day. @param startC of the soil on the day before. @param leafArea m² of leaves a m², 0 bare
 * @returns °C, one a day; empty for no days
 * Source: Zheng, D., Hunt, E. R. & Running, S. W. (1993), A daily soil temperature model based on air temperature and precipitation
 * for continental applications, Climate Research 2, 183–191.
 * @example soilTemperature([10, 10], { startC: 2, leafArea: 0 }) // 4, 5.5
 */
export function soilTemperature(
  meanC: ArrayLike<number>,
  { startC, leafArea }: { readonly startC: number; readonly leafArea: number },
): Float64Array {
  const towardsWarmth = LAG * Math.exp(-EXTINCTION * leafArea);
  const out = new Float64Array(meanC.length);
  let soil = startC;
  for (let i = 0; i < out.length; i++) {
    const gap = meanC[i]! - soil;
    soil += gap * (gap > 0 ? towardsWarmth : LAG);
    out[i] = soil;
  }
  return out;
}

/** Days on which the ground is likely frozen, both ends included. */
export interface FrozenSpan {
  readonly from: DayNumber;
  readonly to: DayNumber;
}

export interface GroundInput {
  readonly weather: StationWeather | null;
  readonly site: Site;
  readonly leafArea: number;
  readonly day: DayNumber;
  /** Weather after this day counts as unknown. */
  readonly asOf: DayNumber;
}

/** A winter lies within: years of the ground run from midsummer to midsummer. */
const YEAR_START = '07-01';
const FREEZING_C = 0;
const LIKELY = 0.5;
/** A thaw of so few days does not make digging ground. */
const LONGEST_THAW_DAYS = 4;

/**
 * When the ground is frozen in the winter about a day and in the next one, as seen on `asOf`: the air of this year so far,
 * continued by every past year, turned to soil temperatures; frozen is likely where more than half of them are at or below 0 °C.
 * `null` where there is no weather to tell it from.
 */
export function frozenSpans({ weather, site, leafArea, day, asOf }: GroundInput): readonly FrozenSpan[] | null {
  if (!weather?.climatology) return null;
  const { series, climatology, heightM } = weather;
  const season = seasonOf(day, YEAR_START, site.latitudeDeg);
  const likely: DayNumber[] = [];
  let told = false;
  for (const s of [season, season + 1]) {
    const ensemble = buildEnsemble({
      series,
      climatology,
      season: s,
      seasonStart: YEAR_START,
      latitudeDeg: site.latitudeDeg,
      asOf,
      site: siteClimate(heightM, site),
    });
    if (!ensemble) continue;
    told = true;
    const { firstDay, years } = ensemble.station;
    const length = seasonFirstDay(s + 1, YEAR_START, site.latitudeDeg) - firstDay;
    const frozen = new Float64Array(length);
    years.forEach((_, m) => {
      const mean = meansOf(ensemble, m);
      // At midsummer the soil is near the air: where it starts is forgotten long before winter.
      const soil = soilTemperature(mean, { startC: mean[0]!, leafArea });
      for (let i = 0; i < length; i++) if (soil[i]! <= FREEZING_C) frozen[i]! += 1;
    });
    for (let i = 0; i < length; i++) if (frozen[i]! > LIKELY * years.length) likely.push(firstDay + i);
  }
  return told ? joined(likely) : null;
}

function joined(days: readonly DayNumber[]): readonly FrozenSpan[] {
  const spans: { from: DayNumber; to: DayNumber }[] = [];
  for (const day of days) {
    const last = spans.at(-1);
    if (last && day - last.to <= LONGEST_THAW_DAYS + 1) last.to = day;
    else spans.push({ from: day, to: day });
  }
  return spans;
}

/** Somebody tried the ground on a day. */
export interface GroundWord {
  readonly day: DayNumber;
  readonly frozen: boolean;
}
/** A spade's word holds for so long, against the reckoning. */
const WORD_HOLDS_DAYS = 7;

export interface Ground {
  readonly frozen: boolean;
  /** First day on which it is likely open again; `null` while it is open, or where nobody can say. */
  readonly openFrom: DayNumber | null;
  /** First day on which it is likely frozen next; `null` while it is frozen, or where it does not freeze. */
  readonly frozenFrom: DayNumber | null;
}

/**
 * The ground on a day, by the reckoning and by whoever tried it last. @returns `null` where neither says anything.
 */
export function groundOn(
  spans: readonly FrozenSpan[] | null,
  words: readonly GroundWord[],
  day: DayNumber,
): Ground | null {
  const word = words
    .filter((w) => w.day <= day && day - w.day <= WORD_HOLDS_DAYS)
    .reduce<GroundWord | null>((last, w) => (last === null || w.day >= last.day ? w : last), null);
  if (spans === null && word === null) return null;
  const span = spans?.find((s) => s.from <= day && day <= s.to) ?? null;
  const frozen = word ? word.frozen : span !== null;
  if (frozen) return { frozen, openFrom: span ? span.to + 1 : null, frozenFrom: null };
  // Told to be open within a frozen span: it may close again when the word runs out.
  const next = spans?.find((s) => s.to > day && s !== span) ?? null;
  return { frozen, openFrom: null, frozenFrom: next?.from ?? null };
}
