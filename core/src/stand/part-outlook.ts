// What a row of the Hearth says.
import type { LengthWish } from '../growth/index.ts';
import type { Text } from '../measure/index.ts';
import type { MethodKey, PartKey } from '../plants/index.ts';
import type { TideAtPlace } from '../tide/index.ts';
import type { Readiness } from '../windows/index.ts';
import type { AllowanceView } from './allowance-view.ts';
import type { DayRangeView } from './day-range-view.ts';

/** What may be among the pieces, and what tells it. */
export interface MixedIn {
  readonly name: Text;
  readonly scientific: string;
  readonly separatedBy: Text;
}

/** Lengths of one's own, and when the part has them; no days without weather to reckon them from. */
export interface PartWish extends LengthWish {
  readonly reaches: DayRangeView | null;
  readonly passes: DayRangeView | null;
  readonly measured: boolean;
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
  /** Where within its window it is best, 0 at its opening, 1 at its closing. */
  readonly peakShare: number;
  /** The window is that of a measured length, or of what comes again after a cut. */
  readonly bySize: boolean;
  readonly again: boolean;
  /** Where somebody wants it of a length of their own: which, when it is reached and when passed, and whether the stand was measured for it. */
  readonly wished: PartWish | null;
  /** Of a place with days of the year for taking: the last of them, while they hold. */
  readonly leaveEnds: string | null;
  /** Of a place that the tide covers: when on this day it is free by daylight; `null` elsewhere, or where nobody can say. */
  readonly tide: TideAtPlace | null;
  /** Of a window that is over: when the next season's opens. `null` while this one matters. */
  readonly opensAgain: DayRangeView | null;
  /** From when look-alikes can be told apart that are not known to be absent here, the end of the window where never; `null` where they always can. */
  readonly separable: DayRangeView | null;
  /** On this day such look-alikes cannot be told apart. */
  readonly inseparable: boolean;
  /** Not later in the window either. */
  readonly neverApart: boolean;
  /** Only piece by piece, by somebody cleared for the family: look-alikes that are not known to be absent. */
  readonly leafByLeaf: readonly MixedIn[];
  /** Of what is dug: when the ground is likely frozen next. */
  readonly frozenFrom: string | null;
  readonly openProbability: number;
  readonly basis: 'weather' | 'calendar';
  readonly yearCount: number;
  readonly stageSeen: { readonly stage: string; readonly stageName: Text; readonly day: string } | null;
  /** The way of taking that `allowance` is of. */
  readonly method: MethodKey;
  readonly allowance: AllowanceView;
  /** The stand was counted since its plan for the part was chosen: on this day, the last time. Left out: it was not, or there is none. */
  readonly countedSincePlan?: string;
  /** So much more would be left for one reader if a new count were sure of what the last one likely had; left out: no more worth the way. */
  readonly freedByCount?: number;
  /** Of a part with several ways, for one reader: the others. */
  readonly otherMethods?: readonly { readonly method: MethodKey; readonly allowance: AllowanceView }[];
}
