import type { EntryResult, SyncAnswer, SyncRequest } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { isAway, isTransient } from '../../platform/database/transact.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { storeEntry } from './store-entry.ts';

/**
 * Stores entries one by one and answers each: one that needs attention does not hold up the others, and what fails in the middle does
 * not hide what was stored before it.
 */
export async function sync(
  deps: Dependencies,
  { body, group, account }: GroupContext<SyncRequest>,
): Promise<SyncAnswer> {
  const results: EntryResult[] = [];
  for (const entry of body.entries) {
    try {
      results.push(await storeEntry(deps, { group, account }, entry));
    } catch (error) {
      // Nothing was answered yet: the whole request can be refused, and sent again whole.
      if (results.length === 0) throw error;
      const code = isTransient(error) || isAway(error) ? 'busy' : 'internal';
      deps.log.error({ err: error, code }, 'an entry of a batch was not stored');
      const id = (entry as { readonly id?: unknown } | null)?.id;
      results.push({
        id: typeof id === 'string' ? id.slice(0, 36) : null,
        status: 'needsAttention',
        code,
        message: deps.words(group.viewer.language).error(code, { logId: '' }),
        field: null,
      });
    }
  }
  return { results };
}
