// Ways of taking a part: what each costs the plant, and what it gives.
import type { MethodKey } from './kinds.ts';
import type { PlantProfile, ProfilePart } from './profile.ts';

/** The same, of any way, by its likeliest figures. */
export interface TakenBy {
  readonly kills: number;
  /** `null`: as it is with the part, by the usual way. */
  readonly growsAgain: number | null;
  readonly yield: number;
}

/** Trees and bushes: people know them one by one and go back to them. */
export const isGoneBackTo = ({ habit }: Pick<PlantProfile, 'habit'>): boolean =>
  habit === 'tree' || habit === 'shrub' || habit === 'conifer';

/** What lies in the ground is dug out of it, in whatever way. */
export const isDug = (part: Pick<ProfilePart, 'key'>): boolean => part.key === 'root';

/** How a part may be taken, the usual way first. */
export const methodsOf = (part: Pick<ProfilePart, 'methods'>): readonly MethodKey[] => [
  'usual',
  ...(part.methods ?? []).map((m) => m.key),
];

/** A way that the part has; else the usual one. */
export const methodOr = (part: Pick<ProfilePart, 'methods'>, method: string | null | undefined): MethodKey =>
  methodsOf(part).find((m) => m === method) ?? 'usual';

/** What a way does; one that the profile does not have, as after it was changed, counts as the usual one. */
export function takenBy(part: Pick<ProfilePart, 'kills' | 'methods'>, method: MethodKey): TakenBy {
  const other = part.methods?.find((m) => m.key === method);
  if (!other) return { kills: part.kills ? 1 : 0, growsAgain: null, yield: 1 };
  return { kills: other.kills.value, growsAgain: other.growsAgain.value, yield: other.yield.value };
}

/** From so many deaths in a hundred on a way is said to kill. */
const KILLS_FROM = 0.5;

/** The part as it is when taken in one way: what a plant gives of it, and whether that costs the plant its life, and with it its seed. */
export function partBy(part: ProfilePart, method: MethodKey): ProfilePart {
  if (!part.methods?.some((m) => m.key === method)) return part;
  const by = takenBy(part, method);
  const { value, low, high } = part.perPlant;
  const kills = by.kills >= KILLS_FROM;
  return {
    ...part,
    perPlant: {
      ...part.perPlant,
      value: value * by.yield,
      low: low * by.yield,
      high: high * by.yield,
    },
    kills,
    // Where it is the digging up that costs the seed, a plant that is left standing keeps it.
    costsSeed: part.kills ? kills : part.costsSeed,
  };
}
