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
  | { readonly kind: 'restYears'; readonly years: number };
export const HOUSE_RULE_KINDS = [
  'perPlantCap',
  'fixedShare',
  'leaveForOthers',
  'skipFirstAndLast',
  'spread',
  'matureOnly',
  'keepFlowering',
  'restYears',
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
