import { REGIONS, STATUSES, type Region, type Status } from './kinds.ts';
import type { PlantProfile } from './profile.ts';

/** Where it grows, wild or planted, and how it does there; left out where nobody said so. */
type InRegions = Pick<PlantProfile, 'regions' | 'status'>;

/**
 * Whether a plant may stand where a group gathers. What nobody has given regions grows everywhere, and who has chosen none is everywhere:
 * in doubt it is here.
 */
export function growsIn({ regions = {} }: Pick<InRegions, 'regions'>, chosen: readonly Region[]): boolean {
  const unsaid = REGIONS.every((region) => regions[region] === undefined);
  return chosen.length === 0 || unsaid || chosen.some((region) => regions[region] !== undefined);
}

/** Most in need of care first; an invader is one only where nothing else is said of it. */
const BY_CARE: readonly Status[] = ['protected', 'atRisk', 'slow', 'common', 'invasive'];

/** How it does in the regions of a group: where it does worst, if they differ. */
export function statusIn({ regions, status }: InRegions, chosen: readonly Region[]): Status {
  const said = chosen.flatMap((region) => regions?.[region] ?? []);
  return BY_CARE.find((s) => said.includes(s)) ?? status;
}

/** Regions by how a plant does there, in the order of the list. */
export const regionsByStatus = ({ regions }: InRegions): readonly (readonly [Status, readonly Region[]])[] =>
  STATUSES.flatMap((status) => {
    const there = Object.entries(regions ?? {}).flatMap(([region, s]) => (s === status ? [region as Region] : []));
    return there.length > 0 ? [[status, there] as const] : [];
  });
