import { SEARCH_HOLDS_YEARS, type HouseRule, type HouseRuleKind } from '@emberfield/contract';

/** The figure a rule is set by, as people write it: shares as percent, or one in so many. */
export function figureOf(rule: HouseRule): number | null {
  switch (rule.kind) {
    case 'perPlantCap':
      return rule.perPlant;
    case 'plan':
    case 'fixedShare':
    case 'leaveForOthers':
    case 'keepFlowering':
      return Math.round(rule.share * 1000) / 10;
    case 'spread':
      return rule.everyNth;
    case 'restYears':
    case 'searchHolds':
      return rule.years;
    case 'secondPerson':
    case 'skipFirstAndLast':
    case 'matureOnly':
      return null;
  }
}

const DEFAULTS: Readonly<Record<HouseRuleKind, number | null>> = {
  perPlantCap: 2,
  fixedShare: 10,
  leaveForOthers: 30,
  keepFlowering: 60,
  spread: 5,
  restYears: 1,
  searchHolds: SEARCH_HOLDS_YEARS,
  secondPerson: null,
  skipFirstAndLast: null,
  matureOnly: null,
};
export const defaultFigure = (kind: HouseRuleKind): number | null => DEFAULTS[kind];

/** The rule with that figure, as it was typed: what it may be the schema says, and nothing is put in its place. */
export function ruleWith(kind: HouseRuleKind, figure: number | null): HouseRule {
  const n = figure ?? NaN;
  switch (kind) {
    case 'perPlantCap':
      return { kind, perPlant: n };
    case 'fixedShare':
    case 'leaveForOthers':
    case 'keepFlowering':
      return { kind, share: n / 100 };
    case 'spread':
      return { kind, everyNth: n };
    case 'restYears':
    case 'searchHolds':
      return { kind, years: n };
    case 'secondPerson':
    case 'skipFirstAndLast':
    case 'matureOnly':
      return { kind };
  }
}

/** A bound of the schema as the field counts it: shares are typed as percent. */
export const ruleLimit = (path: string, bound: number): number => (path.endsWith('share') ? bound * 100 : bound);

/** Where in a rule its figure stands. */
export const FIGURE_PATHS = ['rule.perPlant', 'rule.share', 'rule.everyNth', 'rule.years'] as const;
