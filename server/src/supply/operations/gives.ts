import type { WantMeasure } from '@emberfield/contract';
import { dryShareOf } from '@emberfield/core/larder';
import type { ProfilePart } from '@emberfield/core/plants';

/** Fresh mass of one unit, g; `null`: nobody knows. */
export const massOf = ({ unit, massG }: Pick<ProfilePart, 'unit' | 'massG'>): number | null =>
  unit === 'gram' ? 1 : (massG?.value ?? null);

/** How much of a want one unit of a part gives, in the measure of the want; `null`: nobody knows what one weighs. */
export function givesOf(
  part: Pick<ProfilePart, 'key' | 'unit' | 'massG'>,
  { measure, gives }: { readonly measure: WantMeasure; readonly gives: number | null },
): number | null {
  if (measure === 'unit') return 1;
  if (measure === 'made') return gives;
  const mass = massOf(part);
  return mass === null ? null : measure === 'gram' ? mass : mass * dryShareOf(part.key).value;
}
