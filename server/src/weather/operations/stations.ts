import { dayNumber, isoDay } from '@emberfield/core/measure';
import { oddDays, type StationWeather } from '@emberfield/core/weather';
import type { FetchProblem, NewStation, StationDays, StationView } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { isDuplicate, transact } from '../../platform/database/transact.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { contentDigest } from '../../platform/tokens.ts';
import { updateGroup } from '../../people/index.ts';
import * as repository from '../repository.ts';
import { fitStations } from './pick-station.ts';
import { weatherOf } from './station-weather.ts';

export async function listStations(
  deps: Dependencies,
  { group }: { readonly group: { readonly id: string } },
): Promise<readonly StationView[]> {
  const { db } = deps;
  const [stations, summaries] = [
    await repository.allStationsOf(db, group.id),
    await repository.daySummaries(db, group.id),
  ];
  const odd = await Promise.all(stations.map(async (s) => recentOdd(await weatherOf(deps, s))));
  const fit = new Set(
    fitStations(
      stations.filter((s) => s.retiredOn === null),
      summaries,
    ).map((s) => s.id),
  );
  return stations.map(
    ({ id, name, latitudeDeg, longitudeDeg, heightM, source, fetchedAt, fetchProblem, retiredOn }, i) => {
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
        odd: odd[i]!,
        retiredOn,
        reckonedFrom: fit.has(id),
        fetchedAt: fetchedAt?.toISOString() ?? null,
        fetchProblem: fetchProblem as FetchProblem | null,
        dayCount: measured?.dayCount ?? 0,
        firstDay: first === null ? null : isoDay(first),
        lastDay: last === null ? null : isoDay(last),
        outlookDays: outlook?.dayCount ?? 0,
        missingDays: first === null || last === null ? 0 : last - first + 1 - measured!.dayCount,
      };
    },
  );
}

const ODD_WITHIN_DAYS = 366;
const MOST_ODD = 5;

function recentOdd(weather: StationWeather | null): StationView['odd'] {
  if (!weather) return [];
  const { series, climatology } = weather;
  const since = series.firstDay + series.minC.length - ODD_WITHIN_DAYS;
  return oddDays(series, climatology)
    .filter((o) => o.day >= since)
    .slice(-MOST_ODD)
    .reverse()
    .map(({ day, why }) => ({ day: isoDay(day), why }));
}

export async function oneStation(deps: Dependencies, groupId: string, id: string): Promise<StationView> {
  const found = (await listStations(deps, { group: { id: groupId } })).find((s) => s.id === id);
  if (!found) throw notFound('station');
  return found;
}

export async function addStation(deps: Dependencies, { body, group }: GroupContext<NewStation>): Promise<StationView> {
  if (body.source === 'service' && !deps.weatherService) throw new AppError('conflict', { reason: 'noWeatherService' });
  const digest = contentDigest(body);
  try {
    await transact(deps.db, async (tx) => {
      await updateGroup(tx, group.id, {});
      await repository.insertStation(tx, {
        ...body,
        name: body.name.trim(),
        groupId: group.id,
        source: body.source ?? 'csv',
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
