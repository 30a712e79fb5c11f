import {
  binomialOf,
  PRACTICE_NEEDED,
  VOCABULARY,
  type EntryBodies,
  type EntryOf,
  type PlantProfile,
} from '@emberfield/contract';
import { isDangerous, weigh, type Phase, type SeenSign } from '@emberfield/core/identity';
import type { Dependencies } from '../../dependencies.ts';
import { identitiesBy } from '../../entries/index.ts';
import { clearanceIn, clearancesOf, putClearance, updateGroup } from '../../people/index.ts';
import type { Transaction } from '../../platform/database/database.ts';
import { commonsOf, type GroupCommons } from '../../stands/index.ts';
import type { Storing } from './storing.ts';

/** Whether the signs seen rule out each of a plant's dangerous look-alikes that has a profile, and none of them rules out the plant. */
export function passes(
  profile: PlantProfile,
  { seen, phase }: { readonly seen: readonly SeenSign[]; readonly phase: Phase | null },
  kin: GroupCommons['kin'],
): boolean {
  const dangerous = profile.lookAlikes.filter((l) => isDangerous(l.severity));
  const known = dangerous.flatMap((l) => kin.get(binomialOf(l.scientific)) ?? []);
  const looked = { phase, wanted: profile };
  return (
    known.length > 0 &&
    known.every(
      (k) =>
        weigh([profile, k], VOCABULARY, seen, looked).excluded &&
        !weigh([k, profile], VOCABULARY, seen, looked).excluded,
    )
  );
}

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
  const familyOf = (plantKey: string): string | undefined => plants.get(plantKey)?.profile.family;
  const here = said.find((s) => s.standId === standId);
  const family = here && familyOf(here.plantKey);
  if (!family || clearanceIn(clearances, accountId, family) !== 'none') return;
  const passed = said.filter(
    ({ plantKey, body }) =>
      familyOf(plantKey) === family && passes(plants.get(plantKey)!.profile, body as EntryBodies['identity'], kin),
  );
  if (new Set(passed.map((p) => p.day)).size < PRACTICE_NEEDED) return;
  await updateGroup(tx, group.id, {});
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
