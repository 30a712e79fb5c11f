// What a take comes to, in units of its part and in plants.
import type { PlantProfile, ProfilePart } from '../plants/index.ts';
import type { RecordedTake } from './record.ts';

/** Amount in the part's unit; weighed takes through the profile's mass of one unit, `null` where nobody knows it. */
export function inUnit(take: Pick<RecordedTake, 'amount' | 'measure'>, part: ProfilePart): number | null {
  if (take.measure === 'unit' || part.unit === 'gram') return take.amount;
  return part.massG === null ? null : take.amount / part.massG.value;
}

/** Plants that a take killed: as many as was said, else as many as were touched where the taking kills. */
export function killedBy({ parts }: Pick<PlantProfile, 'parts'>, take: RecordedTake): number {
  if (take.killed !== null) return take.killed;
  const part = parts.find((p) => p.key === take.part);
  if (!part?.kills) return 0;
  return take.plants ?? Math.ceil((inUnit(take, part) ?? 0) / Math.max(part.perPlant.value, 1e-9));
}
