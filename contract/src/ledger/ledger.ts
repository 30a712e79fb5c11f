// A season looked back on.
import type { Text } from '@emberfield/core/measure';
import type { SeasonSum, Suggestion } from '@emberfield/core/ledger';
import type { PartKey, UnitKey } from '@emberfield/core/plants';
import type { PlantingWay } from '@emberfield/core/replanting';
import type { AllowanceView, CeilingView, DayRangeView } from '@emberfield/core/stand';

/** A part of a stand over the season. */
export interface LedgerLine extends SeasonSum {
  readonly standId: string;
  readonly part: PartKey;
  readonly partName: Text;
  readonly unit: UnitKey;
  /** Of its first window of the season. */
  readonly opens: DayRangeView;
  readonly closes: DayRangeView;
  /** Of all its windows, on the day looked back from. */
  readonly state: 'ahead' | 'open' | 'over';
  readonly kind: AllowanceView['kind'];
  /** What the rules gave for the season by what is known now, in the unit; `null`: no amount is known, or none is set. */
  readonly allowed: number | null;
  /** The rule that held it, while its window was open; `null`: none did. */
  readonly held: CeilingView | null;
}

export interface LedgerStand {
  readonly id: string;
  readonly plantKey: string;
  readonly plantName: Text;
  readonly patchId: string;
  readonly patchName: string;
  readonly where: string;
  /** Where it is, is a secret. */
  readonly secret: boolean;
  /** Counts so far, the last one, and growth a year with how sure it is that the stand shrinks; `null`: not to be said. */
  readonly counts: number;
  readonly lastCount: string | null;
  readonly plants: number | null;
  readonly aYear: number | null;
  readonly shrinks: number | null;
  /** Plantings of the season's year, or looked at in it. */
  readonly plantings: readonly {
    readonly id: string;
    readonly day: string;
    readonly way: PlantingWay;
    readonly number: number;
    /** Of the last look; `null`: nobody has looked. */
    readonly alive: number | null;
  }[];
}

/** A suggestion as it travels. */
export type SuggestionView = Exclude<Suggestion, { readonly kind: 'count' }> | CountSuggestion;
interface CountSuggestion {
  readonly kind: 'count';
  readonly standId: string;
  readonly lastCount: string | null;
  readonly takes: number;
}

export interface LedgerView {
  readonly season: number;
  /** Seasons in which anything was taken, and the present one; newest first. */
  readonly seasons: readonly number[];
  /** Of what was open by then, or taken. */
  readonly lines: readonly LedgerLine[];
  /** Those that a line, a planting or a suggestion is of. */
  readonly stands: readonly LedgerStand[];
  /** For the next season; none of a season that is long past. */
  readonly suggestions: readonly SuggestionView[];
}
