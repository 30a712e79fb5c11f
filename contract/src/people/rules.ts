import { lazy, mixed, type Schema } from 'yup';
import type { HouseRule } from '@emberfield/core/allowance';
import { METHOD_KEYS, PART_KEYS } from '@emberfield/core/plants';
import {
  exactly,
  finite,
  flag,
  freeText,
  given,
  line,
  maybe,
  oneOf,
  orNull,
  share,
  uuid,
  whole,
} from '../platform/schema.ts';

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
    case 'plan':
      return exactly({
        kind: oneOf([kind]),
        part: oneOf(PART_KEYS),
        share: share(),
        everyYears: whole(1, 50),
        method: maybe(oneOf(METHOD_KEYS)),
      }).required('missing');
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

/** Whom a rule is for: everything the group gathers, stands of one plant, or one stand. */
interface RuleScope {
  readonly plantKey: string | null;
  readonly standId: string | null;
  /** Why, in the words of whoever set it. */
  readonly reason: string;
}
export interface SetRule extends Partial<RuleScope> {
  readonly on: boolean;
  readonly rule: HouseRule;
}
export const setRuleSchema: Schema<SetRule> = exactly({
  on: flag(),
  rule: houseRuleSchema,
  plantKey: maybe(orNull(line(60))),
  standId: maybe(orNull(uuid())),
  reason: maybe(freeText(200)),
})
  .required('missing')
  .test(
    'scope',
    'oneScope',
    given((v) => v.plantKey == null || v.standId == null),
  )
  .test(
    'planOfAStand',
    'standMissing',
    given((v) => v.rule?.kind !== 'plan' || v.standId != null),
  );

export interface RuleView extends RuleScope {
  readonly rule: HouseRule;
  readonly since: string;
  readonly by: string;
}
