import {
  boolean,
  datetime,
  index,
  int,
  mysqlEnum,
  mysqlTable,
  primaryKey,
  uniqueIndex,
  varchar,
} from 'drizzle-orm/mysql-core';
import type { CallNumber } from '@emberfield/contract';
import type { Region } from '@emberfield/core/plants';
import { digest, id, jsonText } from '../platform/database/columns.ts';

export const account = mysqlTable(
  'account',
  {
    id: id('id').primaryKey(),
    signInName: varchar('sign_in_name', { length: 40 }).notNull(),
    name: varchar('name', { length: 60 }).notNull(),
    passwordHash: varchar('password_hash', { length: 200 }).notNull(),
    /** What they read; null for the language of each device. */
    language: mysqlEnum('language', ['en', 'de']),
    demo: boolean('demo').notNull().default(false),
    /** Their data was removed on request: what they entered stays, unnamed. */
    removedAt: datetime('removed_at', { fsp: 3 }),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
  },
  (t) => [uniqueIndex('account_sign_in_name').on(t.signInName)],
);

export const group = mysqlTable('group_', {
  id: id('id').primaryKey(),
  name: varchar('name', { length: 80 }).notNull(),
  zone: varchar('zone', { length: 60 }).notNull(),
  units: mysqlEnum('units', ['metric', 'imperial']).notNull(),
  regions: jsonText<readonly Region[]>('regions').notNull().default([]),
  numbers: jsonText<readonly CallNumber[]>('numbers').notNull().default([]),
  hasBaseMap: boolean('has_base_map').notNull().default(false),
  /** Counts every change that can move a derived answer of the whole group (rules). */
  revision: int('revision').notNull().default(1),
  madeAt: datetime('made_at', { fsp: 3 }).notNull(),
});

export const membership = mysqlTable(
  'membership',
  {
    groupId: id('group_id')
      .notNull()
      .references(() => group.id),
    accountId: id('account_id')
      .notNull()
      .references(() => account.id),
    role: mysqlEnum('role', ['watcher', 'picker', 'keeper']).notNull(),
  },
  (t) => [primaryKey({ columns: [t.groupId, t.accountId] }), index('membership_account').on(t.accountId)],
);

export const session = mysqlTable(
  'session',
  {
    id: id('id').primaryKey(),
    tokenDigest: digest('token_digest').notNull(),
    accountId: id('account_id')
      .notNull()
      .references(() => account.id),
    token: varchar('cross_site_token', { length: 64 }).notNull(),
    browser: varchar('browser', { length: 120 }).notNull(),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
    lastSeenAt: datetime('last_seen_at', { fsp: 3 }).notNull(),
    expiresAt: datetime('expires_at', { fsp: 3 }).notNull(),
  },
  (t) => [
    uniqueIndex('session_token').on(t.tokenDigest),
    index('session_account').on(t.accountId),
    index('session_end').on(t.expiresAt),
  ],
);

export const invitation = mysqlTable(
  'invitation',
  {
    id: id('id').primaryKey(),
    groupId: id('group_id')
      .notNull()
      .references(() => group.id),
    role: mysqlEnum('role', ['watcher', 'picker', 'keeper']).notNull(),
    tokenDigest: digest('token_digest').notNull(),
    madeBy: id('made_by')
      .notNull()
      .references(() => account.id),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
    expiresAt: datetime('expires_at', { fsp: 3 }).notNull(),
    usedBy: id('used_by').references(() => account.id),
    withdrawn: boolean('withdrawn').notNull().default(false),
  },
  (t) => [uniqueIndex('invitation_token').on(t.tokenDigest), index('invitation_group').on(t.groupId)],
);

/** A link with which somebody who forgot their password chooses another, once; made by a keeper of a group of theirs. */
export const resetLink = mysqlTable(
  'reset_link',
  {
    id: id('id').primaryKey(),
    accountId: id('account_id')
      .notNull()
      .references(() => account.id),
    tokenDigest: digest('token_digest').notNull(),
    madeBy: id('made_by')
      .notNull()
      .references(() => account.id),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
    expiresAt: datetime('expires_at', { fsp: 3 }).notNull(),
    usedAt: datetime('used_at', { fsp: 3 }),
  },
  (t) => [uniqueIndex('reset_link_token').on(t.tokenDigest), index('reset_link_end').on(t.expiresAt)],
);

/** Which families of plants somebody may take leaf by leaf, or is kept from. */
export const clearance = mysqlTable(
  'clearance',
  {
    groupId: id('group_id')
      .notNull()
      .references(() => group.id),
    accountId: id('account_id')
      .notNull()
      .references(() => account.id),
    family: varchar('family', { length: 60 }).notNull(),
    clearance: mysqlEnum('clearance', ['cleared', 'closed']).notNull(),
    how: mysqlEnum('how', ['member', 'practice']).notNull(),
    madeBy: id('made_by')
      .notNull()
      .references(() => account.id),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
  },
  (t) => [primaryKey({ columns: [t.groupId, t.accountId, t.family] })],
);

/** One row while nobody has founded a group yet. */
export const foundingCode = mysqlTable('founding_code', {
  only: int('only_row').primaryKey(),
  codeDigest: digest('code_digest').notNull(),
});

export const audit = mysqlTable(
  'audit',
  {
    id: id('id').primaryKey(),
    groupId: id('group_id').references(() => group.id),
    accountId: id('account_id').references(() => account.id),
    at: datetime('at', { fsp: 3 }).notNull(),
    action: varchar('action', { length: 40 }).notNull(),
    detail: jsonText<unknown>('detail').notNull(),
  },
  (t) => [index('audit_group').on(t.groupId, t.at)],
);
