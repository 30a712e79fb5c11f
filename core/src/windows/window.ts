import { type DayNumber, dayRange, type DayRange, SEASON_HORIZON_DAYS } from '../measure/index.ts';
import { drawsFor, type SeasonForecast } from '../stages/index.ts';
import { againMark, lengthMark, type LengthWish, type Regrowth, type WindowEdge } from '../growth/index.ts';
import { NO_SHIFT, type EdgeShift } from './window-evidence.ts';

export interface WindowSpec {
  readonly part: string;
  readonly use: string;
  readonly opens: WindowEdge;
  readonly closes: WindowEdge;
  /** Where within the window the part is best, 0 at its opening, 1 at its closing. */
  readonly peakShare: number;
  /** From this stage on the look-alikes can be told apart, or `never` while it is open. Absent: at any time. */
  readonly separableFrom?: string;
  readonly regrowth?: Regrowth;
}

export interface WindowForecast {
  readonly part: string;
  readonly use: string;
  readonly season: number;
  readonly opens: DayRange;
  readonly closes: DayRange;
  /** The stage from which all of them can be told apart, as its profile has it. */
  readonly separableFrom: string | undefined;
  /** Days of the stages from which on look-alikes can be told apart. */
  readonly apart: readonly { readonly stage: string; readonly day: DayRange }[];
  readonly peakShare: number;
  /** Its edges are those of a measured length. */
  readonly bySize: boolean;
  /** It is what comes again after a cut. */
  readonly again: boolean;
  /** Where lengths of one's own are wanted: when the part reaches the one and passes the other; `null` of one that was not asked, or without weather. */
  readonly wished: WishedDates | null;
  /**
   * Day of the first of `openShare`, probability that the window is open, and of `quality`, quality to expect of the part while
   * it is; both by day, in two hundredths: thousands of windows are held. See `openOn` and `expectedQualityOn`.
   */
  readonly firstDay: DayNumber;
  readonly openShare: Uint8Array;
  readonly quality: Uint8Array;
}

interface WishedDates extends LengthWish {
  readonly reaches: DayRange | null;
  readonly passes: DayRange | null;
}

/** What a stand's own takes say of its window; see `edgeShifts`. */
export interface WindowShifts {
  readonly opens: EdgeShift;
  readonly closes: EdgeShift;
}
const UNMOVED: WindowShifts = { opens: NO_SHIFT, closes: NO_SHIFT };
interface WindowFacts {
  readonly shifts?: WindowShifts;
  /** Stages whose days are asked for. */
  readonly apartStages?: readonly string[];
  /** Lengths of one's own: within the window they narrow it, and never widen it. */
  readonly wish?: LengthWish | null;
}

/**
 * When a part of the stand is worth taking, from the dates of its stages, and of its lengths where they are forecast. A window
 * never closes before it opens; it closes when the part is too long or its stage comes, whichever is first.
 * @throws RangeError when it names a stage the forecast does not have.
 */
export function forecastWindow(
  spec: WindowSpec,
  forecast: SeasonForecast,
  { shifts = UNMOVED, apartStages = [], wish = null }: WindowFacts = {},
): WindowForecast {
  const opensBySize = forecast.marks.get(lengthMark(spec.part, spec.opens.lengthCm));
  const closesBySize = forecast.marks.get(lengthMark(spec.part, spec.closes.lengthCm));
  // A curve of growth never is quite at nothing: no length is looked for before the stage that comes before its own.
  const opens = moved(
    opensBySize ? later(opensBySize, stageBefore(spec.opens.stage, forecast)) : edgeDates(spec.opens, forecast),
    shifts.opens,
    0,
  );
  const stage = edgeDates(spec.closes, forecast);
  const closes = moved(closesBySize ? earlier(closesBySize, stage) : stage, shifts.closes, 1);
  const wished = wish && wishedDates(spec, forecast, wish);
  if (wished) narrow(opens, closes, wished);
  const { weight, firstDay } = forecast;
  const rangeOf = (dates: Float64Array | null): DayRange | null => dates && dayRange(dates, weight, firstDay);
  return windowOf(spec, forecast, {
    opens,
    closes,
    bySize: Boolean(opensBySize ?? closesBySize),
    again: false,
    wished: wished && { ...wish, reaches: rangeOf(wished.reaches), passes: rangeOf(wished.passes) },
    apartStages,
  });
}

interface WishedDraws {
  readonly reaches: Float64Array | null;
  readonly passes: Float64Array | null;
}

function wishedDates(spec: WindowSpec, forecast: SeasonForecast, { fromCm, toCm }: LengthWish): WishedDraws {
  const before = stageBefore(spec.opens.stage, forecast);
  const when = (cm: number | null): Float64Array | null => {
    const mark = cm === null ? undefined : forecast.marks.get(lengthMark(spec.part, cm));
    return mark ? later(mark, before) : null;
  };
  return { reaches: when(fromCm), passes: when(toCm) };
}

/** The window keeps the days on which the part has a length that is wanted; where it has none on any of them, it does not open. */
function narrow(opens: Float64Array, closes: Float64Array, { reaches, passes }: WishedDraws): void {
  for (let j = 0; j < opens.length; j++) {
    const from = Math.max(opens[j]!, reaches?.[j] ?? -Infinity);
    const to = Math.min(closes[j]!, passes?.[j] ?? Infinity);
    if (from > to && closes[j]! >= opens[j]!) opens[j] = closes[j] = Infinity;
    else [opens[j], closes[j]] = [from, to];
  }
}

/** The window that opens again after the cut that the forecast was made with; `null` where the part does not, or nobody cut. */
export function forecastRegrowth(
  spec: WindowSpec,
  forecast: SeasonForecast,
  { apartStages = [] }: Pick<WindowFacts, 'apartStages'> = {},
): WindowForecast | null {
  const opens = forecast.marks.get(againMark(spec.part, 'opens'));
  const closes = forecast.marks.get(againMark(spec.part, 'closes'));
  if (!spec.regrowth || !opens || !closes) return null;
  const until = edgeDates(spec.regrowth.until, forecast);
  return windowOf(spec, forecast, {
    // What has not come again by its end comes no more.
    opens: opens.map((d, j) => (d > until[j]! ? Infinity : d)),
    closes: earlier(closes, until),
    bySize: false,
    again: true,
    wished: null,
    apartStages,
  });
}

interface Edges {
  readonly opens: Float64Array;
  readonly closes: Float64Array;
  readonly bySize: boolean;
  readonly again: boolean;
  readonly wished: WishedDates | null;
  readonly apartStages: readonly string[];
}

function windowOf(
  spec: WindowSpec,
  forecast: SeasonForecast,
  { opens, closes, bySize, again, wished, apartStages }: Edges,
): WindowForecast {
  const { weight, firstDay } = forecast;
  for (let j = 0; j < opens.length; j++) if (closes[j]! < opens[j]!) closes[j] = opens[j]!;
  const { first, openShare, quality } = byDay({ opens, closes, weight, peakShare: spec.peakShare });
  return {
    part: spec.part,
    use: spec.use,
    season: forecast.season,
    opens: dayRange(opens, weight, firstDay),
    closes: dayRange(closes, weight, firstDay),
    separableFrom: spec.separableFrom,
    apart: apartStages.map((stage) => ({
      stage,
      day: dayRange(edgeDates({ stage, offsetDays: 0 }, forecast), weight, firstDay),
    })),
    peakShare: spec.peakShare,
    bySize,
    again,
    wished,
    firstDay: firstDay + first,
    openShare,
    quality,
  };
}

interface Drawn extends Pick<Edges, 'opens' | 'closes'> {
  readonly weight: Float64Array;
  readonly peakShare: number;
}

/** From the first day on which any draw is open to the last: how likely it is open, and how good the part is then, in two hundredths. */
function byDay({ opens, closes, weight, peakShare }: Drawn): {
  readonly first: number;
  readonly openShare: Uint8Array;
  readonly quality: Uint8Array;
} {
  const open = new Float64Array(SEASON_HORIZON_DAYS + 1);
  const good = new QualitySum(peakShare);
  let total = 0;
  let [first, last] = [SEASON_HORIZON_DAYS, -1];
  for (let j = 0; j < opens.length; j++) {
    const [from, to, w] = [opens[j]!, closes[j]!, weight[j]!];
    total += w;
    if (from >= SEASON_HORIZON_DAYS || to < 0) continue;
    const [begin, end] = [Math.max(0, from), Math.min(to, SEASON_HORIZON_DAYS - 1)];
    open[begin]! += w;
    open[end + 1]! -= w;
    good.add(from, to, w);
    if (w > 0) [first, last] = [Math.min(first, begin), Math.max(last, end)];
  }
  for (let i = 1; i < open.length; i++) open[i]! += open[i - 1]!;
  const sums = good.sums();
  const length = Math.max(0, last - first + 1);
  const openShare = new Uint8Array(length);
  const quality = new Uint8Array(length);
  for (let i = 0; i < length; i++) {
    const weighs = open[first + i]!;
    openShare[i] = Math.round(PER_ONE * Math.min(1, weighs / total));
    if (weighs > ROUNDING * total) quality[i] = Math.round((PER_ONE * sums[first + i]!) / weighs);
  }
  return { first: length > 0 ? first : 0, openShare, quality };
}

const PER_ONE = 200;
/** What was added and taken away again leaves a trace of rounding behind. */
const ROUNDING = 1e-9;

/**
 * The quality of many windows summed up by day without walking through each: half at both ends, 1 at the peak, straight between
 * (see `qualityOn`), so that each is two straight lines, and lines add up by their two numbers.
 */
class QualitySum {
  private readonly level = new Float64Array(SEASON_HORIZON_DAYS + 1);
  private readonly slope = new Float64Array(SEASON_HORIZON_DAYS + 1);

  constructor(private readonly peakShare: number) {}

  add(from: number, to: number, weight: number): void {
    const length = to - from;
    if (!Number.isFinite(length) || length <= 0) return this.line(from, to, weight, 1, 0);
    const peak = from + this.peakShare * length;
    const turn = Math.floor(peak);
    const [up, down] = [0.5 / (this.peakShare * length), -0.5 / ((1 - this.peakShare) * length)];
    if (this.peakShare > 0) this.line(from, turn, weight, 0.5 - up * from, up);
    else this.line(from, turn, weight, 1, 0);
    if (this.peakShare < 1) this.line(turn + 1, to, weight, 1 - down * peak, down);
  }

  /** level + slope × day, on the days from one to another. */
  private line(from: number, to: number, weight: number, level: number, slope: number): void {
    const begin = Math.max(0, from);
    const after = Math.min(to, SEASON_HORIZON_DAYS - 1) + 1;
    if (after <= begin) return;
    this.level[begin]! += weight * level;
    this.level[after]! -= weight * level;
    this.slope[begin]! += weight * slope;
    this.slope[after]! -= weight * slope;
  }

  sums(): Float64Array {
    let [level, slope] = [0, 0];
    return this.level.map((l, i) => (level += l) + (slope += this.slope[i]!) * i);
  }
}

function edgeDates(edge: WindowEdge, forecast: SeasonForecast): Float64Array {
  const stage = forecast.stages.find((s) => s.key === edge.stage);
  if (!stage) throw new RangeError(`no stage ${edge.stage}`);
  return stage.dates.map((d) => d + edge.offsetDays);
}

function stageBefore(key: string, { stages }: SeasonForecast): Float64Array {
  const at = stages.findIndex((s) => s.key === key);
  if (at < 0) throw new RangeError(`no stage ${key}`);
  return stages[Math.max(0, at - 1)]!.dates;
}

const later = (a: Float64Array, b: Float64Array): Float64Array => a.map((d, j) => Math.max(d, b[j]!));
const earlier = (a: Float64Array, b: Float64Array): Float64Array => a.map((d, j) => Math.min(d, b[j]!));

/** Dates moved by what the stand's takes say, each draw by its own of what is not sure about it. */
function moved(dates: Float64Array, { meanDays, sdDays }: EdgeShift, edge: 0 | 1): Float64Array {
  if (meanDays === 0 && sdDays === 0) return dates.slice();
  // The last of many: they run together with none of the stages'.
  const z = drawsFor(dates.length, MOST_DRAWN).own[MOST_DRAWN - 1 - edge]!;
  return dates.map((d, j) => Math.round(d + meanDays + sdDays * z[j]!));
}
const MOST_DRAWN = 24;

/** Probability that the window is open on a day; 0 outside the season's horizon. */
export const openOn = (window: WindowForecast, day: DayNumber): number => at(window.openShare, window, day);

/** Quality to expect of the part on a day if its window is open then, 0.5 to 1; 0 where it never is. */
export const expectedQualityOn = (window: WindowForecast, day: DayNumber): number => at(window.quality, window, day);

const at = (values: Uint8Array, { firstDay }: WindowForecast, day: DayNumber): number =>
  (values[day - firstDay] ?? 0) / PER_ONE;
