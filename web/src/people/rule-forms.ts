import { SEARCH_HOLDS_YEARS, type HouseRule, type HouseRuleKind } from '@emberfield/contract';

/** The figure a rule is set by, as people write it: shares as percent, or one in so many. */
export function figureOf(rule: HouseRule): number | null {
  switch (rule.kind) {
    case 'perPlantCap':
      return rule.perPlant;
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

/** The rule with that figure. */
export function ruleWith(kind: HouseRuleKind, figure: number | null): HouseRule {
  const n = figure ?? DEFAULTS[kind] ?? 1;
  switch (kind) {
    case 'perPlantCap':
      return { kind, perPlant: Math.max(1, Math.round(n)) };
    case 'fixedShare':
    case 'leaveForOthers':
    case 'keepFlowering':
      return { kind, share: Math.min(100, Math.max(0.1, n)) / 100 };
    case 'spread':
      return { kind, everyNth: Math.max(2, Math.round(n)) };
    case 'restYears':
      return { kind, years: Math.max(1, Math.round(n)) };
    case 'searchHolds':
      return { kind, years: Math.min(10, Math.max(1, Math.round(n))) };
    case 'secondPerson':
    case 'skipFirstAndLast':
    case 'matureOnly':
      return { kind };
  }
}
