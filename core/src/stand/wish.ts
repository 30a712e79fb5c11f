// Lengths of one's own: between which a part is wanted at a stand.
import type { LengthWish } from '../growth/index.ts';
import type { DayNumber } from '../measure/index.ts';
import type { PartKey, PlantProfile } from '../plants/index.ts';
import type { EntryBodies } from './entry.ts';
import type { StandRecord } from './record.ts';

/** The lengths between which a part is wanted here by a day; `null` where nobody wants any in particular. */
export function wishFor({ wishes }: Pick<StandRecord, 'wishes'>, part: PartKey, until: DayNumber): LengthWish | null {
  const last = wishes.findLast((w) => w.part === part && w.day <= until);
  return last && (last.fromCm !== null || last.toCm !== null) ? last : null;
}

/** From and to which length its profile has a part taken at all; `null` of an end that no length bounds. */
export function lengthLimits({ windows }: Pick<PlantProfile, 'windows'>, part: PartKey): LengthWish {
  const own = windows.filter((w) => w.part === part);
  const bound = (ends: readonly (number | undefined)[], of: (...cm: number[]) => number): number | null => {
    const known = ends.filter((cm) => cm !== undefined);
    return known.length < own.length || known.length === 0 ? null : of(...known);
  };
  return {
    fromCm: bound(
      own.map((w) => w.opens.lengthCm),
      Math.min,
    ),
    toCm: bound(
      own.map((w) => w.closes.lengthCm),
      Math.max,
    ),
  };
}

/**
 * Why lengths cannot be wanted: nothing is known of how the part grows, or they lie outside those at which it is taken at all
 * (older or younger it may be unfit, or not to be told apart).
 */
export function wishFault(
  profile: Pick<PlantProfile, 'windows' | 'parts'>,
  { part, fromCm, toCm }: EntryBodies['wish'],
): 'noGrowthKnown' | 'wishOutside' | null {
  if (fromCm === null && toCm === null) return null;
  if (!profile.parts.some((p) => p.key === part && p.growth)) return 'noGrowthKnown';
  const least = lengthLimits(profile, part).fromCm ?? 0;
  const most = lengthLimits(profile, part).toCm ?? Infinity;
  return [fromCm, toCm].every((cm) => cm === null || (cm >= least && cm <= most)) ? null : 'wishOutside';
}
