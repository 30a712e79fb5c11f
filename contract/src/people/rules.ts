import { lazy, mixed, type Schema } from 'yup';
import type { HouseRule } from '@emberfield/core/allowance';
import { exactly, finite, flag, oneOf, share, whole } from '../platform/schema.ts';

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
