import { v5 as keyFrom } from 'uuid';
import type { UndonePlaces } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { entriesMade } from '../../entries/index.ts';
import { audit, updateGroup } from '../../people/index.ts';
import { transact } from '../../platform/database/transact.ts';
import { AppError } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { storeEntry } from '../../visits/index.ts';
import * as repository from '../repository.ts';
import { FROM_TABLE } from './plan.ts';

/**
 * Takes a stored file back: lines of a table are withdrawn; paths go, and stands and places on which nothing was noted. What has been
 * written on stays.
 */
export async function undoPlaceImport(
  deps: Dependencies,
  { group, account, params }: GroupContext<null>,
): Promise<UndonePlaces> {
  const row = await repository.importById(deps.db, group.id, params['importId']!);
  if (!row) throw new AppError('notFound', { reason: 'longAgo', values: { what: 'import' } });
  const { made } = row;
  if (row.storedAt === null || !made) throw new AppError('conflict', { reason: 'importOpen' });
  const lines = await withdrawLines(deps, { group, account }, row);
  return transact(deps.db, async (tx) => {
    await updateGroup(tx, group.id, {});
    const removed = lines.removed + (await repository.removeUntouched(tx, group.id, made));
    await repository.updateImport(tx, row.id, { storedAt: null, made: null });
    await audit(tx, { group, account, at: deps.clock.now() }, 'placeImportUndone', { fileName: row.fileName, removed });
    return {
      removed,
      kept: lines.kept + lines.removed + made.patches.length + made.stands.length + made.paths.length - removed,
    };
  });
}

/** Withdraws the lines of a table as far as nobody has corrected or withdrawn them since. */
async function withdrawLines(
  deps: Dependencies,
  { group, account }: Pick<GroupContext<null>, 'group' | 'account'>,
  { madeAt: readAt }: Pick<repository.PlaceImportRow, 'madeAt'>,
): Promise<UndonePlaces> {
  let removed = 0;
  let kept = 0;
  const madeAt = deps.clock.now().toISOString();
  for (const { id, where, replacedBy } of await entriesMade(deps.db, {
    groupId: group.id,
    device: FROM_TABLE,
    madeAt: readAt,
  })) {
    if (replacedBy === 'withdrawal') continue;
    const withdrawal = {
      ...where,
      id: keyFrom('withdrawal', id),
      kind: 'withdrawal',
      schemaVersion: 1,
      visitId: null,
      madeAt,
      device: FROM_TABLE,
      replaces: id,
      body: { reason: '' },
    };
    const isGone =
      replacedBy === null && (await storeEntry(deps, { group, account }, withdrawal)).status !== 'needsAttention';
    if (isGone) removed++;
    else kept++;
  }
  return { removed, kept };
}
