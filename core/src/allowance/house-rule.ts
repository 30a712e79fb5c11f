// The rules that a group sets itself.

/** The schools that a group can switch on. */
export type HouseRule =
  | { readonly kind: 'perPlantCap'; readonly perPlant: number }
  | { readonly kind: 'fixedShare'; readonly share: number }
  | { readonly kind: 'leaveForOthers'; readonly share: number }
  | { readonly kind: 'skipFirstAndLast' }
  | { readonly kind: 'spread'; readonly everyNth: number }
  | { readonly kind: 'matureOnly' }
  | { readonly kind: 'keepFlowering'; readonly share: number }
  | { readonly kind: 'restYears'; readonly years: number }
  /**
   * A plan of the bench that was chosen for a part of a stand: so large a share of the counted plants, every so many years. A share of 0 leaves it
   * alone.
   */
  | {
      readonly kind: 'plan';
      readonly part: string;
      readonly share: number;
      readonly everyYears: number;
      /** It was played with this way of taking, and holds for no other; left out: for all. */
      readonly method?: string;
    }
  /** A stand counts as confirmed when two people have said so. */
  | { readonly kind: 'secondPerson' }
  /** For so many seasons a search for a look-alike that found none stands. */
  | { readonly kind: 'searchHolds'; readonly years: number };
/** Seasons a search stands for where no rule says otherwise: an estimate, on the cautious side. */
export const SEARCH_HOLDS_YEARS = 3;
/** Those that are set by hand. */
export const HOUSE_RULE_KINDS = [
  'perPlantCap',
  'fixedShare',
  'leaveForOthers',
  'skipFirstAndLast',
  'spread',
  'matureOnly',
  'keepFlowering',
  'restYears',
  'secondPerson',
  'searchHolds',
] as const;
export type HouseRuleKind = (typeof HOUSE_RULE_KINDS)[number];
