import type { PatchFacts, PatchView } from '@emberfield/contract';
import type { VisiblePatch } from '../policy.ts';
import type { PatchRow } from '../table.ts';
import { areaOf } from '../../formats/ring-area.ts';

export function factsOf(row: PatchRow): PatchFacts {
  return { ...row.facts, name: row.name, geometry: row.geometry, heightM: row.heightM, secret: row.secret };
}

export function viewPatch(row: VisiblePatch, stands: PatchView['stands']): PatchView {
  const { geometry } = row;
  return {
    ...factsOf(row),
    id: row.id,
    version: row.version,
    retiredOn: row.retiredOn,
    retiredWhy: row.blurred ? '' : row.retiredWhy,
    areaM2: geometry.type === 'Polygon' ? areaOf(geometry.coordinates) : null,
    blurred: row.blurred,
    stands,
  };
}
