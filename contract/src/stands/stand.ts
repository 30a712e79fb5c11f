import type {
  CountMethod,
  DayRangeView,
  Hazard,
  LossCause,
  MovedEdge,
  PartOutlook,
  Where,
} from '@emberfield/core/stand';
import type { ClockShare } from '@emberfield/core/clocks';
import type { CountFit, MarkedTree } from '@emberfield/core/counting';
import {
  type IdentityStatus,
  type Phase,
  type SearchState,
  type SeenSign,
  type Clearance,
} from '@emberfield/core/identity';
import type { Schema } from 'yup';
import { exactly, freeText, isoDay, line, orNull, uuid, whole, yearGone, type Text } from '../platform/schema.ts';
import type { LookAlikeSeverity, PartKey, PlantProfile } from '@emberfield/core/plants';
import type { Retirement } from '../patches/retirement.ts';
import type { EntryView } from '../visits/sync.ts';

export interface NewStand {
  readonly id: string;
  readonly patchId: string;
  readonly plantKey: string;
  /** Part of the patch it grows in, "sunny end"; may be empty. */
  readonly where: string;
  /** Year since when it is known to grow here; `null` when unknown. */
  readonly since: number | null;
  readonly restUntil: string | null;
}
export const newStandSchema: Schema<NewStand> = exactly({
  id: uuid(),
  patchId: uuid(),
  plantKey: line(60),
  where: freeText(80),
  since: orNull(yearGone()),
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
  since: orNull(yearGone()),
  restUntil: orNull(isoDay()),
  restReason: freeText(200),
}).required('missing');

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
  readonly method: CountMethod;
  readonly fit?: CountFit;
  /** Of trees that were measured one by one. */
  readonly trees?: readonly MarkedTree[];
  readonly by: string;
}

export interface LossView {
  readonly day: string;
  readonly cause: LossCause;
  /** Of what was there then, 0–1. */
  readonly share: number;
}

/** What somebody going out has set aside of a part until the day is over. */
interface HoldView {
  readonly part: PartKey;
  readonly amount: number;
  readonly by: string;
  /** Of the reader's own: the entries that said so, to take them back. */
  readonly ownIds: readonly string[];
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
  /** Where it was seen, while it counts as found. */
  readonly where: Where | null;
  /** A search can show that it is not there: not so of fungi. */
  readonly canBeAbsent: boolean;
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

/** What the dates of a stand were learned from, in words' worth. */
export interface LearnedView {
  /** Stages that were seen to have come: at this stand, and at the plant's other stands in the group. */
  readonly here: number;
  readonly elsewhere: number;
  /** What its stages go by, greatest share first; nothing while that is the profile alone. Left out by what a device has kept from before. */
  readonly clocks?: readonly ClockShare[];
  /** Stages that were looked for long after their time in several seasons, and were not there. Left out where there are none. */
  readonly inVain?: readonly { readonly stageName: Text; readonly inVain: number; readonly came: number }[];
  /** Edges of windows that lie elsewhere than their stages say, because of what a take was like on a day. */
  readonly moved: readonly (Omit<MovedEdge, 'day'> & { readonly day: string })[];
}

/** The lowest of a plant's other stands, where it lies well below: how much later each window opens here, days. */
export interface LowerStand {
  readonly patchName: string;
  readonly belowM: number;
  readonly later: readonly { readonly part: PartKey; readonly use: string; readonly days: number }[];
}

/** A take of a stand, with how it stood when it was stored. */
export interface TakenView {
  readonly day: string;
  readonly part: PartKey;
  readonly amount: number;
  readonly measure: 'unit' | 'gram';
  /** Allowed in all when it was stored; `null` where no amount was known. */
  readonly allowed: number | null;
  readonly over: boolean;
}

export interface StandView extends StandRef, Retirement {
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
  /** Days on which whoever asks settled plants of the family by their signs, of the few that clear them. */
  readonly practised: number;
  readonly learned: LearnedView;
  readonly ladder: {
    readonly season: LadderSeason;
    readonly past: readonly LadderSeason[];
    readonly firstDay: string;
    /** What was seen of the season's stages: late in the season before, a day may lie in it and be of the other. */
    readonly noted: readonly { readonly stage: string; readonly day: string }[];
    readonly basis: 'weather' | 'calendar';
    readonly yearCount: number;
  };
  readonly counts: readonly CountView[];
  /** The one that is reckoned with, and the methods that it was weighed with; `null`: never counted. */
  readonly count: (CountView & { readonly weighedWith: readonly CountMethod[] }) | null;
  /** Set aside for today, by the person: what is left of it. */
  readonly holds: readonly HoldView[];
  /** Every take up to the day, oldest first. */
  readonly takes: readonly TakenView[];
  /** Share lost to others this season, and what it is made of. */
  readonly lossShare: number;
  readonly losses: readonly LossView[];
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
