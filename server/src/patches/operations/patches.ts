import { centreOf, type ChangePatch, type NewPatch, type PatchFacts, type PatchView } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { plantsOf } from '../../plants/index.ts';
import { transact, isDuplicate } from '../../platform/database/transact.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { contentDigest } from '../../platform/tokens.ts';
import * as repository from '../repository.ts';
import { factsOf, seesExactly, viewPatch } from './view-patch.ts';

export async function listPatches(
  deps: Dependencies,
  { group, account }: GroupContext<null>,
): Promise<readonly PatchView[]> {
  const [rows, stands] = [await repository.patchesOf(deps.db, group.id), await standNames(deps, group.id)];
  return rows.map((row) => viewPatch(row, seesExactly(row, group, account.accountId), stands.get(row.id) ?? []));
}

export async function onePatch(
  deps: Dependencies,
  { group, account, params }: GroupContext<unknown>,
): Promise<PatchView> {
  const row = await repository.patchById(deps.db, group.id, params['patchId']!);
  if (!row) throw notFound('patch');
  return viewPatch(
    row,
    seesExactly(row, group, account.accountId),
    (await standNames(deps, group.id)).get(row.id) ?? [],
  );
}

async function standNames(deps: Dependencies, groupId: string): Promise<ReadonlyMap<string, PatchView['stands']>> {
  const plants = await plantsOf(deps, groupId);
  const byPatch = new Map<string, PatchView['stands'][number][]>();
  for (const stand of await repository.standKeysOf(deps.db, groupId)) {
    const list = byPatch.get(stand.patchId) ?? [];
    list.push({ id: stand.id, plantName: plants.get(stand.plantKey)?.profile.names ?? { en: stand.plantKey } });
    byPatch.set(stand.patchId, list);
  }
  return byPatch;
}

/** The same request sent twice stores once and answers the same; the same key with another content is refused. */
export async function addPatch(deps: Dependencies, context: GroupContext<NewPatch>): Promise<PatchView> {
  const { body, group, account } = context;
  const { id, ...facts } = body;
  const digest = contentDigest(body);
  try {
    await repository.insertPatch(deps.db, {
      id,
      groupId: group.id,
      ...columnsOf(facts),
      contentDigest: digest,
      madeBy: account.accountId,
      madeAt: deps.clock.now(),
    });
  } catch (error) {
    if (!isDuplicate(error)) throw error;
    const before = await repository.patchAnywhere(deps.db, id);
    if (before?.groupId !== group.id || !before.contentDigest.equals(digest))
      throw new AppError('idTaken', { field: 'body.id', cause: error });
  }
  return onePatch(deps, { ...context, params: { ...context.params, patchId: id } });
}

/** An edit names the version it was made on; a stale one changes nothing. */
export async function changePatch(deps: Dependencies, context: GroupContext<ChangePatch>): Promise<PatchView> {
  const { body, group, account, params } = context;
  const id = params['patchId']!;
  await transact(deps.db, async (tx) => {
    const before = await repository.lockPatch(tx, group.id, id);
    if (!before) throw notFound('patch');
    if (!seesExactly(before, group, account.accountId))
      throw new AppError('notAllowed', { values: { role: group.role } });
    if (before.version !== body.version) throw new AppError('stale', { field: 'body.version' });
    await repository.keepPatchBefore(tx, {
      patchId: id,
      version: before.version,
      before: factsOf(before),
      changedBy: account.accountId,
      changedAt: deps.clock.now(),
    });
    await repository.updatePatch(tx, id, { ...columnsOf(body.facts), version: before.version + 1 });
  });
  return onePatch(deps, context);
}

function columnsOf({ name, geometry, heightM, secret, ...facts }: PatchFacts) {
  const { latitudeDeg, longitudeDeg } = centreOf(geometry);
  return { name: name.trim(), geometry, latitudeDeg, longitudeDeg, heightM, secret, facts };
}
