import { v5 as keyFrom } from 'uuid';
import {
  type NewPatch,
  type PlaceImportPreview,
  type PlaceReading,
  type StoredPlaces,
  centreOf,
} from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { inUtf8 } from '../../formats/encoding.ts';
import { detectFormat } from '../../formats/detect.ts';
import { patchesOf, standKeysOf } from '../../patches/index.ts';
import { updateGroup, audit } from '../../people/index.ts';
import { plantsOf } from '../../plants/index.ts';
import { isDuplicate, transact } from '../../platform/database/transact.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { GroupContext, InGroup } from '../../platform/http/context.ts';
import { contentDigest } from '../../platform/tokens.ts';
import { storeEntry } from '../../visits/index.ts';
import { daySummaries, fitStations, stationsOf } from '../../weather/index.ts';
import * as repository from '../repository.ts';
import type { Existing, PlannedFile } from './plan.ts';
import { settleEntries } from './settle-entries.ts';

const SHOWN_LINES = 40;

/** Reads a file whole and shows what it amounts to. No place is stored yet, and a file that cannot be read leaves nothing. */
export async function newPlaceImport(deps: Dependencies, context: GroupContext<unknown>): Promise<PlaceImportPreview> {
  const { body, group, account, params, query, gone } = context;
  const content = inUtf8(body as Buffer);
  const id = params['importId']!;
  const fileName = (query['fileName'] ?? 'places').slice(0, 120);
  const format = detectFormat(content, fileName);
  const { packed, reading } = await deps.workers.run('readPlaces', { content, format }, gone);
  const row = {
    id,
    groupId: group.id,
    fileName,
    format,
    packed: Buffer.from(packed),
    reading,
    madeBy: account.accountId,
    madeAt: deps.clock.now(),
  };
  try {
    await repository.insertImport(deps.db, row);
  } catch (error) {
    if (!isDuplicate(error)) throw error;
    const before = await repository.importAnywhere(deps.db, id);
    if (before?.groupId !== group.id || !before.packed.equals(row.packed))
      throw new AppError('idTaken', { field: 'params.importId', cause: error });
  }
  return preview(deps, group, id, gone);
}

export const viewPlaceImport = (
  deps: Dependencies,
  { group, params, gone }: GroupContext<null>,
): Promise<PlaceImportPreview> => preview(deps, group, params['importId']!, gone);

export async function readPlaceImport(
  deps: Dependencies,
  { body, group, params, gone }: GroupContext<PlaceReading>,
): Promise<PlaceImportPreview> {
  const row = await openImport(deps, group.id, params['importId']!);
  await repository.updateImport(deps.db, row.id, { reading: body });
  return preview(deps, group, row.id, gone);
}

export async function dropPlaceImport(deps: Dependencies, { group, params }: GroupContext<null>): Promise<null> {
  await repository.deleteImport(deps.db, (await openImport(deps, group.id, params['importId']!)).id);
  return null;
}

/** Stores what the preview showed. Places, stands and paths go in one transaction, all or none; entries one by one as always. */
export async function storePlaceImport(
  deps: Dependencies,
  { group, account, params, gone }: GroupContext<null>,
): Promise<StoredPlaces> {
  const row = await openImport(deps, group.id, params['importId']!);
  const { plan } = await planned(deps, group, row, gone);
  if (plan.problem !== null) throw new AppError('nothingToStore', { reason: plan.problem.split('.')[0]! });
  const madeAt = deps.clock.now();
  const own = { groupId: group.id, madeBy: account.accountId, madeAt };
  await transact(deps.db, async (tx) => {
    await updateGroup(tx, group.id, {});
    await repository.insertAll(tx, {
      patches: plan.patches.map((p) => ({ ...own, ...patchColumns(p), contentDigest: contentDigest(p) })),
      stands: plan.stands.map(({ since, ...s }) => ({
        ...own,
        ...s,
        sinceYear: since,
        // A file says where things grow; what they are somebody says by their signs.
        identity: 'unconfirmed' as const,
        contentDigest: contentDigest({ ...s, since }),
      })),
      paths: plan.paths.map(({ coordinates, ...p }) => ({
        ...own,
        ...p,
        geometry: { type: 'LineString', coordinates },
      })),
    });
    await audit(tx, { group, account, at: madeAt }, 'placesImported', {
      fileName: row.fileName,
      places: plan.patches.length,
    });
    // Whoever went away meanwhile has stopped it: nothing of it stays.
    if (gone()) throw new AppError('unreadableFile', { reason: 'stopped' });
  });
  // Broken off here, it can be taken up again: what is stored has its key and is stored once.
  let entries = 0;
  const refused: string[] = [];
  for (const entry of plan.entries) {
    if (gone()) throw new AppError('unreadableFile', { reason: 'stopped' });
    const result = await storeEntry(deps, { group, account }, entry);
    if (result.status !== 'needsAttention') entries++;
    else refused.push(`${entry.day}: ${result.message}`);
  }
  await repository.updateImport(deps.db, row.id, {
    storedAt: madeAt,
    made: {
      patches: plan.patches.map((x) => x.id),
      stands: plan.stands.map((x) => x.id),
      paths: plan.paths.map((x) => x.id),
    },
  });
  return {
    refused: refused.slice(0, SHOWN_LINES),
    refusedCount: refused.length,
    places: plan.patches.length,
    stands: plan.stands.length,
    paths: plan.paths.length,
    entries,
    already: plan.already,
  };
}

function patchColumns({ id, name, geometry, heightM, secret, ...facts }: NewPatch) {
  return { id, name: name.trim(), geometry, heightM, secret, facts, ...centreOf(geometry) };
}

async function openImport({ db }: Dependencies, groupId: string, id: string): Promise<repository.PlaceImportRow> {
  const row = await repository.importById(db, groupId, id);
  if (!row) throw notFound('import');
  if (row.storedAt !== null) throw new AppError('conflict', { reason: 'importStored' });
  return row;
}

async function planned(
  deps: Dependencies,
  group: InGroup,
  row: repository.PlaceImportRow,
  gone: () => boolean,
): Promise<PlannedFile> {
  const owned = await deps.workers.run('ownKeys', { packed: row.packed }, gone);
  const [plants, patches, stands, paths, takenPatches, takenStands, stations, days] = await Promise.all([
    plantsOf(deps, group.id),
    patchesOf(deps.db, group.id),
    standKeysOf(deps.db, group.id),
    repository.pathsOf(deps.db, group.id),
    repository.takenPatches(deps.db, owned.patchIds),
    repository.takenStands(deps.db, owned.standIds),
    stationsOf(deps.db, group.id),
    daySummaries(deps.db, group.id),
  ]);
  const existing: Existing = {
    plants,
    patches: patches.map(({ id, name, latitudeDeg, longitudeDeg }) => ({ id, name, latitudeDeg, longitudeDeg })),
    stations: fitStations(stations, days).map(({ latitudeDeg, longitudeDeg, heightM }) => ({
      latitudeDeg,
      longitudeDeg,
      heightM,
    })),
    paths: new Set(paths.map((p) => p.id)),
    stands,
    takenPatches,
    takenStands: new Set([...takenStands, ...stands.map((s) => s.id)]),
  };
  const { fileName, reading, madeAt } = row;
  const asked = {
    seed: keyFrom(contentDigest(row.packed.toString('base64')).toString('hex'), group.id),
    fileName,
    reading,
    existing,
    groupId: group.id,
    zone: group.zone,
    today: group.today,
    madeAt: madeAt.toISOString(),
  };
  const { plan, ...table } = await deps.workers.run('planPlaces', { packed: row.packed, asked }, gone);
  return { ...table, plan: await settleEntries(deps.db, plan) };
}

async function preview(
  deps: Dependencies,
  group: InGroup,
  id: string,
  gone: () => boolean,
): Promise<PlaceImportPreview> {
  const row = await repository.importById(deps.db, group.id, id);
  if (!row) throw notFound('import');
  const { plan, headers, sample } = await planned(deps, group, row, gone);
  const { patches, stands, paths, entries, already, crossing, heightGuessed, shown, leftOut, problem } = plan;
  const areas = patches.filter((p) => p.geometry.type === 'Polygon').length;
  const takes = entries.filter((e) => e.kind === 'take').length;
  return {
    id,
    fileName: row.fileName,
    format: row.format,
    reading: row.reading,
    headers,
    sample,
    counts: {
      points: patches.length - areas,
      areas,
      paths: paths.length,
      stands: stands.length,
      visits: entries.length - takes,
      takes,
      already,
      crossing,
      heightGuessed,
    },
    shown,
    leftOut: leftOut.slice(0, SHOWN_LINES),
    leftOutCount: leftOut.length,
    problem,
    storedAt: row.storedAt?.toISOString() ?? null,
  };
}
