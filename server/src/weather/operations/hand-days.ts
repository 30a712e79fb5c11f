import { dayNumber } from '@emberfield/core/measure';
import type { HandDays, StationView } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { updateGroup } from '../../people/index.ts';
import { transact } from '../../platform/database/transact.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import * as repository from '../repository.ts';
import { oneStation } from './stations.ts';

/** Readings of one's own thermometer: they take the place of what was known of the day. */
export async function putHandDays(
  deps: Dependencies,
  { body, group, params }: GroupContext<HandDays>,
): Promise<StationView> {
  const station = await repository.stationById(deps.db, group.id, params['stationId']!);
  if (!station) throw notFound('station');
  if (body.days.some((d) => d.day > group.today))
    throw new AppError('badInput', { field: 'body.days', reason: 'dayAhead' });
  await transact(deps.db, async (tx) => {
    await updateGroup(tx, group.id, {});
    await repository.touchStation(tx, station.id);
    await repository.upsertDays(
      tx,
      station.id,
      body.days.map(({ day, ...rest }) => ({ ...rest, day: dayNumber(day), outlook: false })),
    );
  });
  return oneStation(deps, group.id, station.id);
}
