import { v5 as keyFrom } from 'uuid';
import type { Entry } from '@emberfield/contract';
import { entriesThere, replacementsOf } from '../../entries/index.ts';
import type { Queryable } from '../../platform/database/database.ts';
import type { Plan } from './plan.ts';

const AT_ONCE = 500;

/**
 * What of a table is there already, since the same table came before: it stays as it is. What was taken back since goes in anew, under
 * another key, as an entry that was withdrawn stays so.
 */
export async function settleEntries(db: Queryable, plan: Plan): Promise<Plan> {
  const fresh: Entry[] = [];
  let already = 0;
  for (let at = 0; at < plan.entries.length; at += AT_ONCE) {
    let open = plan.entries.slice(at, at + AT_ONCE);
    while (open.length > 0) {
      const ids = open.map((e) => e.id);
      const [there, replaced] = [await entriesThere(db, ids), await replacementsOf(db, ids)];
      fresh.push(...open.filter((e) => !there.has(e.id)));
      const again = open.filter((e) => replaced.get(e.id) === 'withdrawal');
      already += there.size - again.length;
      open = again.map((e) => ({ ...e, id: keyFrom('again', e.id) }));
    }
  }
  const nothing = plan.patches.length + plan.paths.length + plan.stands.length + fresh.length === 0;
  return {
    ...plan,
    entries: fresh,
    already: plan.already + already,
    problem: plan.problem ?? (nothing ? 'nothingNew' : null),
  };
}
