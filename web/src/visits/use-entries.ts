import { useQueryClient } from '@tanstack/vue-query';
import { v7 as newId } from 'uuid';
import { ROUTES, type Entry, type EntryBodies, type EntryKind, type EntryResult } from '@emberfield/contract';
import { useGroup } from '../people/use-group.ts';
import { ApiError, call } from '../platform/api.ts';

export interface Draft<K extends EntryKind = EntryKind> {
  readonly kind: K;
  readonly patchId: string;
  readonly standId: string | null;
  readonly day: string;
  readonly visitId?: string | null;
  readonly replaces?: string | null;
  readonly body: EntryBodies[K];
}

/** Makes entries, sends them, and takes them back. The key is made here, so sending one twice stores it once. */
export function useEntries(): {
  readonly make: <K extends EntryKind>(draft: Draft<K>) => Entry;
  readonly send: (entries: readonly Entry[]) => Promise<readonly EntryResult[]>;
  readonly withdraw: (entry: Pick<Entry, 'id' | 'patchId' | 'standId'>, day: string) => Promise<void>;
} {
  const client = useQueryClient();
  const { groupId, group } = useGroup();

  const make = <K extends EntryKind>({
    kind,
    patchId,
    standId,
    day,
    visitId = null,
    replaces = null,
    body,
  }: Draft<K>): Entry =>
    ({
      id: newId(),
      kind,
      schemaVersion: 1,
      patchId,
      standId,
      visitId,
      day,
      zone: group.value?.zone ?? 'UTC',
      madeAt: new Date().toISOString(),
      device: 'browser',
      replaces,
      body,
    }) as Entry;

  async function send(entries: readonly Entry[]): Promise<readonly EntryResult[]> {
    const { results } = await call(ROUTES.sync, { params: { groupId: groupId.value! }, body: { entries } });
    await client.invalidateQueries({ queryKey: ['group'] });
    return results;
  }

  async function withdraw(
    { id, patchId, standId }: Pick<Entry, 'id' | 'patchId' | 'standId'>,
    day: string,
  ): Promise<void> {
    const [result] = await send([
      make({ kind: 'withdrawal', patchId, standId, day, replaces: id, body: { reason: '' } }),
    ]);
    if (result?.status === 'needsAttention') throw new ApiError('conflict', result.message, result.field, result.code);
  }
  return { make, send, withdraw };
}
