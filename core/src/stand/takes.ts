// What a take comes to, in units of its part and in plants.
import { takenBy, type PlantProfile, type ProfilePart } from '../plants/index.ts';
import type { RecordedTake } from './record.ts';

/** Amount in the part's unit; weighed takes through the profile's mass of one unit, `null` where nobody knows it. */
export function inUnit(take: Pick<RecordedTake, 'amount' | 'measure'>, part: ProfilePart): number | null {
  if (take.measure === 'unit' || part.unit === 'gram') return take.amount;
  return part.massG === null ? null : take.amount / part.massG.value;
}

/** Plants that it was taken from: as many as was said, else as many as such an amount usually comes from. */
export const takenFrom = (
  take: Pick<RecordedTake, 'amount' | 'measure' | 'plants' | 'method'>,
  part: ProfilePart,
): number =>
  take.plants ??
  Math.ceil((inUnit(take, part) ?? 0) / Math.max(part.perPlant.value * takenBy(part, take.method).yield, 1e-9));

/**
 * Plants that a take killed: as many as was said, else by the way in which it was taken as many of those it was taken from, the snapped ones left out.
 * Not always whole: of ten roots whose side runs were cut one in ten may die.
 */
export function killedBy({ parts }: Pick<PlantProfile, 'parts'>, take: RecordedTake): number {
  if (take.killed !== null) return take.killed;
  const part = parts.find((p) => p.key === take.part);
  if (!part) return 0;
  return diedOf(take, part);
}

/**
 * How long taking from one plant of a part takes here, minutes: of all takes of which somebody said how long they took, time over plants. `null` where
 * nobody did.
 */
export function minutesAPlant(takes: readonly RecordedTake[], part: ProfilePart): number | null {
  let [minutes, plants] = [0, 0];
  for (const t of takes) {
    if (t.part !== part.key || !t.minutes) continue;
    minutes += t.minutes;
    plants += takenFrom(t, part);
  }
  return plants > 0 ? minutes / plants : null;
}

/** Plants that die of a take by the way in which it was taken, where nobody counted them. */
export function diedOf(
  take: Pick<RecordedTake, 'amount' | 'measure' | 'plants' | 'method' | 'snapped'>,
  part: ProfilePart,
): number {
  const { kills } = takenBy(part, take.method);
  return kills === 0 ? 0 : kills * Math.max(0, takenFrom(take, part) - take.snapped);
}
