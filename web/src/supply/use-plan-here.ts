import { computed, defineAsyncComponent, type ComputedRef } from 'vue';
import { isPhone } from '../platform/theme.ts';
import { useSeasonWants } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';

/** Makes the plan; with its solver it is large, and comes once the page stands. */
export const PlanHere = defineAsyncComponent(() => import('./PlanHere.vue'));

/** Whether a screen beside has a plan made: at the desk, of whoever wants something. */
export function usePlanHere(): ComputedRef<boolean> {
  const { groupId } = useGroup();
  const wants = useSeasonWants(groupId);
  return computed(() => !isPhone.value && (wants.data.value?.length ?? 0) > 0);
}
