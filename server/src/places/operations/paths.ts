import type { PathView } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { deletePath, pathsOf } from '../repository.ts';

/** A path leads to places: watchers, to whom secret ones are blurred, are shown none. */
export async function listPaths({ db }: Dependencies, { group }: GroupContext<null>): Promise<readonly PathView[]> {
  if (group.role === 'watcher') return [];
  return (await pathsOf(db, group.id)).map(({ id, name, kind, day, lengthM, geometry }) => ({
    id,
    name,
    kind,
    day,
    lengthM: Math.round(lengthM),
    geometry: geometry as PathView['geometry'],
  }));
}

export async function forgetPath({ db }: Dependencies, { group, params }: GroupContext<null>): Promise<null> {
  if (!(await deletePath(db, group.id, params['pathId']!))) throw notFound('path');
  return null;
}
