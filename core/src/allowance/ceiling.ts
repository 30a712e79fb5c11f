import type { TapGirths } from '../counting/index.ts';
import type { DayNumber, Text } from '../measure/index.ts';
import type { HouseRule } from './house-rule.ts';

/**
 * A rule that holds a take back; house rules that cap a take are such. Shares are 0–1, `perPlant` is in the part's own unit
 * (leaves, heads, grams …).
 * The first group caps plants, amount per plant or amount in all; the second forbids; `takeAll` lifts what is not law.
 */
export type CeilingRule =
  | Exclude<HouseRule, { readonly kind: 'restYears' | 'secondPerson' | 'searchHolds' }>
  | { readonly kind: 'lightPruning'; readonly share: number }
  /** `amount` in the part's unit, of this season's takes and what may still be taken; `total` as it was given, shared with other stands. */
  | {
      readonly kind: 'quota';
      readonly amount: number;
      readonly permit: string;
      readonly name: string;
      /** Of `amount` still to be taken, here or at the other stands. */
      readonly left: number;
      readonly total: number;
      readonly measure: 'unit' | 'gram';
      readonly until: DayNumber;
    }
  /** None of its permits is in force: the next begins on `from`, or the last ended with `until`. */
  | {
      readonly kind: 'permitShut';
      readonly name: string;
      readonly from: DayNumber | null;
      readonly until: DayNumber | null;
    }
  /** So many taps of a trunk by its girth, where the trees were measured one by one. */
  | ({ readonly kind: 'sapTaps' } & TapGirths)
  /** An age that nobody knows bars where taking kills: `kills`. */
  | { readonly kind: 'age'; readonly minYears: number; readonly ageYears: number | null; readonly kills: boolean }
  | { readonly kind: 'rest'; readonly until: DayNumber | null }
  /** The plan chosen for the stand is one of another way of taking. */
  | { readonly kind: 'otherMethod'; readonly method: string }
  | { readonly kind: 'protected' }
  | { readonly kind: 'ownerLeave'; readonly leave: 'refused' | 'notAsked' | 'ended'; readonly until: DayNumber | null }
  /** Not within the days of the year that the place is open for taking; from `until` on it is. */
  | { readonly kind: 'closedDays'; readonly until: DayNumber }
  /** The tide does not leave the place free by daylight on this day; on `until` it does, or nobody can say. */
  | { readonly kind: 'tide'; readonly until: DayNumber | null }
  /** A plant of two years: the count found none in the year of life that the part is of; maybe from `until` on. */
  | { readonly kind: 'wrongYear'; readonly yearOfLife: 1 | 2; readonly until: DayNumber }
  | { readonly kind: 'identity'; readonly status: 'unconfirmed' | 'provisional' }
  /** At the stand itself, elsewhere in its place, or close by. */
  | { readonly kind: 'lookAlikeSeen'; readonly name: Text; readonly where: 'here' | 'place' | 'near' }
  /** At a stage when it cannot be told apart: nobody looked for it, or too long ago. */
  | { readonly kind: 'lookAlikeUnsearched'; readonly name: Text; readonly search: 'neverLooked' | 'expired' }
  /** A plant of one's own for which nobody has said yet what it could be taken for. */
  | { readonly kind: 'lookAlikesUnnamed' }
  /** Not settled before this early stage began. */
  | { readonly kind: 'notConfirmedBefore' }
  /** Only piece by piece, by somebody cleared for the family, which this person is not. */
  | { readonly kind: 'leafByLeaf'; readonly name: Text; readonly family: string }
  /** Taken by somebody cleared, without holding every piece against it. */
  | { readonly kind: 'notHeldAgainst'; readonly name: Text }
  | { readonly kind: 'familyClosed'; readonly family: string }
  | { readonly kind: 'contaminated' }
  /** Nothing can be dug; open again about `until`, or nobody can say. */
  | { readonly kind: 'frozen'; readonly until: DayNumber | null }
  | { readonly kind: 'takeAll' };

/** Who sets a ceiling. What law, permit, owner and identity forbid, no other rule lifts. */
export type CeilingSource = 'law' | 'permit' | 'owner' | 'identity' | 'stand' | 'houseRule' | 'profile';

export interface Ceiling {
  readonly source: CeilingSource;
  readonly rule: CeilingRule;
  /** Why it was chosen, in the words of whoever set it; left out where nobody said. */
  readonly because?: string;
}

/** A ceiling as it stands among the others. `null` stands for "this one does not limit it". */
export interface CeilingLimit extends Ceiling {
  /** It forbids the take altogether. */
  readonly bars: boolean;
  readonly shareOfPlants: number | null;
  readonly perPlant: number | null;
}

/** What each tree carries that was measured one by one, 0 for one that bears none: by its girth, which a rule asks for, or as it was counted on it. */
export interface TreeYields {
  readonly by: 'girth' | 'tips';
  readonly each: readonly number[];
}

/** What rules are reckoned on: counts are low ends of their intervals; `null` where not counted. */
export interface StandMeasure {
  readonly counted: number | null;
  /** Of those, after losses. */
  readonly mature: number | null;
  readonly flowering: number | null;
  /** Share lost to others this season, 0–1. */
  readonly lossShare: number;
  /** Plants killed since the count by takes that do not count here: of other parts, or of seasons before. */
  readonly killed: number;
  /** Plants that takes of other parts have cost their seed this season. */
  readonly seedSpent: number;
  /** What one plant carries of the part. */
  readonly plantYield: number;
  /** The same of each tree that was measured one by one; `null` where none was. */
  readonly trees: TreeYields | null;
  /** Taking the part costs the plant its seed, or the plant itself. */
  readonly costsSeed: boolean;
}

/** Rules that forbid. */
export function barsTake({ rule }: Ceiling): boolean {
  switch (rule.kind) {
    case 'plan':
      return rule.share === 0;
    case 'age':
      return rule.ageYears === null ? rule.kills : rule.ageYears < rule.minYears;
    case 'rest':
    case 'otherMethod':
    case 'protected':
    case 'ownerLeave':
    case 'identity':
    case 'lookAlikeSeen':
    case 'lookAlikeUnsearched':
    case 'lookAlikesUnnamed':
    case 'notConfirmedBefore':
    case 'leafByLeaf':
    case 'notHeldAgainst':
    case 'familyClosed':
    case 'contaminated':
    case 'frozen':
    case 'closedDays':
    case 'tide':
    case 'wrongYear':
    case 'permitShut':
      return true;
    case 'perPlantCap':
    case 'fixedShare':
    case 'leaveForOthers':
    case 'skipFirstAndLast':
    case 'spread':
    case 'matureOnly':
    case 'keepFlowering':
    case 'lightPruning':
    case 'quota':
    case 'sapTaps':
    case 'takeAll':
      return false;
  }
}
