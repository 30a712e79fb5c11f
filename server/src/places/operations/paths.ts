import type { PathView } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { notFound } from '../../platform/errors.ts';
import { pathVisibleTo, patchesOf } from '../../patches/index.ts';
import type { GroupContext, InGroup } from '../../platform/http/context.ts';
import { deletePath, pathsOf } from '../repository.ts';

/** A path leads to places: one that leads to a secret place is shown only to those who see the place. */
export async function visiblePaths({ db }: Dependencies, { id, viewer }: InGroup) {
  const [paths, places] = await Promise.all([pathsOf(db, id), patchesOf(db, id)]);
  return paths.filter(({ geometry }) => pathVisibleTo(viewer, (geometry as PathView['geometry']).coordinates, places));
}

export async function listPaths(deps: Dependencies, { group }: GroupContext<null>): Promise<readonly PathView[]> {
  return (await visiblePaths(deps, group)).map(({ id, name, kind, day, lengthM, geometry }) => ({
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
