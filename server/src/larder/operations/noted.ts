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

/**
 * A batch of a take that was put right since is one of the take as it is now. Of takes only those that batches are made of, and those
 * that may lie on the table: a group has thousands.
 * @param since the first day of which a take may lie there.
 */
export async function notedOf(
  { db }: Pick<Dependencies, 'db'>,
  groupId: string,
  since: string,
): Promise<{ readonly noted: readonly NotedHere[]; readonly takes: ReadonlyMap<string, NotedTake> }> {
  const replaced = await putRightIn(db, groupId, 'take');
  const now = (id: string): string => {
    let latest = id;
    for (let by = replaced.get(latest); by !== undefined; by = replaced.get(by)) latest = by;
    return latest;
  };
  // What is read back was checked when it was stored.
  const entries = (await standingOfKinds(db, groupId, ['batch', 'batchWeighing', 'batchStep'])).map((e) => ({
    ...e,
    madeAt: e.madeAt.toISOString(),
  })) as unknown as readonly NotedHere[];
  const noted = entries.map((n) =>
    n.kind === 'batch' ? { ...n, body: { ...n.body, parents: n.body.parents.map((p) => now(p)) } } : n,
  );
  const ids = [...new Set(noted.flatMap((n) => (n.kind === 'batch' ? n.body.parents : [])))];
  const takes = (await standingOfKinds(db, groupId, ['take'], { since, ids })) as unknown as readonly NotedTake[];
  return { noted, takes: new Map(takes.map((t) => [t.id, t])) };
}
