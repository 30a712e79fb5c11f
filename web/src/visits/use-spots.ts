import { computed, type ComputedRef, type Ref } from 'vue';
import type { StandView } from '@emberfield/contract';
import { randomSpots, type Spot } from '@emberfield/core/counting';
import { chanceOf } from '@emberfield/core/random';
import { usePatch } from '../patches/queries.ts';
import { useGroup } from '../session/use-group.ts';

const MOST = 60;

/** Where the squares of a count lie, within the boundary that was drawn; none where there is no boundary. The same count has the same spots. */
export function useSpots(stand: Ref<StandView>, countId: Ref<string>): ComputedRef<readonly Spot[]> {
  const { groupId } = useGroup();
  const patch = usePatch(
    groupId,
    computed(() => stand.value.patchId),
  );
  return computed(() => {
    const geometry = patch.data.value?.geometry;
    if (geometry?.type !== 'Polygon') return [];
    // The last figures of a key are drawn by chance.
    return randomSpots(geometry.coordinates, MOST, chanceOf(parseInt(countId.value.slice(-8), 16)).uniform);
  });
}
