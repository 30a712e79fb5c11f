import type { NewTide, TideView } from '@emberfield/contract';
import { dayNumber } from '@emberfield/core/measure';
import type { Dependencies } from '../../dependencies.ts';
import { updateGroup } from '../../people/index.ts';
import { isDuplicate, transact } from '../../platform/database/transact.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { contentDigest } from '../../platform/tokens.ts';
import * as repository from '../repository.ts';
import { turnsOn } from '@emberfield/core/tide';
import { readTide } from './read-tide.ts';

export async function listTides(
  { db }: Dependencies,
  { group }: Pick<GroupContext<unknown>, 'group'>,
): Promise<readonly TideView[]> {
  const dayOf = (at: number): string => new Date(at).toISOString().slice(0, 10);
  return (await repository.tidesOf(db, group.id)).map((row): TideView => {
    const { id, name, latitudeDeg, longitudeDeg, source } = row;
    const turns = source.kind === 'table' ? source.turns : null;
    return {
      id,
      name,
      latitudeDeg,
      longitudeDeg,
      kind: source.kind,
      count: source.kind === 'table' ? source.turns.length : source.constituents.length,
      firstDay: turns && dayOf(turns[0]!.at),
      lastDay: turns && dayOf(turns.at(-1)!.at),
      turns: turnsOn(row, dayNumber(group.today), group.zone),
    };
  });
}

export async function addTide(deps: Dependencies, { body, group }: GroupContext<NewTide>): Promise<TideView> {
  const { file, ...rest } = body;
  const source = readTide(file, group.zone);
  const digest = contentDigest(body);
  try {
    await transact(deps.db, async (tx) => {
      await updateGroup(tx, group.id, {});
      await repository.insertTide(tx, {
        ...rest,
        name: rest.name.trim(),
        source,
        groupId: group.id,
        contentDigest: digest,
        madeAt: deps.clock.now(),
      });
    });
  } catch (error) {
    if (!isDuplicate(error)) throw error;
    const before = await repository.tideAnywhere(deps.db, body.id);
    if (before?.groupId !== group.id || !before.contentDigest.equals(digest))
      throw new AppError('idTaken', { field: 'body.id', cause: error });
  }
  return (await listTides(deps, { group })).find((t) => t.id === body.id)!;
}

export async function removeTide(deps: Dependencies, { group, params }: GroupContext<null>): Promise<null> {
  await transact(deps.db, async (tx) => {
    await updateGroup(tx, group.id, {});
    if (!(await repository.deleteTide(tx, group.id, params['tideId']!))) throw notFound('tide');
  });
  return null;
}
