import { v7 as newId } from 'uuid';
import type { HouseRule, RuleView, SetRule } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { transact } from '../../platform/database/transact.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import * as repository from '../repository.ts';

export async function listRules(
  { db }: Dependencies,
  { group }: { readonly group: { readonly id: string; readonly today: string } },
): Promise<readonly RuleView[]> {
  return (await repository.rulesOn(db, group.id, group.today)).map(({ rule, by }) => ({
    rule: rule.rule as HouseRule,
    since: rule.since,
    by,
  }));
}

/**
 * Switches a rule on, off, or to another figure from today on. The group's row is updated first, so two keepers meet on it
 * and derived answers are reckoned anew; a rule begun today leaves no trace of an earlier figure of the same day in force.
 */
export async function setRule(
  deps: Dependencies,
  { body, group, account }: GroupContext<SetRule>,
): Promise<readonly RuleView[]> {
  const { rule, on } = body;
  const madeAt = deps.clock.now();
  await transact(deps.db, async (tx) => {
    await repository.updateGroup(tx, group.id, {});
    for (const { rule: before } of await repository.rulesOn(tx, group.id, group.today))
      if (before.kind === rule.kind) await repository.endRule(tx, before.id, group.today);
    if (on)
      await repository.insertRule(tx, {
        id: newId(),
        groupId: group.id,
        kind: rule.kind,
        rule,
        since: group.today,
        madeBy: account.accountId,
        madeAt,
      });
    await repository.writeAudit(tx, {
      groupId: group.id,
      accountId: account.accountId,
      at: madeAt,
      action: 'ruleSet',
      detail: body,
    });
  });
  return listRules(deps, { group });
}
