import { asTold, type KindClock, seenSeasons, type SeenStand } from '../clocks/index.ts';
import { type DayNumber, SEASON_HORIZON_DAYS } from '../measure/index.ts';
import { PRIOR_SCALES, seasonLikeness, type Scales, type SeasonClock, usualOffsets } from '../stages/index.ts';
import { firstDaysOf, type GroupStand, groupStands, onClock } from './group-stands.ts';
import type { StandHistory } from './history.ts';
import {
  added,
  conditioned,
  inverseOf,
  LEAST_WEIGHT,
  type Message,
  middleOf,
  NOTHING,
  spanOf,
  toldBy,
} from './messages.ts';
import { neverComes } from './never.ts';
import { LearnedStand, nothingBeforehand, overStages, type Beforehand, type SeasonField } from './stand-learning.ts';

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
    const never = neverComes(stand.place, seenSeasons(stand, { until, season: season - 1 }));
    const reckoned = (): readonly SeasonClock[] =>
      this.clocksOf(stand).map(({ stages, weights }, k) => ({
        stages,
        weights: weights.map((w, s) => w * (1 - never[s]!)),
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

/** What all stands say together, learned at once. */
export const learnFrom = (stands: readonly SeenStand[], until: DayNumber): GroupLearning =>
  GroupLearning.from(lastOf(groupStands(stands, until)));

function lastOf<T>(steps: Generator<void, T>): T {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
