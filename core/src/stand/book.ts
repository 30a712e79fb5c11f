// The book of a stand: plain data from which everything is answered that a day says of it.
import type { HouseRule } from '../allowance/index.ts';
import type { SiteReading } from '../climate/index.ts';
import type { IdentityStatus } from '../identity/index.ts';
import type { SeenStand } from '../clocks/index.ts';
import { isoDay, seasonFirstDay, seasonOf, type DayNumber, type IsoDay } from '../measure/index.ts';
import type { PlantProfile } from '../plants/index.ts';
import type { SeasonClock } from '../stages/index.ts';
import type { Shore } from '../tide/index.ts';
import type { StationWeather } from '../weather/index.ts';
import type { WindowShifts } from '../windows/index.ts';
import type { Nearby } from './nearby.ts';
import type { SharedPermit } from './permits.ts';
import type { PatchFacts } from './place.ts';
import type { StandRecord } from './record.ts';

/** A place as far as answers about its stands go. */
export interface BookPlace {
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  readonly heightM: number;
  readonly facts: Pick<
    PatchFacts,
    'aspect' | 'slopeDeg' | 'canopy' | 'leave' | 'leaveUntil' | 'leaveDays' | 'hazards' | 'tended'
  >;
}

/** A rule of the house with the days on which it is in force: from `since` on, before `until`. */
export interface DatedRule {
  readonly rule: HouseRule;
  readonly since: IsoDay;
  readonly until: IsoDay | null;
  /** Why, in the words of whoever set it. */
  readonly reason?: string;
}

/** What the group's sightings of seasons before say of a stand. */
export interface Learned {
  /** The ways in which a season is dated, by what was learned before; `undefined`: the profile's stages and spread alone. */
  readonly clocks: (seen: SeenStand, season: number, today: DayNumber) => readonly SeasonClock[] | undefined;
  /** By window: how far its edges lie off its stages, where that was reckoned elsewhere already. */
  readonly shifts?: readonly WindowShifts[];
}

export interface Book {
  readonly stand: {
    readonly id: string;
    /** As it was entered, before anybody confirmed or doubted it. */
    readonly identity: IdentityStatus;
    readonly madeBy: string;
    /** Year in which the oldest plants are known to have been here; `null` when nobody said. */
    readonly sinceYear: number | null;
    readonly restUntil: IsoDay | null;
  };
  readonly profile: PlantProfile;
  /** Revision of the profile, 0 for a shipped one: what is learned of one holds for no other. */
  readonly plantRevision: number;
  /** Profiles by genus and species, to find look-alikes by. */
  readonly kin: ReadonlyMap<string, PlantProfile>;
  readonly place: BookPlace;
  readonly record: StandRecord;
  /** Dangerous plants seen in its place or close by, and searches of the whole place. */
  readonly nearby: readonly Nearby[];
  readonly rules: readonly DatedRule[];
  /** Those that are for the stand. */
  readonly permits: readonly SharedPermit[];
  readonly weather: StationWeather | null;
  /** What a thermometer that hangs at the place said of it. */
  readonly thermometer: SiteReading | null;
  readonly learned: Learned;
  /** Of a place that the tide covers. */
  readonly shore: Shore | null;
  /** The day of knowledge: nothing after it is known. */
  readonly today: DayNumber;
}

/** What season-long answers hang on: also of a plant at a place where nobody has seen it yet. */
export type SeasonBook = Pick<
  Book,
  'profile' | 'plantRevision' | 'place' | 'weather' | 'thermometer' | 'learned' | 'today'
> & {
  readonly stand: Pick<Book['stand'], 'id'>;
  readonly record: Pick<StandRecord, 'sightings' | 'takes' | 'measured' | 'wishes' | 'cuts'>;
};

/** The season in which a stand is on a day. */
export const seasonNow = ({ profile, place }: Pick<Book, 'profile' | 'place'>, day: DayNumber): number =>
  seasonOf(day, profile.seasonStart, place.latitudeDeg);

/** First day of a season of a stand. */
export const seasonStartsOn = ({ profile, place }: Pick<Book, 'profile' | 'place'>, season: number): DayNumber =>
  seasonFirstDay(season, profile.seasonStart, place.latitudeDeg);

/** House rules in force on a day, with why they were set. */
export function datedRulesOn(rules: readonly DatedRule[], day: DayNumber): readonly DatedRule[] {
  const iso = isoDay(day);
  return rules.filter((r) => r.since <= iso && (r.until === null || r.until > iso));
}

export interface PlanInForce {
  readonly rule: Extract<HouseRule, { kind: 'plan' }>;
  readonly reason: string;
  readonly since: IsoDay;
}

/** The plan of the bench that is the rule for a part on a day, and why. */
export function planOn(rules: readonly DatedRule[], part: string, day: DayNumber): PlanInForce | undefined {
  for (const { rule, reason = '', since } of datedRulesOn(rules, day))
    if (rule.kind === 'plan' && rule.part === part) return { rule, reason, since };
  return undefined;
}

/** House rules in force on a day. */
export const rulesOn = (rules: readonly DatedRule[], day: DayNumber): readonly HouseRule[] =>
  datedRulesOn(rules, day).map((r) => r.rule);
