import { isDeepStrictEqual } from 'node:util';
import { wayBetween } from '@emberfield/core/measure';
import {
  centreOf,
  CONTAMINATING,
  type AssignStation,
  type ChangePatch,
  type EntryBodies,
  type FindBody,
  type Hazard,
  type NewPatch,
  type PatchDetail,
  type PatchFacts,
  type PatchView,
} from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { entriesOfPlace } from '../../entries/index.ts';
import { updateGroup, audit } from '../../people/index.ts';
import { daySummaries, fitStations, stationById, stationsOf, weatherAt } from '../../weather/index.ts';
import { plantsOf } from '../../plants/index.ts';
import { todayIn } from '../../platform/clock.ts';
import { transact, isDuplicate } from '../../platform/database/transact.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { contentDigest } from '../../platform/tokens.ts';
import * as repository from '../repository.ts';
import { spotOf } from '@emberfield/core/stand';
import { seesExactly, visibleTo } from '../policy.ts';
import { factsOf, viewPatch } from './view-patch.ts';

export async function listPatches(deps: Dependencies, { group }: GroupContext<null>): Promise<readonly PatchView[]> {
  const [rows, stands] = [await repository.patchesOf(deps.db, group.id), await standNames(deps, group.id)];
  return rows.map((row) => viewPatch(visibleTo(group.viewer, row, deps.words), stands.get(row.id) ?? []));
}

export async function onePatch(deps: Dependencies, { group, params }: GroupContext<unknown>): Promise<PatchDetail> {
  const known = await repository.patchById(deps.db, group.id, params['patchId']!);
  if (!known) throw notFound('patch');
  const row = visibleTo(group.viewer, known, deps.words);
  const exact = !row.blurred;
  const [stands, liftings, noted, stations, days] = await Promise.all([
    standNames(deps, group.id),
    repository.liftingsOf(deps.db, row.id),
    entriesOfPlace(deps.db, row.id),
    stationsOf(deps.db, group.id),
    daySummaries(deps.db, group.id),
  ]);
  const fit = { all: stations, fit: fitStations(stations, days) };
  const weather = exact ? await weatherAt(deps, fit, spotOf(row)) : null;
  return {
    ...viewPatch(row, stands.get(row.id) ?? []),
    stationId: row.stationId,
    stationsInUse:
      weather?.stations.map(({ station, share }) => ({
        id: station.id,
        name: station.name,
        share,
        wayM: Math.round(wayBetween(station, row)),
        heightM: station.heightM,
      })) ?? [],
    thermometer: weather?.thermometer
      ? { id: weather.thermometer.station.id, name: weather.thermometer.station.name, ...weather.thermometer.reading }
      : null,
    lifted: (exact ? liftings : []).map(({ hazards, reason, by, at }) => ({
      hazards,
      reason,
      by,
      day: todayIn(group.zone, { now: () => at, fixedDay: null }),
    })),
    finds: (exact ? noted : []).flatMap(({ id, kind, day, by, body }) =>
      kind === 'find' ? [{ id, day, by, body: body as FindBody }] : [],
    ),
    inVain: (exact ? noted : []).flatMap(({ kind, day, by, body }) => {
      if (kind !== 'search') return [];
      const { lookedFor, found } = body as EntryBodies['search'];
      return found ? [] : [{ lookedFor, day, by }];
    }),
  };
}

async function standNames(deps: Dependencies, groupId: string): Promise<ReadonlyMap<string, PatchView['stands']>> {
  const plants = await plantsOf(deps, groupId);
  const byPatch = new Map<string, PatchView['stands'][number][]>();
  for (const stand of await repository.standKeysOf(deps.db, groupId)) {
    const list = byPatch.get(stand.patchId) ?? [];
    list.push({
      id: stand.id,
      plantKey: stand.plantKey,
      plantName: plants.get(stand.plantKey)?.profile.names ?? { en: stand.plantKey },
      retired: stand.retiredOn !== null,
    });
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
    if (!seesExactly(before, group.viewer)) throw new AppError('notAllowed', { values: { role: group.role } });
    // Sent again after an answer that was lost: what is asked for is what is there.
    if (isDeepStrictEqual(factsOf(before), factsOf({ ...before, ...columnsOf(body.facts) }))) return;
    if (before.version !== body.version) throw new AppError('stale', { field: 'body.version' });
    const lifted = liftedBy(before.facts.hazards, body.facts.hazards);
    if (lifted.length > 0 && group.role !== 'keeper')
      throw new AppError('notAllowed', { reason: 'onlyKeepersLift', values: { role: group.role } });
    if (lifted.length > 0 && body.liftReason.trim() === '')
      throw new AppError('badInput', { field: 'body.liftReason', reason: 'liftReasonMissing' });
    await repository.keepPatchBefore(tx, {
      lifted,
      reason: lifted.length > 0 ? body.liftReason.trim() : '',
      patchId: id,
      version: before.version,
      before: factsOf(before),
      changedBy: account.accountId,
      changedAt: deps.clock.now(),
    });
    await repository.updatePatch(tx, id, { ...columnsOf(body.facts), version: before.version + 1 });
    // What was found there lies close to other places now.
    if (!isDeepStrictEqual(before.geometry, body.facts.geometry)) await updateGroup(tx, group.id, {});
  });
  return onePatch(deps, context);
}

/** Somebody knows better than the distance which station a place is like. */
export async function assignStation(
  deps: Dependencies,
  { body, group, account, params }: GroupContext<AssignStation>,
): Promise<null> {
  const id = params['patchId']!;
  const known = await repository.patchById(deps.db, group.id, id);
  if (!known) throw notFound('patch');
  if (body.stationId !== null && !(await stationById(deps.db, group.id, body.stationId)))
    throw new AppError('badInput', { field: 'body.stationId', reason: 'notOneOf' });
  await transact(deps.db, async (tx) => {
    await updateGroup(tx, group.id, {});
    await repository.updatePatch(tx, id, { stationId: body.stationId });
    await audit(tx, { group, account, at: deps.clock.now() }, 'stationAssigned', { name: known.name });
  });
  return null;
}

/** Contaminations that a change takes off: ground that was closed would be open again. */
function liftedBy(before: readonly Hazard[], after: readonly Hazard[]): readonly Hazard[] {
  return CONTAMINATING.filter((h) => before.includes(h) && !after.includes(h));
}

function columnsOf({ name, geometry, heightM, secret, ...facts }: PatchFacts) {
  const { latitudeDeg, longitudeDeg } = centreOf(geometry);
  return { name: name.trim(), geometry, latitudeDeg, longitudeDeg, heightM, secret, facts };
}
