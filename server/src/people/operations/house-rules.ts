import { v7 as newId } from 'uuid';
import type { HouseRule, RuleView, SetRule } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { isDangling, transact } from '../../platform/database/transact.ts';
import { AppError } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import * as repository from '../repository.ts';
import { audit } from './audit.ts';

/** Of a kind of rule one holds at a time; of plans one for each part. */
const isSame = (a: HouseRule, b: HouseRule): boolean =>
  a.kind === b.kind && (a.kind !== 'plan' || b.kind !== 'plan' || a.part === b.part);

export async function listRules(
  { db }: Dependencies,
  { group }: { readonly group: { readonly id: string; readonly today: string } },
): Promise<readonly RuleView[]> {
  return (await repository.rulesOn(db, group.id, group.today)).map(({ rule, by }) => ({
    rule: rule.rule as HouseRule,
    plantKey: rule.plantKey,
    standId: rule.standId,
    reason: rule.reason,
    since: rule.since,
    by,
  }));
}

/**
 * Switches a rule on, off, or to another figure from today on, for all stands, for those of a plant or for one. Rules hold together: one for a
 * stand never gives more than the group's. The group's row is updated first, so two keepers meet on it
 * and derived answers are reckoned anew; a rule begun today leaves no trace of an earlier figure of the same day in force.
 */
export async function setRule(
  deps: Dependencies,
  { body, group, account }: GroupContext<SetRule>,
): Promise<readonly RuleView[]> {
  const { rule, on, plantKey = null, standId = null, reason = '' } = body;
  const madeAt = deps.clock.now();
  await transact(deps.db, async (tx) => {
    await repository.updateGroup(tx, group.id, {});
    for (const { rule: before } of await repository.rulesOn(tx, group.id, group.today))
      if (isSame(before.rule as HouseRule, rule) && before.plantKey === plantKey && before.standId === standId)
        await repository.endRule(tx, before.id, group.today);
    if (on)
      await repository
        .insertRule(tx, {
          id: newId(),
          groupId: group.id,
          kind: rule.kind,
          rule,
          plantKey,
          standId,
          reason: reason.trim(),
          since: group.today,
          madeBy: account.accountId,
          madeAt,
        })
        .catch((error: unknown) => {
          // The database lets no rule point at a stand of another group.
          if (isDangling(error)) throw new AppError('notFound', { values: { what: 'stand' }, cause: error });
          throw error;
        });
    await audit(tx, { group, account, at: madeAt }, 'ruleSet', body);
  });
  return listRules(deps, { group });
}
