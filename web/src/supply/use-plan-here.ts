import { computed, ref, type ComputedRef } from 'vue';
import { useRoute } from 'vue-router';
import { useHearth } from '../hearth/queries.ts';
import { isPhone } from '../platform/theme.ts';
import { useSeasonWants } from '../session/queries.ts';
import { useDay } from '../session/use-day.ts';
import { useGroup } from '../session/use-group.ts';

/** Screens that show what the plan says of their stands. */
const SHOWING: readonly unknown[] = ['hearth', 'year'];

/** Of a group with more stands nobody waits for a plan who did not ask for it: all of them would be asked for. */
const MOST_STANDS = 300;

/** Whether a plan is made beside a screen: at the desk, where it is shown, for a group that wants something. */
export function usePlanHere(): ComputedRef<boolean> {
  const { groupId } = useGroup();
  const route = useRoute();
  const shows = computed(() => SHOWING.includes(route.name) && !isPhone.value);
  const { asked } = useDay();
  const shown = computed(() => (shows.value ? groupId.value : null));
  const wants = useSeasonWants(shown);
  const near = useHearth(shown, asked, ref(true));
  const few = computed(() => (near.data.value?.standCount ?? Infinity) <= MOST_STANDS);
  return computed(() => shows.value && few.value && (wants.data.value?.length ?? 0) > 0);
}
