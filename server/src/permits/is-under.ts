import type { PermitRow } from './repository.ts';

/** Whether a permit is for a stand. */
export const isUnder = (
  { plantKey, patchIds }: Pick<PermitRow, 'plantKey' | 'patchIds'>,
  { stand, patch }: { readonly stand: { readonly plantKey: string }; readonly patch: { readonly id: string } },
): boolean => plantKey === stand.plantKey && (patchIds.length === 0 || patchIds.includes(patch.id));
