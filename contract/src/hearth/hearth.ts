import type { DayRangeView, PartOutlook, StandRef } from '../stands/stand.ts';
import type { Text } from '../platform/schema.ts';

export interface Conditions {
  readonly minC: number | null;
  readonly maxC: number | null;
  readonly rainMm: number | null;
  /** Where the day's temperatures come from: measured, a gap filled, an outlook, or the usual of the day. */
  readonly source: 'measured' | 'filled' | 'outlook' | 'usual' | 'none';
  readonly daysAhead: number | null;
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
  | { readonly kind: 'countStand'; readonly standId: string; readonly lastCount: string | null }
  | { readonly kind: 'leaveEnds'; readonly standId: string; readonly until: string };

export interface HearthView {
  readonly day: string;
  readonly today: string;
  readonly conditions: Conditions;
  readonly stands: readonly StandRef[];
  readonly outlooks: readonly PartOutlook[];
  readonly duties: readonly Duty[];
}

export interface RibbonStroke {
  readonly standId: string;
  readonly label: Text;
  readonly part: string;
  readonly opens: DayRangeView;
  readonly closes: DayRangeView;
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
  readonly kind: 'stand' | 'patch' | 'plant';
  readonly id: string;
  readonly label: Text;
  readonly detail: string;
}
