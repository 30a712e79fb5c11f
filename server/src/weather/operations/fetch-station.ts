import { dayNumber, isoDay, type DayNumber } from '@emberfield/core/measure';
import type { FetchProblem, StationView } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { updateGroup } from '../../people/index.ts';
import { todayIn } from '../../platform/clock.ts';
import { transact } from '../../platform/database/transact.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import * as repository from '../repository.ts';
import { addressFor, type WeatherService } from '../weather-service.ts';
import { readService } from './read-service.ts';
import { oneStation } from './stations.ts';

const LONGEST_ANSWER_MS = 15_000;
const LARGEST_ANSWER_BYTES = 4 * 1024 * 1024;
/** A new station is given so many past years, a piece at a time; later ones are looked over a few days back, as services mend theirs. */
const PAST_YEARS = 12;
const PIECE_DAYS = 366;
const MENDED_DAYS = 5;
const OUTLOOK_DAYS = 10;

type Service = Dependencies & { readonly weatherService: WeatherService };

/** A keeper asks for a station's weather now. */
export async function fetchNow(deps: Dependencies, { group, params }: GroupContext<unknown>): Promise<StationView> {
  const station = await repository.stationById(deps.db, group.id, params['stationId']!);
  if (!station) throw notFound('station');
  if (station.source !== 'service' || !deps.weatherService)
    throw new AppError('conflict', { reason: deps.weatherService ? 'stationNotFed' : 'noWeatherService' });
  await fetchStation({ ...deps, weatherService: deps.weatherService }, station, group.today);
  return oneStation(deps, group.id, station.id);
}

/** Fetches what a station lacks, piece by piece; what came before a failure is kept, and the failure is told at the station. */
async function fetchStation(deps: Service, station: repository.StationRow, today: string): Promise<void> {
  const now = dayNumber(today);
  const summary = (await repository.daySummaries(deps.db, station.groupId)).find(
    (s) => s.stationId === station.id && !s.outlook,
  );
  const first = summary?.lastDay == null ? now - 365 * PAST_YEARS : summary.lastDay - MENDED_DAYS;
  let problem: FetchProblem | null = null;
  for (let from = first; from <= now + OUTLOOK_DAYS && problem === null; from += PIECE_DAYS)
    problem = await fetchPiece(deps, station, { from, to: Math.min(from + PIECE_DAYS - 1, now + OUTLOOK_DAYS), now });
  if (problem) deps.log.warn({ stationId: station.id, problem }, 'weather service');
  await repository.noteFetch(deps.db, station.id, { fetchedAt: deps.clock.now(), fetchProblem: problem });
}

async function fetchPiece(
  deps: Service,
  station: repository.StationRow,
  { from, to, now }: { readonly from: DayNumber; readonly to: DayNumber; readonly now: DayNumber },
): Promise<FetchProblem | null> {
  const { url, fields } = deps.weatherService;
  const answer = await jsonFrom(addressFor({ url, fields }, station, { from: isoDay(from), to: isoDay(to) }));
  if ('problem' in answer) return answer.problem;
  const reading = readService(answer.json, fields);
  if (!reading || reading.days.length === 0) return 'noDays';
  const asked = reading.days.filter((d) => d.day >= from && d.day <= to);
  await transact(deps.db, async (tx) => {
    await updateGroup(tx, station.groupId, {});
    await repository.touchStation(tx, station.id);
    await repository.upsertDays(
      tx,
      station.id,
      asked.map((d) => ({ ...d, outlook: d.day > now })),
    );
  });
  return null;
}

/** An answer of a bounded size within a bounded time, from the address itself: a redirect could lead anywhere. */
async function jsonFrom(address: string): Promise<{ readonly json: unknown } | { readonly problem: FetchProblem }> {
  let text = '';
  try {
    const response = await fetch(address, {
      redirect: 'error',
      headers: { accept: 'application/json' },
      signal: AbortSignal.timeout(LONGEST_ANSWER_MS),
    });
    if (!response.ok || !response.body) return { problem: 'refused' };
    const decoder = new TextDecoder();
    let bytes = 0;
    for await (const piece of response.body as unknown as AsyncIterable<Uint8Array>) {
      bytes += piece.length;
      if (bytes > LARGEST_ANSWER_BYTES) return { problem: 'tooLarge' };
      text += decoder.decode(piece, { stream: true });
    }
  } catch {
    return { problem: 'unreachable' };
  }
  try {
    return { json: JSON.parse(text) as unknown };
  } catch {
    return { problem: 'notJson' };
  }
}

const LOOK_EVERY_MS = 20 * 60_000;
const FETCH_EVERY_MS = 3 * 3_600_000;

/** Keeps fed stations up to date; of several servers one fetches. Returns its stop. */
export function startFetching(deps: Dependencies): () => void {
  const { weatherService } = deps;
  if (!weatherService) return () => undefined;
  let busy = false;
  const look = async (): Promise<void> => {
    if (busy) return;
    busy = true;
    try {
      const now = deps.clock.now();
      for (const { station, zone } of await repository.fedStations(deps.db))
        if (await repository.claimFetch(deps.db, station.id, new Date(now.getTime() - FETCH_EVERY_MS), now))
          await fetchStation({ ...deps, weatherService }, station, todayIn(zone, deps.clock));
    } catch (err) {
      deps.log.error({ err }, 'fetching weather');
    } finally {
      busy = false;
    }
  };
  void look();
  const timer = setInterval(() => void look(), LOOK_EVERY_MS);
  return () => clearInterval(timer);
}
