import type { Readiness } from '@emberfield/core/windows';
import type { PartKey, UnitKey } from '@emberfield/core/plants';
import type { Text } from '../platform/schema.ts';
import type { DayRangeView } from '@emberfield/core/stand';

/** One season's window of a part at a stand. */
export interface YearWindow {
  readonly opens: DayRangeView;
  readonly closes: DayRangeView;
  /** From when look-alikes can be told apart; `null` where they always can. */
  readonly separable: DayRangeView | null;
  /** It is what comes again after a cut. */
  readonly again: boolean;
}

/** What was noted on a day of the year. */
export type YearMark =
  | { readonly kind: 'seen' | 'notYet'; readonly day: string; readonly stageName: Text }
  | { readonly kind: 'taken'; readonly day: string; readonly amount: number; readonly unit: UnitKey };

export interface YearRow {
  readonly part: PartKey;
  readonly partName: Text;
  readonly use: string;
  /** On the day looked at. */
  readonly readiness: Readiness;
  readonly thorns: boolean;
  /** Windows that touch the year, in order. */
  readonly windows: readonly YearWindow[];
  /** The same of the years before, newest first; as many as were asked for. */
  readonly past: readonly { readonly year: number; readonly windows: readonly YearWindow[] }[];
  readonly marks: readonly YearMark[];
}

export interface YearStand {
  readonly id: string;
  readonly plantKey: string;
  readonly plantName: Text;
  readonly patchId: string;
  readonly patchName: string;
  readonly where: string;
  readonly rows: readonly YearRow[];
}

/** Every window of every stand over one calendar year. */
export interface YearView {
  readonly year: number;
  readonly day: string;
  readonly stands: readonly YearStand[];
}

/** So many years before can be laid under a year. */
export const MOST_PAST_YEARS = 3;
