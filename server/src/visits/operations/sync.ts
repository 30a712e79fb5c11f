import type { EntryResult, SyncAnswer, SyncRequest } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { storeEntry } from './store-entry.ts';

/** Stores entries one by one and answers each: one that needs attention does not hold up the others. */
export async function sync(
  deps: Dependencies,
  { body, group, account }: GroupContext<SyncRequest>,
): Promise<SyncAnswer> {
  const results: EntryResult[] = [];
  for (const entry of body.entries) results.push(await storeEntry(deps, { group, account }, entry));
  return { results };
}
