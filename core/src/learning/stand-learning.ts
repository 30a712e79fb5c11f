import type { DayNumber } from '../measure/index.ts';
import { type StageEffects, PRIOR_SCALES, seasonLikeness, standLikeness, type Scales } from '../stages/index.ts';
import { afterSightings, type Posterior, type StandIns } from './censored.ts';
import type { SeasonSighting, StandHistory } from './history.ts';

/** What the rest of the group says of a stand beforehand; both are jointly normal in the measure of the clocks. */
export interface Beforehand {
  readonly scales: Scales;
  /** The kind's own way at each stage: mean, and covariance S × S. */
  readonly kind: { readonly mean: Float64Array; readonly covariance: Float64Array };
  /** How early or late everything round here is about a season that starts on a day, and how sure that is. */
  readonly season: (firstDay: DayNumber) => SeasonField;
}
/** Means on the days asked for, and their covariances, row by row. */
export type SeasonField = (days: readonly DayNumber[]) => {
  readonly mean: Float64Array;
  readonly covariance: Float64Array;
};

/** Knows nothing but the profile. */
export function nothingBeforehand(usualDays: readonly number[], scales: Scales = PRIOR_SCALES): Beforehand {
  const n = usualDays.length;
  return {
    scales,
    kind: {
      mean: new Float64Array(n),
      covariance: overStages(n, (s, t) => scales.kind * standLikeness(usualDays[s]! - usualDays[t]!)),
    },
    season: () => (days) => ({
      mean: new Float64Array(days.length),
      covariance: overStages(days.length, (s, t) => scales.season * seasonLikeness(days[s]! - days[t]!)),
    }),
  };
}

/** As likely as this, or less, by all other sightings: doubted. */
const DOUBTFUL = 0.003;
/** So many others have to be there to doubt one. */
const LEAST_OTHERS = 3;
/** A bound so many standard deviations off says nothing (one in some two hundred would lie beyond). */
const GOES_WITHOUT_SAYING_SD = 2.6;

/** Mean and variance of a part of what is early or late, and its variance before anything was seen at the stand. */
export interface Part {
  readonly mean: number;
  readonly variance: number;
  readonly before: number;
}

/** Degrees of freedom of what is known of a kind beforehand: one in a few dozen profiles is wrong altogether (an estimate). */
const TAILS = 4;
const MOST_YIELDS = 5;
const WORTH_YIELDING = 1.3;
const FAR_OFF_SD = 3.5;

/** What a stand's own sightings and the rest of the group say together. */
export class LearnedStand {
  readonly posterior: Posterior;
  /** The sightings that say anything: most say of far-off stages only what goes without saying. */
  readonly seen: readonly SeasonSighting[];
  /** By so much the kind may lie further from its profile than was thought, as a variance: 1, or more where it is contradicted. */
  private yielded = 1;
  /** What is of one season, by season. */
  private readonly seasons = new Map<number, { readonly mean: Float64Array; readonly covariance: Float64Array }>();

  /**
   * @param firstDay first day of a season of this stand's plant at its place
   * @param among where it is one of many that are learned together: as it was learned when the others said something else, which
   * saves most of the work
   */
  constructor(
    readonly history: StandHistory,
    readonly beforehand: Beforehand,
    readonly firstDay: (season: number) => DayNumber,
    private readonly among?: { readonly before: LearnedStand | undefined },
  ) {
    if (this.isContradicted()) this.yieldToWhatWasSeen();
    this.seen = this.telling();
    this.posterior = afterSightings(this.expectedOf(this.seen), this.priorOf(this.seen), this.seen, {
      ...this.startFor(this.seen),
      until: this.among ? 'near' : 'close',
    });
  }

  /**
   * A profile that its own sightings contradict is believed the less: a prior with the tails of Student's t, as a normal one whose
   * variance is learned along (expectation maximisation). Nobody is taken to be mistaken until that is settled.
   */
  private yieldToWhatWasSeen(): void {
    for (let step = 0; step < MOST_YIELDS; step++) {
      const seen = this.telling();
      const trusted = afterSightings(this.expectedOf(seen), this.priorOf(seen), seen, { mistakes: 0, until: 'heard' });
      const next = (TAILS + this.strain(seen, trusted)) / (TAILS + 1);
      if (next < WORTH_YIELDING * this.yielded) return;
      this.yielded = next;
    }
  }

  private telling(): readonly SeasonSighting[] {
    return this.history.seen.filter((s) => this.tells(s));
  }

  private expectedOf(seen: readonly SeasonSighting[]): readonly number[] {
    return seen.map((s) => this.expected(s.stage, s.season));
  }

  /** Covariances of what was seen, before it was. */
  private priorOf(seen: readonly SeasonSighting[]): Float64Array {
    return overStages(seen.length, (i, k) => {
      const [a, b] = [seen[i]!, seen[k]!];
      let c = this.standCovariance(a.stage, b.stage);
      if (a.season === b.season) c += this.seasonCovariance(a.season, a.stage, b.stage);
      return i === k ? c + this.ownVariance(a.stage) : c;
    });
  }

  private startFor(seen: readonly SeasonSighting[]): { readonly start?: StandIns } {
    const before = this.among?.before;
    const same = before?.seen.length === seen.length && seen.every((s, i) => s === before.seen[i]);
    return same ? { start: before.posterior.standIns } : {};
  }

  /** Whether anything was seen so far from what is expected that the profile itself may be wrong. */
  private isContradicted(): boolean {
    return this.history.seen.some(({ stage, season, low, high }) => {
      const own = this.ownVariance(stage);
      const sd = Math.sqrt(this.standCovariance(stage, stage) + this.seasonCovariance(season, stage, stage) + own);
      const mean = this.expected(stage, season);
      return low > mean + FAR_OFF_SD * sd || high < mean - FAR_OFF_SD * sd;
    });
  }

  /** How far, squared and in its own variance, the kind has been pulled off what was expected of it, where that is most. */
  private strain(seen: readonly SeasonSighting[], posterior: Posterior): number {
    const n = this.history.usualDays.length;
    const { covariance } = this.beforehand.kind;
    let most = 0;
    for (const stage of new Set(seen.map((s) => s.stage))) {
      const row = seen.map((s) => this.standCovariance(stage, s.stage));
      const before = this.standCovariance(stage, stage);
      const off = posterior.mean(0, row);
      const left = posterior.covariance(before, row, row);
      // Only as far as it has been learned; what nobody saw strains nothing.
      most = Math.max(most, (off * off - (before - left)) / covariance[stage * n + stage]!);
    }
    return Math.max(0, most);
  }

  /** Effects to expect of a season, whether or not it is among those seen. */
  effects(season: number): StageEffects {
    const n = this.history.usualDays.length;
    const rows = Array.from({ length: n }, (_, s) => this.covariances(s, season));
    const mean = Float64Array.from(rows, (row, s) => this.posterior.mean(this.expected(s, season), row));
    const covariance = new Float64Array(n * n);
    for (let s = 0; s < n; s++)
      for (let t = 0; t <= s; t++) {
        const own = s === t ? this.ownVariance(s) : 0;
        const before = this.standCovariance(s, t) + this.seasonCovariance(season, s, t) + own;
        covariance[s * n + t] = covariance[t * n + s] = this.posterior.covariance(before, rows[s]!, rows[t]!);
      }
    return { mean, covariance };
  }

  /** What is lasting at a stage: the kind's way and the stand's. */
  lasting(stage: number): Part {
    const row = this.seen.map((s) => this.standCovariance(stage, s.stage));
    return this.part(this.beforehand.kind.mean[stage]!, this.standCovariance(stage, stage), row);
  }

  /** What is of one season at a stage: round here and at the stand. */
  ofSeason(stage: number, season: number): Part {
    const row = this.seen.map((s) => (s.season === season ? this.seasonCovariance(season, stage, s.stage) : 0));
    return this.part(this.seasonMean(stage, season), this.seasonCovariance(season, stage, stage), row);
  }

  /** What was to be expected of a season at a stage before anything was seen at this stand. */
  seasonMean(stage: number, season: number): number {
    return this.season(season).mean[stage]!;
  }

  /** What is of one season at this stand alone. */
  standSeason(stage: number, season: number): Part {
    const { standSeason } = this.beforehand.scales;
    const usually = this.usually(stage, season);
    const row = this.seen.map((s) =>
      s.season === season ? this.spread(stage, s.stage) * standSeason * seasonLikeness(usually - s.usually) : 0,
    );
    return this.part(0, this.spread(stage, stage) * standSeason, row);
  }

  /** Sightings that the others make very unlikely: worth a second look, by whoever made them. The profile alone doubts nobody. */
  doubtful(): readonly SeasonSighting[] {
    if (this.seen.length <= LEAST_OTHERS) return [];
    return this.seen.filter((_, i) => this.posterior.agreement[i]! < DOUBTFUL);
  }

  /** What was of one sighting alone: the stage's own part. */
  ofStage(index: number): Part {
    const own = this.ownVariance(this.seen[index]!.stage);
    const variance = own - own * own * this.posterior.taken(index);
    return { mean: own * this.posterior.pull[index]!, variance, before: own };
  }

  private tells({ stage, season, low, high }: SeasonSighting): boolean {
    const own = this.ownVariance(stage);
    const variance = this.standCovariance(stage, stage) + this.seasonCovariance(season, stage, stage) + own;
    const mean = this.expected(stage, season);
    const far = GOES_WITHOUT_SAYING_SD * Math.sqrt(variance);
    return low > mean - far || high < mean + far;
  }
  /** By how much more than usual seasons vary at two stages together. */
  private spread(s: number, t: number): number {
    const { spread } = this.history;
    return spread ? Math.sqrt(spread[s]! * spread[t]!) : 1;
  }
  private ownVariance(stage: number): number {
    return this.spread(stage, stage) * this.beforehand.scales.stage;
  }
  private part(mean: number, before: number, row: readonly number[]): Part {
    return {
      mean: this.posterior.mean(mean, row),
      variance: Math.max(1e-9, this.posterior.covariance(before, row, row)),
      before,
    };
  }
  private usually(stage: number, season: number): DayNumber {
    return this.firstDay(season) + this.history.usualDays[stage]!;
  }
  private season(season: number): { readonly mean: Float64Array; readonly covariance: Float64Array } {
    let made = this.seasons.get(season);
    if (made) return made;
    const firstDay = this.firstDay(season);
    const days = this.history.usualDays.map((d) => firstDay + d);
    const { mean, covariance } = this.beforehand.season(firstDay)(days);
    const { standSeason } = this.beforehand.scales;
    made = {
      mean,
      covariance: overStages(
        days.length,
        (s, t) =>
          covariance[s * days.length + t]! + this.spread(s, t) * standSeason * seasonLikeness(days[s]! - days[t]!),
      ),
    };
    this.seasons.set(season, made);
    return made;
  }
  private expected(stage: number, season: number): number {
    return this.beforehand.kind.mean[stage]! + this.seasonMean(stage, season);
  }
  private covariances(stage: number, season: number): Float64Array {
    return Float64Array.from(
      this.seen,
      (s) =>
        this.standCovariance(stage, s.stage) +
        (s.season === season ? this.seasonCovariance(season, stage, s.stage) : 0),
    );
  }
  /** Covariance of what is lasting at two stages: the kind's way, and the stand's. */
  private standCovariance(s: number, t: number): number {
    const { usualDays } = this.history;
    const { kind, scales } = this.beforehand;
    const ofStand = scales.stand * standLikeness(usualDays[s]! - usualDays[t]!);
    return this.yielded * kind.covariance[s * usualDays.length + t]! + ofStand;
  }
  private seasonCovariance(season: number, s: number, t: number): number {
    return this.season(season).covariance[s * this.history.usualDays.length + t]!;
  }
}

/** A symmetric matrix, over the stages or what was seen of them, row by row. */
export function overStages(n: number, of: (s: number, t: number) => number): Float64Array {
  const out = new Float64Array(n * n);
  for (let s = 0; s < n; s++) for (let t = 0; t <= s; t++) out[s * n + t] = out[t * n + s] = of(s, t);
  return out;
}
