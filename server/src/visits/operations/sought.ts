import type { NewSought, SoughtView } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { searchesInVain } from '../../entries/index.ts';
import { isDuplicate } from '../../platform/database/transact.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { contentDigest } from '../../platform/tokens.ts';
import { endSought, insertSought, openSought, soughtAnywhere } from '../repository.ts';

type Row = Awaited<ReturnType<typeof openSought>>[number];
type InVain = Awaited<ReturnType<typeof searchesInVain>>;
const view = ({ sought: { id, what, note, madeAt }, by }: Row, inVain: InVain): SoughtView => ({
  id,
  what,
  note,
  by,
  since: madeAt.toISOString().slice(0, 10),
  inVain: inVain
    .filter((s) => s.lookedFor.toLowerCase() === what.toLowerCase())
    .map(({ patchId, patchName, day }) => ({ patchId, patchName, day })),
});

export async function listSought({ db }: Dependencies, { group }: GroupContext<null>): Promise<readonly SoughtView[]> {
  const [rows, inVain] = await Promise.all([openSought(db, group.id), searchesInVain(db, group.id)]);
  return rows.map((row) => view(row, inVain));
}

export async function seek(
  { db, clock }: Dependencies,
  { body, group, account }: GroupContext<NewSought>,
): Promise<SoughtView> {
  const digest = contentDigest(body);
  try {
    await insertSought(db, {
      ...body,
      what: body.what.trim(),
      groupId: group.id,
      madeBy: account.accountId,
      madeAt: clock.now(),
      contentDigest: digest,
    });
  } catch (error) {
    if (!isDuplicate(error)) throw error;
    const before = await soughtAnywhere(db, body.id);
    if (before?.sought.groupId !== group.id || !before.sought.contentDigest.equals(digest))
      throw new AppError('idTaken', { field: 'body.id', cause: error });
  }
  return view((await soughtAnywhere(db, body.id))!, await searchesInVain(db, group.id));
}

export async function stopSeeking({ db, clock }: Dependencies, { group, params }: GroupContext<null>): Promise<null> {
  if (!(await endSought(db, group.id, params['soughtId']!, clock.now()))) throw notFound('sought');
  return null;
}
