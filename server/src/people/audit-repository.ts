import { and, desc, eq, lt } from 'drizzle-orm';
import { v7 as newId } from 'uuid';
import type { ActivityKind } from '@emberfield/contract';
import type { Queryable } from '../platform/database/database.ts';
import { account, audit } from './table.ts';

/** What was done in a group, newest first, before a key, one page. */
export const auditPage = (db: Queryable, groupId: string, before: string | null, limit: number) =>
  db
    .select({ audit, by: account.name })
    .from(audit)
    .leftJoin(account, eq(account.id, audit.accountId))
    .where(before === null ? eq(audit.groupId, groupId) : and(eq(audit.groupId, groupId), lt(audit.id, before)))
    .orderBy(desc(audit.id))
    .limit(limit);

export const writeAudit = (
  db: Queryable,
  row: Omit<typeof audit.$inferInsert, 'id' | 'action'> & { readonly action: ActivityKind },
) => db.insert(audit).values({ id: newId(), ...row });
