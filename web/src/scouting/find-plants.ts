import type { PlantListItem } from '@emberfield/contract';
import { plainLetters } from '@emberfield/words';

const MOST_OFFERED = 8;

interface Asked {
  readonly text: string;
  readonly chosen: readonly string[];
  /** Keys of plants that came up before on this walk, newest first. */
  readonly recent: readonly string[];
  readonly nameOf: (plant: PlantListItem) => string;
}

/**
 * Plants to press on: those chosen stay, then those that the letters find (those known from the group's regions
 * first, a name's beginning before its middle), and
 * without letters those of this walk.
 */
export function plantsFor(
  plants: readonly PlantListItem[],
  { text, chosen, recent, nameOf }: Asked,
): readonly PlantListItem[] {
  const picked = plants.filter((p) => chosen.includes(p.key));
  const letters = plainLetters(text.trim());
  const others = plants.filter((p) => !chosen.includes(p.key));
  if (letters === '') {
    const known = recent.flatMap((key) => others.find((p) => p.key === key) ?? []);
    return [...picked, ...known].slice(0, Math.max(MOST_OFFERED, picked.length));
  }
  const rank = (p: PlantListItem): number => {
    const at = [nameOf(p), p.scientific].map((n) => plainLetters(n).indexOf(letters)).filter((i) => i >= 0);
    return at.length === 0 ? Infinity : Math.min(...at);
  };
  const found = others
    .map((p) => ({ p, r: rank(p) }))
    .filter((x) => x.r < Infinity)
    .sort((a, b) => Number(b.p.here) - Number(a.p.here) || a.r - b.r || nameOf(a.p).localeCompare(nameOf(b.p)));
  return [...picked, ...found.slice(0, MOST_OFFERED).map((x) => x.p)];
}
