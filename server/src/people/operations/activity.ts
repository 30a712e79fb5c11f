import { isUuid, type ActivityKind, type ActivityPage } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { AppError } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { auditPage } from '../audit-repository.ts';
import * as repository from '../repository.ts';

const PAGE = 50;

/** Who changed what in a group, newest first, a page at a time. */
export async function listActivity(
  { db, words }: Dependencies,
  { group, query }: GroupContext<null>,
): Promise<ActivityPage> {
  const before = query['before'] ?? null;
  if (before !== null && !isUuid(before)) throw new AppError('badInput', { field: 'query.before', reason: 'notAnId' });
  const rows = await auditPage(db, group.id, before, PAGE + 1);
  const shown = rows.slice(0, PAGE);
  const names = new Map(
    (
      await repository.namesOfAccounts(
        db,
        shown.flatMap(({ audit }) => accountIn(audit.detail)),
      )
    ).map((a) => [a.id, a.name]),
  );
  return {
    items: shown.map(({ audit: { id, at, action, detail }, by }) => ({
      id,
      at: at.toISOString(),
      by: by ?? '',
      // Written by this server only, from the list of the contract.
      kind: action as ActivityKind,
      about: aboutOf(detail as Detail, names, (role) => words(group.viewer.language).t(`role.${role}`)),
    })),
    next: rows.length > PAGE ? shown.at(-1)!.audit.id : null,
  };
}

type Detail = Readonly<Record<string, unknown>>;
const accountIn = (detail: unknown): readonly string[] => {
  const { accountId } = detail as Detail;
  return typeof accountId === 'string' ? [accountId] : [];
};

/** What it was done to, in a few words: whom, which place, which file. */
function aboutOf(detail: Detail, names: ReadonlyMap<string, string>, roleName: (role: string) => string): string {
  const text = (key: string): readonly string[] => {
    const value = detail[key];
    return typeof value === 'string' && value !== '' ? [value] : [];
  };
  const rule = detail['rule'] as { readonly kind?: unknown } | undefined;
  return [
    ...accountIn(detail).flatMap((id) => names.get(id) ?? []),
    ...text('name'),
    ...text('groupName'),
    ...text('fileName'),
    ...text('role').map(roleName),
    ...text('family'),
    ...text('key'),
    ...text('what'),
    ...text('why'),
    ...(typeof rule?.kind === 'string' ? [rule.kind] : []),
  ].join(', ');
}
