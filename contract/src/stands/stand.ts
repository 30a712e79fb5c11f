import type { Schema } from 'yup';
import type { CeilingSource } from '@emberfield/core/allowance';
import type { Readiness } from '@emberfield/core/phenology';
import { exactly, freeText, isoDay, line, oneOf, orNull, uuid, whole, type Text } from '../platform/schema.ts';
import type { Hazard } from '../patches/patch.ts';
import type { Phase, SearchState, SeenSign } from '@emberfield/core/identity';
import type { Clearance } from '../people/clearance.ts';
import type { LookAlikeSeverity, PartKey, UnitKey } from '../plants/kinds.ts';
import type { PlantProfile } from '../plants/profile.ts';
import type { TideAtPlace } from '../tide/tide.ts';
import type { EntryView } from '../visits/entry.ts';

export const IDENTITY_STATUSES = ['unconfirmed', 'provisional', 'confirmed'] as const;
export type IdentityStatus = (typeof IDENTITY_STATUSES)[number];

export interface NewStand {
  readonly id: string;
  readonly patchId: string;
  readonly plantKey: string;
  /** Part of the patch it grows in, "sunny end"; may be empty. */
  readonly where: string;
  readonly identity: IdentityStatus;
  /** Year since when it is known to grow here; `null` when unknown. */
  readonly since: number | null;
  readonly restUntil: string | null;
}
export const newStandSchema: Schema<NewStand> = exactly({
  id: uuid(),
  patchId: uuid(),
  plantKey: line(60),
  where: freeText(80),
  identity: oneOf(IDENTITY_STATUSES),
  since: orNull(whole(1800, 2200)),
  restUntil: orNull(isoDay()),
}).required('missing');

export interface ChangeStand {
  readonly version: number;
  readonly where: string;
  readonly since: number | null;
  readonly restUntil: string | null;
  readonly restReason: string;
}
export const changeStandSchema: Schema<ChangeStand> = exactly({
  version: whole(1, 1e9),
  where: freeText(80),
  since: orNull(whole(1800, 2200)),
  restUntil: orNull(isoDay()),
  restReason: freeText(200),
}).required('missing');

/** 10, 50 and 90 % days, ISO; `null` lies beyond the horizon. */
export interface DayRangeView {
  readonly p10: string | null;
  readonly p50: string | null;
  readonly p90: string | null;
}

export interface CeilingView {
  readonly source: CeilingSource;
  readonly kind: string;
  /** Figures of the rule, by name: perPlant, share, everyNth, amount, minYears, until, status, leave, name. */
  readonly values: Readonly<Record<string, number | string | null>>;
  readonly bars: boolean;
  readonly plants: number | null;
  readonly perPlant: number | null;
  readonly amount: number | null;
  readonly binding: boolean;
}

export interface AllowanceView {
  readonly kind: 'none' | 'all' | 'relative' | 'counted';
  readonly unit: UnitKey;
  readonly plants: number | null;
  readonly perPlant: number | null;
  readonly amount: number | null;
  readonly amountLeft: number | null;
  readonly plantsLeft: number | null;
  readonly takenAmount: number;
  readonly oneIn: number | null;
  readonly plantsCounted: number | null;
  readonly ceilings: readonly CeilingView[];
}

/** One part of one stand on one day: what a row of the Hearth says. */
export interface PartOutlook {
  readonly standId: string;
  readonly part: PartKey;
  readonly partName: Text;
  readonly use: string;
  readonly season: number;
  readonly readiness: Readiness;
  readonly thorns: boolean;
  readonly opens: DayRangeView;
  readonly closes: DayRangeView;
  /** The window is that of a measured length, or of what comes again after a cut. */
  readonly bySize: boolean;
  readonly again: boolean;
  /** Of a place with days of the year for taking: the last of them, while they hold. */
  readonly leaveEnds: string | null;
  /** Of a place that the tide covers: when on this day it is free by daylight; `null` elsewhere, or where nobody can say. */
  readonly tide: TideAtPlace | null;
  /** Of a window that is over: when the next season's opens. `null` while this one matters. */
  readonly opensAgain: DayRangeView | null;
  /** From when look-alikes can be told apart; `null` where they always can. */
  readonly separable: DayRangeView | null;
  /** On this day look-alikes cannot be told apart yet. */
  readonly inseparable: boolean;
  /** Only leaf by leaf, by somebody cleared for the family: milder look-alikes that are not known to be absent. */
  readonly leafByLeaf: readonly Text[];
  /** Of what is dug: when the ground is likely frozen next. */
  readonly frozenFrom: string | null;
  readonly openProbability: number;
  readonly basis: 'weather' | 'calendar';
  readonly yearCount: number;
  readonly stageSeen: { readonly stage: string; readonly stageName: Text; readonly day: string } | null;
  readonly allowance: AllowanceView;
}

export interface StandRef {
  readonly id: string;
  readonly plantKey: string;
  readonly plantName: Text;
  readonly patchId: string;
  readonly patchName: string;
  readonly where: string;
  readonly identity: IdentityStatus;
  /** One person has confirmed it; the house rule asks for a second. */
  readonly secondNeeded: boolean;
  readonly deadlyLookAlikes: readonly Text[];
  /** Station that its days are reckoned from; `null` where there is none. */
  readonly stationName: string | null;
}

export interface LadderSeason {
  readonly season: number;
  readonly stages: readonly {
    readonly key: string;
    readonly reached: DayRangeView;
    readonly seenAfter: string | null;
    readonly seenBy: string | null;
  }[];
}

export interface CountView {
  readonly value: number;
  readonly low: number;
  readonly high: number;
  readonly day: string;
  readonly method: string;
  readonly by: string;
}

/** A look-alike at a stand: whether it was looked for, and when it shows. */
export interface LookAlikeView {
  readonly name: Text;
  readonly severity: LookAlikeSeverity;
  readonly separatedBy: Text;
  /** Its own profile; `null` where there is none. */
  readonly plantKey: string | null;
  readonly search: SearchState['state'];
  readonly since: string | null;
  readonly until: string | null;
  /** A search counts only on a day when it shows. */
  readonly showsNow: boolean;
  readonly showsNext: string | null;
}

export interface IdentityView {
  readonly id: string;
  readonly status: IdentityStatus;
  readonly day: string;
  readonly by: string;
  readonly phase: Phase | null;
  readonly seen: readonly SeenSign[];
  readonly signs: readonly string[];
  readonly note: string;
}

export interface StandView extends StandRef {
  readonly version: number;
  readonly since: number | null;
  readonly restUntil: string | null;
  readonly restReason: string;
  readonly day: string;
  readonly profile: PlantProfile;
  readonly patch: {
    readonly owner: string;
    readonly leave: string;
    readonly leaveUntil: string | null;
    readonly leaveDays: { readonly from: string; readonly to: string } | null;
    readonly hazards: readonly Hazard[];
    readonly neighbours: string;
    readonly areaM2: number | null;
  };
  readonly outlooks: readonly PartOutlook[];
  readonly ladder: {
    readonly season: LadderSeason;
    readonly past: readonly LadderSeason[];
    readonly firstDay: string;
    readonly basis: 'weather' | 'calendar';
    readonly yearCount: number;
  };
  readonly counts: readonly CountView[];
  readonly lossShare: number;
  readonly entries: readonly EntryView[];
  readonly lookAlikes: readonly LookAlikeView[];
  /** What the record says of the identity, newest first. */
  readonly identities: readonly IdentityView[];
  /** Whether the reader is cleared for this family; `closed`: it is kept from them. */
  readonly clearance: Clearance;
  /** Still waited for: a spore print, a flower. */
  readonly awaited: readonly {
    readonly id: string;
    readonly sign: string;
    readonly due: string;
    readonly note: string;
  }[];
}
