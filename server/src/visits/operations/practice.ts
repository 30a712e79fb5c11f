import { PRACTICE_NEEDED, type EntryOf } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { identitiesBy } from '../../entries/index.ts';
import { clearanceIn, clearancesOf, putClearance, updateGroup } from '../../people/index.ts';
import type { Transaction } from '../../platform/database/database.ts';
import { commonsOf, practisedDays } from '../../stands/index.ts';
import type { Storing } from './storing.ts';

/**
 * Signs passed in practice: somebody who on enough different days settled plants of a family with every dangerous look-alike
 * ruled out is cleared for it. What a member said of them, cleared or closed, is left as it is. In the transaction of the entry that
 * shows it: both are stored, or neither.
 */
export async function notePractice(
  deps: Dependencies,
  tx: Transaction,
  { group, account }: Storing,
  { standId }: EntryOf<'identity'>,
): Promise<void> {
  const { accountId } = account;
  const { plants, kin, clearances } = await commonsOf(deps, group);
  const said = await identitiesBy(tx, group.id, accountId);
  const here = said.find((s) => s.standId === standId);
  const family = here && plants.get(here.plantKey)?.profile.family;
  if (!family || clearanceIn(clearances, accountId, family) !== 'none') return;
  const days = practisedDays(said, family, { plants, kin });
  if (days === 0) return;
  // How far somebody has come is told at every stand of the family.
  await updateGroup(tx, group.id, {});
  if (days < PRACTICE_NEEDED) return;
  // Somebody may have closed the family to them meanwhile: that stands.
  if (clearanceIn(await clearancesOf(tx, group.id), accountId, family) !== 'none') return;
  await putClearance(tx, {
    groupId: group.id,
    accountId,
    family,
    clearance: 'cleared',
    how: 'practice',
    madeBy: accountId,
    madeAt: deps.clock.now(),
  });
}
