import { centreOf, type PatchFacts, type PatchGeometry, type PatchView } from '@emberfield/contract';
import type { InGroup } from '../../platform/http/context.ts';
import type { PatchRow } from '../repository.ts';
import { areaOfRing } from './ring-area.ts';

/** Secret places are shown to about a kilometre and a half: a cell of this many degrees. */
const BLUR_DEG = 0.02;
const BLUR_HEIGHT_M = 50;

/** Keepers and whoever marked a secret place see it; for all others it is blurred before anything is derived from it. */
export function seesExactly(
  row: Pick<PatchRow, 'secret' | 'madeBy'>,
  group: Pick<InGroup, 'role'>,
  accountId: string,
): boolean {
  return !row.secret || group.role === 'keeper' || row.madeBy === accountId;
}

export function geometryFor(row: PatchRow, exact: boolean): PatchGeometry {
  if (exact) return row.geometry;
  const { longitudeDeg, latitudeDeg } = centreOf(row.geometry);
  return { type: 'Point', coordinates: [blur(longitudeDeg), blur(latitudeDeg)] };
}

const blur = (deg: number): number => Math.round((Math.floor(deg / BLUR_DEG) + 0.5) * BLUR_DEG * 1e6) / 1e6;

export function factsOf(row: PatchRow): PatchFacts {
  return { ...row.facts, name: row.name, geometry: row.geometry, heightM: row.heightM, secret: row.secret };
}

export function viewPatch(row: PatchRow, exact: boolean, stands: PatchView['stands']): PatchView {
  const geometry = geometryFor(row, exact);
  return {
    ...factsOf(row),
    geometry,
    heightM: exact ? row.heightM : Math.round(row.heightM / BLUR_HEIGHT_M) * BLUR_HEIGHT_M,
    access: exact ? row.facts.access : '',
    id: row.id,
    version: row.version,
    areaM2: geometry.type === 'Polygon' ? areaOfRing(geometry.coordinates[0]!) : null,
    blurred: !exact,
    stands,
  };
}
