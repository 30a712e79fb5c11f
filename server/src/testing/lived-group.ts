import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { v7 as newId } from 'uuid';
import { CATALOGUE } from '@emberfield/catalogue';
import { sought } from '../entries/table.ts';
import { patchHistory } from '../patches/table.ts';
import { clearance } from '../people/table.ts';
import { insertPhoto } from '../photos/index.ts';
import { path } from '../places/table.ts';
import { ownProfile } from '../plants/table.ts';
import { tidePlace } from '../tide/table.ts';
import type { OpenedGroup } from './opened-group.ts';
import { entryOf, takeBody, TODAY } from './test-server.ts';

const NOW = new Date('2026-06-01T10:00:00Z');

/** Something of every kind: a take that was put right, one that was taken back, a photo, a rule, a want, a permit, a plant of one's own. */
export async function livedGroup(
  group: OpenedGroup,
  { weather = false }: { readonly weather?: boolean } = {},
): Promise<{ readonly patchId: string; readonly standId: string }> {
  if (weather) await group.station(() => 12);
  const place = await group.stand('nettle', { patch: { name: '=SUM(A1) the "Mill", hedge', secret: true } });
  const visitId = newId();
  const first = entryOf(place, 'take', takeBody(20), { visitId });
  const wrong = entryOf(place, 'take', takeBody(7));
  await group.tell(
    entryOf(place, 'census', { method: 'complete', plants: 100, mature: null, flowering: null }, { visitId }),
    first,
    entryOf(place, 'take', takeBody(2), { replaces: first.id }),
    wrong,
    entryOf(place, 'withdrawal', { reason: 'never was' }, { replaces: wrong.id, standId: place.standId }),
    entryOf(place, 'note', { text: 'für später — “ok”\nline two' }),
  );
  const picture = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#386' } })
    .jpeg()
    .toBuffer();
  await insertPhoto(
    group.server.deps.db,
    {
      ...{ id: newId(), groupId: group.groupId, ...place, day: TODAY, widthPx: 40, heightPx: 30 },
      ...{ contentDigest: createHash('sha256').update(picture).digest(), madeBy: group.keeper.accountId },
      madeAt: NOW,
    },
    { small: picture, large: picture },
  );
  await group
    .ask('put', 'rules')
    .send({ rule: { kind: 'skipFirstAndLast' }, on: true })
    .expect(200);
  await group
    .ask('put', `wants/${newId()}`)
    .send({
      ...{ revision: 0, name: 'Soup', of: [{ plantKey: 'nettle', part: 'tip', gives: null }], measure: 'unit' },
      ...{ madeUnit: '', amount: 40, weekly: false, from: '2026-04-01', until: '2026-06-30', place: 1 },
    })
    .expect(204);
  await group
    .ask('put', `permits/${newId()}`)
    .send({
      ...{ revision: 0, kind: 'permit', name: 'Parish', plantKey: 'nettle', part: 'tip', measure: 'unit' },
      ...{ amount: 500, from: '2026-01-01', until: '2026-12-31', patchIds: [place.patchId], note: '' },
    })
    .expect(204);
  await rest(group, place);
  return place;
}

/** What has no short way in. */
async function rest(group: OpenedGroup, { patchId }: { readonly patchId: string }): Promise<void> {
  const { db } = group.server.deps;
  const of = { id: newId(), groupId: group.groupId, name: 'Lane', madeAt: NOW };
  const by = { madeBy: group.keeper.accountId };
  await db.insert(patchHistory).values({
    ...{ id: newId(), patchId, version: 1, before: { name: 'before' }, lifted: [] },
    ...{ changedBy: by.madeBy, changedAt: NOW },
  });
  await db.insert(path).values({
    ...of,
    ...by,
    kind: 'track',
    lengthM: 12,
    geometry: {
      type: 'LineString',
      coordinates: [
        [-30, 46],
        [-30, 46.1],
      ],
    },
  });
  await db.insert(tidePlace).values({
    ...{ ...of, latitudeDeg: 46, longitudeDeg: -30, contentDigest: createHash('sha256').update('tide').digest() },
    source: { kind: 'table', turns: [] } as never,
  });
  await db
    .insert(sought)
    .values({ ...of, ...by, what: 'A lime', note: '', contentDigest: createHash('sha256').update('x').digest() });
  await db.insert(ownProfile).values({
    ...{ groupId: group.groupId, key: 'nettle', revision: 2, copiedFrom: 'nettle', note: 'ours' },
    profile: CATALOGUE.find((p) => p.key === 'nettle')!,
    ...{ ...by, madeAt: NOW },
  });
  await db.insert(clearance).values({
    ...{ groupId: group.groupId, accountId: by.madeBy, family: 'Apiaceae', clearance: 'cleared', how: 'member' },
    ...{ ...by, madeAt: NOW },
  });
}
