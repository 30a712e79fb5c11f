import { foreignKey, index, int, mysqlEnum, mysqlTable, primaryKey, datetime } from 'drizzle-orm/mysql-core';
import { patch } from '../patches/table.ts';
import { account, group } from '../people/table.ts';
import { bytes, day, digest, id } from '../platform/database/columns.ts';
import { stand } from '../stands/table.ts';

export const photo = mysqlTable(
  'photo',
  {
    id: id('id').primaryKey(),
    groupId: id('group_id')
      .notNull()
      .references(() => group.id),
    patchId: id('patch_id').notNull(),
    standId: id('stand_id'),
    day: day('day').notNull(),
    widthPx: int('width_px').notNull(),
    heightPx: int('height_px').notNull(),
    /** Of the file as it came: the same sent twice is stored once. */
    contentDigest: digest('content_digest').notNull(),
    madeBy: id('made_by')
      .notNull()
      .references(() => account.id),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
  },
  (t) => [
    index('photo_patch').on(t.patchId, t.day),
    index('photo_stand').on(t.standId, t.day),
    foreignKey({ name: 'photo_at_patch', columns: [t.groupId, t.patchId], foreignColumns: [patch.groupId, patch.id] }),
    foreignKey({ name: 'photo_of_stand', columns: [t.groupId, t.standId], foreignColumns: [stand.groupId, stand.id] }),
  ],
);

/** Files on their way in, in pieces: a weak signal carries few of them at a time. They go once the file is whole, or nobody sends the rest. */
export const photoArriving = mysqlTable(
  'photo_arriving',
  {
    photoId: id('photo_id').notNull(),
    n: int('n').notNull(),
    groupId: id('group_id')
      .notNull()
      .references(() => group.id),
    madeBy: id('made_by')
      .notNull()
      .references(() => account.id),
    bytes: bytes('bytes').notNull(),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.groupId, t.madeBy, t.photoId, t.n] }),
    index('photo_arriving_by').on(t.madeBy),
    index('photo_arriving_at').on(t.madeAt),
  ],
);

/** The pictures in pieces that every database takes in one go. */
export const photoPiece = mysqlTable(
  'photo_piece',
  {
    photoId: id('photo_id')
      .notNull()
      .references(() => photo.id),
    size: mysqlEnum('size', ['small', 'large']).notNull(),
    n: int('n').notNull(),
    bytes: bytes('bytes').notNull(),
  },
  (t) => [primaryKey({ columns: [t.photoId, t.size, t.n] })],
);
