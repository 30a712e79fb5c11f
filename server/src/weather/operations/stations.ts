import { dayNumber, isoDay } from '@emberfield/core/measure';
import type { NewStation, StationDays, StationView } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { isDuplicate, transact } from '../../platform/database/transact.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { contentDigest } from '../../platform/tokens.ts';
import { updateGroup } from '../../people/index.ts';
import * as repository from '../repository.ts';

export async function listStations(
  { db }: Dependencies,
  { group }: { readonly group: { readonly id: string } },
): Promise<readonly StationView[]> {
  const [stations, summaries] = [
    await repository.stationsOf(db, group.id),
    await repository.daySummaries(db, group.id),
  ];
  return stations.map(({ id, name, latitudeDeg, longitudeDeg, heightM, source }) => {
    const measured = summaries.find((s) => s.stationId === id && !s.outlook);
    const outlook = summaries.find((s) => s.stationId === id && s.outlook);
    const first = measured?.firstDay ?? null;
    const last = measured?.lastDay ?? null;
    return {
      id,
      name,
      latitudeDeg,
      longitudeDeg,
      heightM,
      source,
      dayCount: measured?.dayCount ?? 0,
      firstDay: first === null ? null : isoDay(first),
      lastDay: last === null ? null : isoDay(last),
      outlookDays: outlook?.dayCount ?? 0,
      missingDays: first === null || last === null ? 0 : last - first + 1 - measured!.dayCount,
    };
  });
}

export async function oneStation(deps: Dependencies, groupId: string, id: string): Promise<StationView> {
  const found = (await listStations(deps, { group: { id: groupId } })).find((s) => s.id === id);
  if (!found) throw notFound('station');
  return found;
}

export async function addStation(deps: Dependencies, { body, group }: GroupContext<NewStation>): Promise<StationView> {
  const digest = contentDigest(body);
  try {
    await transact(deps.db, async (tx) => {
      await updateGroup(tx, group.id, {});
      await repository.insertStation(tx, {
        ...body,
        name: body.name.trim(),
        groupId: group.id,
        source: 'csv',
        contentDigest: digest,
        madeAt: deps.clock.now(),
      });
    });
  } catch (error) {
    if (!isDuplicate(error)) throw error;
    const before = await repository.stationAnywhere(deps.db, body.id);
    if (before?.groupId !== group.id || !before.contentDigest.equals(digest))
      throw new AppError('idTaken', { field: 'body.id', cause: error });
  }
  return oneStation(deps, group.id, body.id);
}

const MOST_DAYS = 800;

/** Days of a station between two days, both included. */
export async function listDays(
  { db }: Dependencies,
  { group, params, query }: GroupContext<null>,
): Promise<StationDays> {
  const station = await repository.stationById(db, group.id, params['stationId']!);
  if (!station) throw notFound('station');
  const [from, to] = [queryDay(query['from'], 'from'), queryDay(query['to'], 'to')];
  if (to - from >= MOST_DAYS) throw new AppError('badInput', { field: 'query.from', reason: 'tooMany' });
  const rows = await repository.daysBetween(db, station.id, from, to);
  return {
    days: rows.map(({ day, minC, maxC, rainMm, outlook }) => ({ day: isoDay(day), minC, maxC, rainMm, outlook })),
  };
}

function queryDay(text: string | undefined, name: string): number {
  try {
    return dayNumber(text ?? '');
  } catch (cause) {
    throw new AppError('badInput', {
      field: `query.${name}`,
      reason: text === undefined ? 'missing' : 'notADay',
      cause,
    });
  }
}
