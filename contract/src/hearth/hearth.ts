import type { WarmthLead } from '@emberfield/core/weather';
import type { TurnView } from '@emberfield/core/tide';
import type { StandRef } from '../stands/stand.ts';
import type { DayRangeView, DaySection, PartOutlook } from '@emberfield/core/stand';
import type { Text } from '../platform/schema.ts';
import type { PlantingWay } from '@emberfield/core/replanting';

export interface Conditions {
  readonly minC: number | null;
  readonly maxC: number | null;
  readonly rainMm: number | null;
  /** Where the day's temperatures come from: measured, a gap filled, an outlook, or the usual of the day. */
  readonly source: 'measured' | 'filled' | 'outlook' | 'usual' | 'none';
  /** How far the year's warmth runs ahead of the usual, and the sums that say so; `null` where nobody can tell. */
  readonly lead: (Omit<WarmthLead, 'since'> & { readonly since: string; readonly until: string }) | null;
  /** The ground where most stands are; `null` where nobody can tell. */
  readonly ground: {
    readonly frozen: boolean;
    readonly openFrom: string | null;
    readonly frozenFrom: string | null;
  } | null;
  /** High and low waters of the day at the nearest place whose tide is known; `null` where there is none. */
  readonly tide: { readonly name: string; readonly turns: readonly TurnView[] } | null;
  readonly sunrise: string | null;
  readonly sunset: string | null;
  readonly stationName: string | null;
  readonly stationLastDay: string | null;
}

export type Duty =
  | {
      readonly kind: 'settleIdentity';
      readonly standId: string;
      readonly lookAgainStage: Text | null;
      readonly lookAgain: DayRangeView | null;
      readonly notRuledOut: readonly Text[];
    }
  | {
      /** A dangerous look-alike that was never looked for, or too long ago, at a stand with an early stage to unlock. */
      readonly kind: 'searchLookAlike';
      readonly standId: string;
      readonly name: Text;
      readonly last: string | null;
      readonly showsNow: boolean;
      readonly showsNext: string | null;
    }
  | { readonly kind: 'awaited'; readonly standId: string; readonly sign: string; readonly due: string }
  | { readonly kind: 'secondPerson'; readonly standId: string }
  /** A find that nobody has put on the year yet: it belongs to a place, not to a stand. */
  | {
      readonly kind: 'settleFind';
      readonly standId: null;
      readonly patchId: string;
      readonly patchName: string;
      readonly day: string;
      readonly mayBe: readonly Text[];
      readonly plantKeys: readonly string[];
    }
  /** Plants that were put in, to be looked at: which of them live. */
  | {
      readonly kind: 'checkPlanting';
      readonly standId: string;
      readonly plantingId: string;
      readonly way: PlantingWay;
      readonly number: number;
      readonly planted: string;
      readonly due: string;
    }
  | { readonly kind: 'countStand'; readonly standId: string; readonly lastCount: string | null }
  | { readonly kind: 'leaveEnds'; readonly standId: string; readonly until: string }
  /** Somebody's leave to take so much, at one of the stands that it is for; its name is empty for whoever may not know it. */
  | {
      readonly kind: 'permitEnds';
      readonly standId: string;
      readonly permitId: string;
      readonly name: string;
      readonly until: string;
    };

export interface HearthView {
  readonly day: string;
  readonly today: string;
  readonly conditions: Conditions;
  readonly standCount: number;
  /** Those that the lines and duties speak of. */
  readonly stands: readonly StandRef[];
  /** Of all parts; where only the near was asked for, the most urgent of each section but `later` and `over`. */
  readonly outlooks: readonly PartOutlook[];
  /** Lines of each section, drawn or not. */
  readonly counts: Readonly<Record<DaySection, number>>;
  /** Stands that are still reckoned: they come, or come up to date, when asked again. */
  readonly waiting: number;
  /** By the day they fall due, what can wait without a day at the end; where only the near was asked for, those of six weeks. */
  readonly duties: readonly Duty[];
  readonly dutyCount: number;
}

export interface RibbonStroke {
  readonly standId: string;
  readonly label: Text;
  readonly part: string;
  readonly opens: DayRangeView;
  readonly closes: DayRangeView;
  /** From when look-alikes can be told apart; `null` where they always can. */
  readonly separable: DayRangeView | null;
  readonly leafy: boolean;
}
export interface RibbonView {
  readonly firstDay: string;
  readonly lastDay: string;
  /** Mean temperature by five-day step over the year; `null` where nothing is known. */
  readonly warmthC: readonly (number | null)[];
  readonly strokes: readonly RibbonStroke[];
}

export interface FoundThing {
  readonly kind: 'stand' | 'patch' | 'plant' | 'person';
  readonly id: string;
  readonly label: Text;
  readonly detail: string;
}
