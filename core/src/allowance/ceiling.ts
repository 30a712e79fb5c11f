import type { DayNumber } from '../measure/index.ts';

/**
 * A rule that holds a take back. Shares are 0–1, `perPlant` is in the part's own unit (leaves, heads, grams …).
 * The first group caps plants, amount per plant or amount in all; the second forbids; `takeAll` lifts what is not law.
 */
export type CeilingRule =
  | { readonly kind: 'perPlantCap'; readonly perPlant: number }
  | { readonly kind: 'fixedShare'; readonly share: number }
  | { readonly kind: 'leaveForOthers'; readonly share: number }
  | { readonly kind: 'skipFirstAndLast' }
  | { readonly kind: 'spread'; readonly everyNth: number }
  | { readonly kind: 'matureOnly' }
  | { readonly kind: 'keepFlowering'; readonly share: number }
  | { readonly kind: 'lightPruning'; readonly share: number }
  | { readonly kind: 'quota'; readonly amount: number }
  | { readonly kind: 'age'; readonly minYears: number; readonly ageYears: number | null }
  | { readonly kind: 'rest'; readonly until: DayNumber | null }
  | { readonly kind: 'protected' }
  | { readonly kind: 'ownerLeave'; readonly leave: 'refused' | 'notAsked' | 'ended'; readonly until: DayNumber | null }
  /** Not within the days of the year that the place is open for taking; from `until` on it is. */
  | { readonly kind: 'closedDays'; readonly until: DayNumber }
  /** The tide does not leave the place free by daylight on this day; on `until` it does, or nobody can say. */
  | { readonly kind: 'tide'; readonly until: DayNumber | null }
  /** A plant of two years: the count found none in the year of life that the part is of; maybe from `until` on. */
  | { readonly kind: 'wrongYear'; readonly yearOfLife: 1 | 2; readonly until: DayNumber }
  | { readonly kind: 'identity'; readonly status: 'unconfirmed' | 'provisional' }
  | { readonly kind: 'lookAlikeSeen'; readonly name: string }
  /** At a stage when it cannot be told apart: nobody looked for it, or too long ago. */
  | { readonly kind: 'lookAlikeUnsearched'; readonly name: string; readonly search: 'neverLooked' | 'expired' }
  /** Not settled before this early stage began. */
  | { readonly kind: 'notConfirmedBefore' }
  /** Only leaf by leaf, by somebody cleared for the family, which this person is not. */
  | { readonly kind: 'leafByLeaf'; readonly name: string; readonly family: string }
  | { readonly kind: 'familyClosed'; readonly family: string }
  | { readonly kind: 'contaminated' }
  /** Nothing can be dug; open again about `until`, or nobody can say. */
  | { readonly kind: 'frozen'; readonly until: DayNumber | null }
  | { readonly kind: 'takeAll' };

/** Who sets a ceiling. What law, owner and identity forbid, no other rule lifts. */
export type CeilingSource = 'law' | 'owner' | 'identity' | 'stand' | 'houseRule' | 'profile';

export interface Ceiling {
  readonly source: CeilingSource;
  readonly rule: CeilingRule;
}

/** A ceiling turned to the common measure. `null` stands for "this one does not limit it". */
export interface CeilingLimit extends Ceiling {
  /** It forbids the take altogether. */
  readonly bars: boolean;
  readonly shareOfPlants: number | null;
  readonly plants: number | null;
  readonly perPlant: number | null;
  /** Amount if this ceiling stood alone; `null` without a count. */
  readonly amount: number | null;
}

/** What a ceiling is measured on: counts are low ends of their intervals, after losses; `null` where not counted. */
export interface StandMeasure {
  readonly plants: number | null;
  readonly mature: number | null;
  readonly flowering: number | null;
  /** What one plant carries of the part. */
  readonly plantYield: number;
  /** Taking the part costs the plant its seed, or the plant itself. */
  readonly costsSeed: boolean;
}

/** Turns one ceiling to plants, amount per plant and amount. */
export function limitOf(ceiling: Ceiling, stand: StandMeasure): CeilingLimit {
  const { rule } = ceiling;
  const bare = { ...ceiling, bars: false, shareOfPlants: null, plants: null, perPlant: null, amount: null };
  const byShare = (share: number, of = stand.plants): CeilingLimit =>
    withPlants({ ...bare, shareOfPlants: share }, of === null ? null : Math.floor(of * share + 1e-9), stand);
  switch (rule.kind) {
    case 'perPlantCap':
      return capped(bare, Math.min(rule.perPlant, stand.plantYield), stand);
    case 'fixedShare':
      return byShare(rule.share);
    case 'leaveForOthers':
      return byShare(1 - rule.share);
    case 'spread':
      return byShare(1 / rule.everyNth);
    case 'skipFirstAndLast':
      return withPlants(bare, stand.plants === null ? null : Math.max(0, stand.plants - 2), stand);
    case 'matureOnly':
      return withPlants(bare, stand.mature, stand);
    case 'keepFlowering':
      return stand.costsSeed ? byShare(1 - rule.share, stand.flowering ?? stand.plants) : bare;
    case 'lightPruning':
      // A share of every plant instead of a share of the plants: right for trees and bushes, of which there are few.
      return capped(bare, Math.floor(stand.plantYield * rule.share * 1000 + 1e-6) / 1000, stand);
    case 'quota':
      return { ...bare, amount: rule.amount };
    case 'age':
      return rule.ageYears !== null && rule.ageYears < rule.minYears ? barred(bare) : bare;
    case 'takeAll':
      return bare;
    case 'rest':
    case 'protected':
    case 'ownerLeave':
    case 'identity':
    case 'lookAlikeSeen':
    case 'lookAlikeUnsearched':
    case 'notConfirmedBefore':
    case 'leafByLeaf':
    case 'familyClosed':
    case 'contaminated':
    case 'frozen':
    case 'closedDays':
    case 'tide':
    case 'wrongYear':
      return barred(bare);
  }
}

function withPlants(limit: CeilingLimit, plants: number | null, stand: StandMeasure): CeilingLimit {
  return { ...limit, plants, amount: plants === null ? null : plants * stand.plantYield };
}

function capped(limit: CeilingLimit, perPlant: number, stand: StandMeasure): CeilingLimit {
  return { ...limit, perPlant, amount: stand.plants === null ? null : stand.plants * perPlant };
}

function barred(limit: CeilingLimit): CeilingLimit {
  return { ...limit, bars: true, shareOfPlants: 0, plants: 0, perPlant: 0, amount: 0 };
}
