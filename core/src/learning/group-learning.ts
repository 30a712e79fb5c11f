import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import { type DayNumber, SEASON_HORIZON_DAYS, seasonFirstDay } from '../measure/index.ts';
import { PRIOR_SCALES, seasonLikeness, type Scales, type SeasonClock, usualOffsets } from '../stages/index.ts';
import { LearnedStand, nothingBeforehand, overStages, type Beforehand, type SeasonField } from './stand-learning.ts';
import { asTold, kindClocks, type KindClock, type SeenStand } from '../clocks/index.ts';
import { historyOf, type StandHistory } from './history.ts';

/** A stand as the group learns from it: what was seen of it on each of its kind's clocks, and the first days of its seasons. */
export interface GroupStand {
  readonly clocks: readonly KindClock[];
  /** By clock. */
  readonly histories: readonly StandHistory[];
  readonly firstDayOf: (season: number) => DayNumber;
}

/** What one stand tells the others: weighted means, by the stages of its kind under each of its clocks, and by spans of time. */
interface Told {
  /** Stages that were seen to have come. */
  readonly sightings: number;
  readonly kind: readonly (readonly Message[])[];
  readonly spans: ReadonlyMap<number, Message>;
}
/** What is known of a kind: the clocks that it goes by, and what all of its stands say under each. */
interface Kind {
  readonly clocks: readonly KindClock[];
  readonly told: readonly (readonly Message[])[];
  /** Stages that were seen to have come. */
  readonly sightings: number;
}
/** A stand as one of its kind's clocks has it. */
interface Clocked {
  readonly clocks: readonly KindClock[];
  readonly clock: number;
  readonly learned: LearnedStand;
}
interface Message {
  /** Precision, and precision times value. */
  readonly weight: number;
  readonly sum: number;
}

/** Season effects are told by spans of about a month. */
const SPAN_DAYS = 30;
const spanOf = (day: DayNumber): number => Math.floor(day / SPAN_DAYS);
const middleOf = (span: number): DayNumber => (span + 0.5) * SPAN_DAYS;
const NOTHING: Message = { weight: 0, sum: 0 };
const LEAST_WEIGHT = 1e-6;
/** A stand whose word weighs less than this share need not be taken out of what all say. */
const LOST_SHARE = 0.03;

/** Rounds of stands hearing from each other; after two little changes. */
const ROUNDS = 2;
/** So many sightings the scales' estimates are worth beforehand. */
const SCALES_WORTH = 40;

/**
 * What all stands of a group say together: how the kinds behave round here, how the seasons were, and how much kinds, stands
 * and seasons differ at all. Held for the group; a stand asks it for what the *others* say (partial pooling), so that its own
 * sightings are not counted twice.
 */
export class GroupLearning {
  private constructor(
    readonly scales: Scales,
    private readonly told: ReadonlyMap<string, Told>,
    private readonly kinds: ReadonlyMap<string, Kind>,
    private readonly spans: ReadonlyMap<number, Message>,
  ) {}
  private readonly fields = new Map<DayNumber, SeasonField>();
  private readonly unseen = new Map<string, readonly SeasonClock[]>();

  static readonly nothing = new GroupLearning(PRIOR_SCALES, new Map(), new Map(), new Map());

  /** Cost: rounds × stands × clocks × sweeps × sightings³. */
  static from(stands: readonly GroupStand[]): GroupLearning {
    return lastOf(GroupLearning.steps(stands));
  }

  /** The same a stand at a time, for whoever has others to serve in between. */
  static *steps(stands: readonly GroupStand[]): Generator<void, GroupLearning> {
    let now = GroupLearning.nothing;
    const before = new Map<StandHistory, LearnedStand>();
    for (let round = 0; round < ROUNDS; round++) {
      const learned: Clocked[] = [];
      for (const { clocks, histories, firstDayOf } of stands)
        for (const [clock, history] of histories.entries()) {
          if (history.seen.length === 0) continue;
          const stand = new LearnedStand(history, now.beforehand(history, clock), firstDayOf, {
            before: before.get(history),
          });
          before.set(history, stand);
          learned.push({ clocks, clock, learned: stand });
          yield;
        }
      now = GroupLearning.together(learned, scalesFrom(learned, now.scales));
    }
    return now;
  }

  private static together(stands: readonly Clocked[], scales: Scales): GroupLearning {
    const told = new Map<string, Told>();
    const kinds = new Map<string, Kind>();
    const spans = new Map<number, Message>();
    for (const { clocks, clock, learned } of stands) {
      const { standId, plantKey, usualDays } = learned.history;
      const { weights } = clocks[clock]!;
      const weight = weights.reduce((sum, w) => sum + w, 0) / weights.length;
      const mine = toldBy(learned, scales);
      const of = kinds.get(plantKey) ?? { clocks, told: clocks.map(() => usualDays.map(() => NOTHING)), sightings: 0 };
      const before = told.get(standId);
      const ownSpans = new Map(before?.spans);
      for (const [span, said] of mine.spans) {
        const message = { weight: weight * said.weight, sum: weight * said.sum };
        ownSpans.set(span, added(ownSpans.get(span) ?? NOTHING, message));
        spans.set(span, added(spans.get(span) ?? NOTHING, message));
      }
      const kind = clocks.map((_, k) => (k === clock ? mine.kind : (before?.kind[k] ?? [])));
      told.set(standId, { sightings: mine.sightings, kind, spans: ownSpans });
      kinds.set(plantKey, {
        clocks,
        told: of.told.map((sums, k) => (k === clock ? sums.map((m, s) => added(m, mine.kind[s] ?? NOTHING)) : sums)),
        sightings: of.sightings + (before ? 0 : mine.sightings),
      });
    }
    return new GroupLearning(scales, told, kinds, spans);
  }

  /** What the other stands say of this one beforehand, under one of its kind's clocks. */
  beforehand(history: Pick<StandHistory, 'standId' | 'plantKey' | 'usualDays'>, clock = 0): Beforehand {
    const mine = this.told.get(history.standId);
    const { scales } = this;
    const profile = nothingBeforehand(history.usualDays, scales);
    const all = this.kinds.get(history.plantKey)?.told[clock] ?? [];
    const others = all.map((m, s) => added(m, mine?.kind[clock]?.[s] ?? NOTHING, -1));
    const usable = others.length === history.usualDays.length && others.some((m) => m.weight > LEAST_WEIGHT);
    return {
      scales,
      kind: usable ? conditioned(profile.kind, others) : profile.kind,
      season: (firstDay) => this.field(firstDay, mine),
    };
  }

  /** The clocks that a kind goes by, heaviest first. */
  clocksOf({ plantKey, place }: Pick<SeenStand, 'plantKey' | 'place'>): readonly KindClock[] {
    const { clocks } = this.kinds.get(plantKey) ?? { clocks: [] };
    return clocks.length > 0 ? clocks : [asTold(place.stages)];
  }

  /** A stand as the heaviest of its kind's clocks has it. */
  standOf(stand: SeenStand, known: { readonly until: DayNumber; readonly season?: number }, clock = 0): LearnedStand {
    const history = onClock(stand, this.clocksOf(stand)[clock]!, known);
    return new LearnedStand(history, this.beforehand(history, clock), firstDaysOf(stand));
  }

  /**
   * What to expect of a season of a stand, under each of its kind's clocks. Of stands that nobody has seen anything of, all of a
   * kind whose stages usually come on the same days are alike.
   */
  expects(stand: SeenStand, season: number, until: DayNumber): readonly SeasonClock[] {
    const reckoned = (): readonly SeasonClock[] =>
      this.clocksOf(stand).map(({ stages, weights }, k) => ({
        stages,
        weights,
        effects: this.standOf(stand, { until, season: season - 1 }, k).effects(season),
      }));
    if (stand.sightings.length > 0 || this.told.has(stand.standId)) return reckoned();
    const usual = usualOffsets(stand.place, season);
    const key = `${stand.plantKey}:${usual.join()}:${firstDaysOf(stand)(season)}`;
    let made = this.unseen.get(key);
    if (!made) this.unseen.set(key, (made = reckoned()));
    return made;
  }

  /** How many sightings of its kind at other stands a stand's dates were learned from. */
  heardElsewhere({ standId, plantKey }: Pick<StandHistory, 'standId' | 'plantKey'>): number {
    return (this.kinds.get(plantKey)?.sightings ?? 0) - (this.told.get(standId)?.sightings ?? 0);
  }

  /** Where a stand's own word is lost among those of the others, all may share one field. */
  private field(firstDay: DayNumber, mine: Told | undefined): SeasonField {
    const small = [...(mine?.spans ?? [])].every(([span, m]) => m.weight < LOST_SHARE * this.spans.get(span)!.weight);
    if (!small) return this.fieldWithout(firstDay, mine);
    let field = this.fields.get(firstDay);
    if (!field) this.fields.set(firstDay, (field = this.fieldWithout(firstDay, undefined)));
    return field;
  }

  private fieldWithout(firstDay: DayNumber, mine: Told | undefined): SeasonField {
    const { season } = this.scales;
    const spans: number[] = [];
    const messages: Message[] = [];
    for (let span = spanOf(firstDay) - 1; span <= spanOf(firstDay + SEASON_HORIZON_DAYS); span++) {
      const message = added(this.spans.get(span) ?? NOTHING, mine?.spans.get(span) ?? NOTHING, -1);
      if (message.weight <= LEAST_WEIGHT) continue;
      spans.push(span);
      messages.push(message);
    }
    const prior = (a: number, b: number): number => season * seasonLikeness(a - b);
    const known = spans.map(middleOf);
    const inverse = inverseOf(
      known.length,
      (i, k) => prior(known[i]!, known[k]!) + (i === k ? 1 / messages[i]!.weight : 0),
    );
    const values = messages.map((m) => m.sum / m.weight);
    const pull = known.map((_, i) => values.reduce((sum, v, k) => sum + inverse[i * known.length + k]! * v, 0));
    return (days) => {
      const near = days.map((day) => known.map((k) => prior(day, k)));
      const taken = near.map((row) =>
        known.map((_, k) => row.reduce((sum, c, i) => sum + c * inverse[i * known.length + k]!, 0)),
      );
      return {
        mean: Float64Array.from(near, (row) => row.reduce((sum, c, i) => sum + c * pull[i]!, 0)),
        covariance: overStages(
          days.length,
          (s, t) => prior(days[s]!, days[t]!) - taken[s]!.reduce((sum, v, k) => sum + v * near[t]![k]!, 0),
        ),
      };
    };
  }
}

/** Inverse of a symmetric positive definite matrix, row by row. */
function inverseOf(n: number, of: (i: number, k: number) => number): Float64Array {
  const matrix = Matrix.zeros(n, n);
  for (let i = 0; i < n; i++) for (let k = 0; k <= i; k++) matrix.set(i, k, matrix.set(k, i, of(i, k)).get(k, i));
  return n === 0
    ? new Float64Array(0)
    : Float64Array.from(new CholeskyDecomposition(matrix).solve(Matrix.eye(n)).to1DArray());
}

const added = (a: Message, b: Message, sign: 1 | -1 = 1): Message => ({
  weight: Math.max(0, a.weight + sign * b.weight),
  sum: a.sum + sign * b.sum,
});

/**
 * What a stand's own sightings say of a part of what is early or late: its posterior, with what was known beforehand taken out,
 * and `spread` (how far the part at one stand lies from that of all) added to the variance.
 */
function message(
  { mean, variance, before }: { readonly mean: number; readonly variance: number; readonly before: number },
  beforeMean: number,
  spread: number,
): Message {
  const precision = 1 / variance - 1 / before;
  if (!(precision > LEAST_WEIGHT)) return NOTHING;
  const value = (mean / variance - beforeMean / before) / precision;
  const weight = 1 / (1 / precision + spread);
  return { weight, sum: weight * value };
}

/** Stages of a stand that were seen to have come, season by season. */
export const cameBy = ({ seen }: Pick<StandHistory, 'seen'>): number => seen.filter((s) => s.by !== null).length;

function toldBy(
  stand: LearnedStand,
  scales: Scales,
): Pick<Told, 'sightings' | 'spans'> & { readonly kind: readonly Message[] } {
  const { history, beforehand } = stand;
  const kind = history.usualDays.map((_, s) =>
    stand.seen.some((o) => o.stage === s) ? message(stand.lasting(s), beforehand.kind.mean[s]!, scales.stand) : NOTHING,
  );
  const spans = new Map<number, Message>();
  // Of each season and span the stage that says most: the others of the same stand say the same once more.
  for (const { stage, season, usually } of stand.seen) {
    const one = message(stand.ofSeason(stage, season), stand.seasonMean(stage, season), scales.standSeason);
    const span = spanOf(usually);
    if (one.weight > (spans.get(span)?.weight ?? 0)) spans.set(span, one);
  }
  return { sightings: cameBy(history), kind, spans };
}

/** The kind's way after what others tell of its stages. */
function conditioned(prior: Beforehand['kind'], messages: readonly Message[]): Beforehand['kind'] {
  const n = messages.length;
  const known = messages.flatMap((m, s) => (m.weight > LEAST_WEIGHT ? [s] : []));
  const c = (s: number, t: number): number => prior.covariance[s * n + t]!;
  const inverse = inverseOf(
    known.length,
    (i, k) => c(known[i]!, known[k]!) + (i === k ? 1 / messages[known[i]!]!.weight : 0),
  );
  const values = known.map((s) => messages[s]!.sum / messages[s]!.weight - prior.mean[s]!);
  const pull = known.map((_, i) => values.reduce((sum, v, k) => sum + inverse[i * known.length + k]! * v, 0));
  const covariance = overStages(n, (s, t) => {
    let left = c(s, t);
    known.forEach((i, a) => known.forEach((k, b) => (left -= c(s, i) * inverse[a * known.length + b]! * c(t, k))));
    return left;
  });
  return { mean: prior.mean.map((m, s) => m + known.reduce((sum, t, i) => sum + c(s, t) * pull[i]!, 0)), covariance };
}

/** Scales by what was seen: the mean square of each part (one step of expectation maximisation), held by the estimates. */
function scalesFrom(stands: readonly Clocked[], now: Scales): Scales {
  const sums = { standSeason: 0, stage: 0 };
  let count = 0;
  for (const { learned, clocks, clock } of stands) {
    const { weights, spread } = clocks[clock]!;
    learned.seen.forEach((s, i) => {
      const own = learned.ofStage(i);
      const season = learned.standSeason(s.stage, s.season);
      // In units of what its kind and clock make of it.
      const weight = weights[s.stage]!;
      const share = weight / spread[s.stage]!;
      sums.stage += share * (own.mean ** 2 + own.variance);
      sums.standSeason += share * (season.mean ** 2 + season.variance);
      count += weight;
    });
  }
  const scaled = (key: 'standSeason' | 'stage'): number =>
    (sums[key] + SCALES_WORTH * PRIOR_SCALES[key]) / (count + SCALES_WORTH);
  return { ...now, standSeason: scaled('standSeason'), stage: scaled('stage') };
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

/** What all stands say together, learned at once. */
export const learnFrom = (stands: readonly SeenStand[], until: DayNumber): GroupLearning =>
  GroupLearning.from(lastOf(groupStands(stands, until)));

function lastOf<T>(steps: Generator<void, T>): T {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

/** A stand's sightings on one of its kind's clocks. */
const onClock = (
  stand: SeenStand,
  { stages, spread }: KindClock,
  known: { readonly until: DayNumber; readonly season?: number },
): StandHistory => ({ ...historyOf({ ...stand, place: { ...stand.place, stages } }, known), spread });

const firstDaysOf =
  ({ place: { seasonStart, site } }: SeenStand) =>
  (season: number): DayNumber =>
    seasonFirstDay(season, seasonStart, site.latitudeDeg);
