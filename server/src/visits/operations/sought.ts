import type { NewSought, SoughtView } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { searchesInVain } from '../../entries/index.ts';
import { isDuplicate } from '../../platform/database/transact.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import { visibleTo } from '../../patches/index.ts';
import type { GroupContext, InGroup } from '../../platform/http/context.ts';
import { contentDigest } from '../../platform/tokens.ts';
import { endSought, insertSought, openSought, soughtAnywhere } from '../repository.ts';

type Row = Awaited<ReturnType<typeof openSought>>[number];
type InVain = readonly {
  readonly lookedFor: string;
  readonly patchId: string;
  readonly patchName: string;
  readonly day: string;
}[];

/** Where something was looked for in vain, as a viewer may know it. */
const inVainFor = async ({ db, words }: Dependencies, group: InGroup): Promise<InVain> =>
  (await searchesInVain(db, group.id)).map(({ patch, ...rest }) => ({
    ...rest,
    patchId: patch.id,
    patchName: visibleTo(group.viewer, patch, words).name,
  }));

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

export async function listSought(deps: Dependencies, { group }: GroupContext<null>): Promise<readonly SoughtView[]> {
  const [rows, inVain] = await Promise.all([openSought(deps.db, group.id), inVainFor(deps, group)]);
  return rows.map((row) => view(row, inVain));
}

export async function seek(deps: Dependencies, { body, group, account }: GroupContext<NewSought>): Promise<SoughtView> {
  const { db, clock } = deps;
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
  return view((await soughtAnywhere(db, body.id))!, await inVainFor(deps, group));
}

export async function stopSeeking({ db, clock }: Dependencies, { group, params }: GroupContext<null>): Promise<null> {
  if (!(await endSought(db, group.id, params['soughtId']!, clock.now()))) throw notFound('sought');
  return null;
}
