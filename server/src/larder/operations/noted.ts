// What was noted of takes and of what became of them, as it stands.
import type { EntryBodies } from '@emberfield/contract';
import type { BatchNoted } from '@emberfield/core/larder';
import type { Dependencies } from '../../dependencies.ts';
import { putRightIn, standingOfKinds, type RecordEntry } from '../../entries/index.ts';

export type NotedHere = BatchNoted & Pick<RecordEntry, 'standId' | 'by' | 'byId'>;
export type NotedTake = Pick<RecordEntry, 'id' | 'standId' | 'byId'> & {
  readonly visitId: string | null;
  readonly body: EntryBodies['take'];
};

/** A batch of a take that was put right since is one of the take as it is now. */
export async function notedOf(
  { db }: Pick<Dependencies, 'db'>,
  groupId: string,
): Promise<{ readonly noted: readonly NotedHere[]; readonly takes: ReadonlyMap<string, NotedTake> }> {
  const entries = await standingOfKinds(db, groupId, ['batch', 'batchWeighing', 'batchStep', 'take']);
  const replaced = await putRightIn(db, groupId, 'take');
  const now = (id: string): string => {
    let latest = id;
    for (let by = replaced.get(latest); by !== undefined; by = replaced.get(by)) latest = by;
    return latest;
  };
  // What is read back was checked when it was stored.
  const noted = entries
    .filter((e) => e.kind !== 'take')
    .map((e) => ({ ...e, madeAt: e.madeAt.toISOString() })) as unknown as readonly NotedHere[];
  return {
    noted: noted.map((n) =>
      n.kind === 'batch' ? { ...n, body: { ...n.body, parents: n.body.parents.map((p) => now(p)) } } : n,
    ),
    takes: new Map(entries.flatMap((e) => (e.kind === 'take' ? [[e.id, e as unknown as NotedTake] as const] : []))),
  };
}
