import type { Schema } from 'yup';
import type { CeilingSource } from '@emberfield/core/allowance';
import type { Readiness } from '@emberfield/core/phenology';
import { exactly, freeText, isoDay, line, oneOf, orNull, uuid, whole, type Text } from '../platform/schema.ts';
import type { Hazard } from '../patches/patch.ts';
import type { PartKey, PlantProfile, UnitKey } from '../plants/profile.ts';
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
  /** Of a window that is over: when the next season's opens. `null` while this one matters. */
  readonly opensAgain: DayRangeView | null;
  /** From when look-alikes can be told apart; `null` where they always can. */
  readonly separable: DayRangeView | null;
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
}
