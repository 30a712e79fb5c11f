import { useQuery } from '@tanstack/vue-query';
import { computed, type ComputedRef } from 'vue';
import { centreOf } from '@emberfield/core/stand';
import { patchAsk } from '../patches/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { useWayLog } from '../way/kept-way.ts';
import { useStay } from '../way/use-stay.ts';

/** Minutes since one came to a place, where the way is noted; where it lies is asked for only then. */
export function useStayAt(patchId: () => string | undefined): ComputedRef<number | null> {
  const { groupId } = useGroup();
  const wayLog = useWayLog();
  const patch = useQuery(
    computed(() => ({
      ...patchAsk(groupId.value, patchId() ?? ''),
      enabled: wayLog.value.on && groupId.value !== null && patchId() !== undefined,
    })),
  );
  return useStay(() => (patch.data.value ? centreOf(patch.data.value.geometry) : null)).minutes;
}
