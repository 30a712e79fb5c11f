import { dayNumber, isoDay } from '@emberfield/core/measure';
import type { ImportPreview, ImportReading, StationView, StoredImport } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { isDuplicate, transact } from '../../platform/database/transact.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { GroupContext, InGroup } from '../../platform/http/context.ts';
import { updateGroup, audit } from '../../people/index.ts';
import * as repository from '../repository.ts';
import { oneStation } from './stations.ts';

const SHOWN_LINES = 40;
const SHOWN_DAYS = 8;

/** Takes a file in, guesses how it is read, and shows what was understood. No day is stored yet. */
export async function newImport(
  deps: Dependencies,
  { body, group, account, params, query, gone }: GroupContext<unknown>,
): Promise<ImportPreview> {
  const content = body as Buffer;
  const id = params['importId']!;
  const fileName = (query['fileName'] ?? 'weather.csv').slice(0, 120);
  if (!(await repository.stationById(deps.db, group.id, params['stationId']!))) throw notFound('station');
  const reading = await deps.workers.run('guessWeather', { content, imperial: group.units === 'imperial' }, gone);
  if (reading.columns.length < 2) throw new AppError('unreadableFile', { reason: 'notATable' });
  try {
    await repository.insertImport(deps.db, {
      id,
      groupId: group.id,
      stationId: params['stationId']!,
      fileName,
      content,
      reading,
      madeBy: account.accountId,
      madeAt: deps.clock.now(),
    });
  } catch (error) {
    if (!isDuplicate(error)) throw error;
    const before = await repository.importAnywhere(deps.db, id);
    if (before?.groupId !== group.id || !before.content.equals(content))
      throw new AppError('idTaken', { field: 'params.importId', cause: error });
  }
  return preview(deps, group, id);
}

export async function listImports(
  deps: Dependencies,
  { group }: GroupContext<null>,
): Promise<readonly ImportPreview[]> {
  const out: ImportPreview[] = [];
  for (const row of await repository.openImports(deps.db, group.id)) out.push(await preview(deps, group, row.id));
  return out;
}

export const viewImport = (deps: Dependencies, { group, params }: GroupContext<null>): Promise<ImportPreview> =>
  preview(deps, group, params['importId']!);

/** The user's word on how the file is to be read. */
export async function readImport(
  deps: Dependencies,
  { body, group, params }: GroupContext<ImportReading>,
): Promise<ImportPreview> {
  const row = await openImport(deps, group.id, params['importId']!);
  await repository.updateImport(deps.db, row.id, { reading: body });
  return preview(deps, group, row.id);
}

/** Stores the days as previewed, all or none; the station's answers are reckoned anew. */
export async function storeImport(
  deps: Dependencies,
  { group, account, params }: GroupContext<null>,
): Promise<StoredImport> {
  const row = await openImport(deps, group.id, params['importId']!);
  const { days, problem } = await deps.workers.run('readWeather', {
    content: row.content,
    reading: row.reading,
    today: dayNumber(group.today),
  });
  if (problem !== null) throw new AppError('nothingToStore', { reason: problem });
  const own = new Set(days.map((d) => d.day));
  await transact(deps.db, async (tx) => {
    await updateGroup(tx, group.id, {});
    await repository.touchStation(tx, row.stationId);
    const there = await repository.daysBetween(tx, row.stationId, days[0]!.day, days.at(-1)!.day);
    await repository.upsertDays(
      tx,
      row.stationId,
      days.map((d) => ({ ...d, outlook: false })),
    );
    await repository.updateImport(tx, row.id, {
      storedAt: deps.clock.now(),
      made: {
        days: [...own],
        before: there
          .filter((d) => own.has(d.day))
          .map(({ day, minC, maxC, rainMm, outlook }) => ({ day, minC, maxC, rainMm, outlook })),
      },
    });
    await audit(tx, { group, account, at: deps.clock.now() }, 'weatherImported', {
      fileName: row.fileName,
      days: days.length,
    });
  });
  return { storedDays: days.length, station: await oneStation(deps, group.id, row.stationId) };
}

/** Takes a stored file back: its days go, and those that it replaced stand there again. */
export async function undoImport(
  deps: Dependencies,
  { group, account, params }: GroupContext<null>,
): Promise<StationView> {
  const row = await repository.importById(deps.db, group.id, params['importId']!);
  if (!row) throw new AppError('notFound', { reason: 'longAgo', values: { what: 'import' } });
  const { made } = row;
  if (row.storedAt === null || !made) throw new AppError('conflict', { reason: 'importOpen' });
  await transact(deps.db, async (tx) => {
    await updateGroup(tx, group.id, {});
    await repository.touchStation(tx, row.stationId);
    await repository.deleteDays(tx, row.stationId, made.days);
    await repository.upsertDays(tx, row.stationId, made.before);
    await repository.updateImport(tx, row.id, { storedAt: null, made: null });
    await audit(tx, { group, account, at: deps.clock.now() }, 'weatherImportUndone', { fileName: row.fileName });
  });
  return oneStation(deps, group.id, row.stationId);
}

export async function dropImport(deps: Dependencies, { group, params }: GroupContext<null>): Promise<null> {
  const row = await openImport(deps, group.id, params['importId']!);
  await repository.deleteImport(deps.db, row.id);
  return null;
}

async function openImport({ db }: Dependencies, groupId: string, id: string): Promise<repository.ImportRow> {
  const row = await repository.importById(db, groupId, id);
  if (!row) throw notFound('import');
  if (row.storedAt !== null) throw new AppError('conflict', { reason: 'importStored' });
  return row;
}

type Measured = Pick<repository.StationDayRow, 'minC' | 'maxC' | 'rainMm'>;
/** Whether two records of a day say something else; rain that only one of them has does not count. */
const differ = (a: Measured, b: Measured): boolean =>
  a.minC !== b.minC || a.maxC !== b.maxC || (a.rainMm !== null && b.rainMm !== null && a.rainMm !== b.rainMm);

async function preview(
  { db, workers }: Dependencies,
  group: Pick<InGroup, 'id' | 'today'>,
  id: string,
): Promise<ImportPreview> {
  const row = await repository.importById(db, group.id, id);
  if (!row) throw notFound('import');
  const { headers, sample, days, leftOut, problem } = await workers.run('readWeather', {
    content: row.content,
    reading: row.reading,
    today: dayNumber(group.today),
  });
  const [first, last] = [days[0]?.day ?? null, days.at(-1)?.day ?? null];
  const there = first === null || last === null ? [] : await repository.daysBetween(db, row.stationId, first, last);
  const own = new Map(days.map((d) => [d.day, d]));
  const known = there.filter((d) => !d.outlook && own.has(d.day));
  return {
    id: row.id,
    stationId: row.stationId,
    fileName: row.fileName,
    reading: row.reading,
    headers,
    sample,
    problem,
    dayCount: days.length,
    firstDay: first === null ? null : isoDay(first),
    lastDay: last === null ? null : isoDay(last),
    gapDays: first === null || last === null ? 0 : last - first + 1 - days.length,
    coldestC: days.length === 0 ? null : days.reduce((c, d) => Math.min(c, d.minC), Infinity),
    warmestC: days.length === 0 ? null : days.reduce((c, d) => Math.max(c, d.maxC), -Infinity),
    leftOut: leftOut.slice(0, SHOWN_LINES),
    leftOutCount: leftOut.length,
    understood: days.slice(0, SHOWN_DAYS).map((d) => ({ ...d, day: isoDay(d.day), outlook: false })),
    replacesDays: known.length,
    differingDays: known.filter((d) => differ(d, own.get(d.day)!)).length,
    storedAt: row.storedAt?.toISOString() ?? null,
  };
}
