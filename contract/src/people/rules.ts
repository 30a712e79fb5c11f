import { lazy, mixed, type Schema } from 'yup';
import { exactly, finite, flag, oneOf, share, whole } from '../platform/schema.ts';

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
  /** A stand counts as confirmed when two people have said so. */
  | { readonly kind: 'secondPerson' }
  /** For so many seasons a search for a look-alike that found none stands. */
  | { readonly kind: 'searchHolds'; readonly years: number };
/** Seasons a search stands for where no rule says otherwise: an estimate, on the cautious side. */
export const SEARCH_HOLDS_YEARS = 3;
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
export type HouseRuleKind = HouseRule['kind'];

export const houseRuleSchema = lazy((value: unknown) => {
  const kind = (value as { kind?: unknown } | null)?.kind;
  switch (kind) {
    case 'perPlantCap':
      return exactly({ kind: oneOf([kind]), perPlant: whole(1, 1000) }).required('missing');
    case 'fixedShare':
    case 'leaveForOthers':
    case 'keepFlowering':
      return exactly({ kind: oneOf([kind]), share: share().moreThan(0, 'tooSmall') }).required('missing');
    case 'spread':
      return exactly({ kind: oneOf([kind]), everyNth: finite(2, 1000).integer('notWhole') }).required('missing');
    case 'restYears':
      return exactly({ kind: oneOf([kind]), years: whole(1, 50) }).required('missing');
    case 'searchHolds':
      return exactly({ kind: oneOf([kind]), years: whole(1, 10) }).required('missing');
    case 'secondPerson':
    case 'skipFirstAndLast':
    case 'matureOnly':
      return exactly({ kind: oneOf([kind]) }).required('missing');
    default:
      return mixed()
        .required('missing')
        .test('kind', 'notOneOf', () => false);
  }
}) as unknown as Schema<HouseRule>;

export interface SetRule {
  readonly on: boolean;
  readonly rule: HouseRule;
}
export const setRuleSchema: Schema<SetRule> = exactly({ on: flag(), rule: houseRuleSchema }).required('missing');

export interface RuleView {
  readonly rule: HouseRule;
  readonly since: string;
  readonly by: string;
}
