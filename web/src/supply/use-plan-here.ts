import { computed, type ComputedRef } from 'vue';
import { useRoute } from 'vue-router';
import { isPhone } from '../platform/theme.ts';
import { useSeasonWants } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';

/** Screens that show what the plan says of their stands. */
const SHOWING: readonly unknown[] = ['hearth', 'year'];

/** Whether a plan is made beside a screen: at the desk, where it is shown, for a group that wants something. */
export function usePlanHere(): ComputedRef<boolean> {
  const { groupId } = useGroup();
  const route = useRoute();
  const shows = computed(() => SHOWING.includes(route.name) && !isPhone.value);
  const wants = useSeasonWants(computed(() => (shows.value ? groupId.value : null)));
  return computed(() => shows.value && (wants.data.value?.length ?? 0) > 0);
}
