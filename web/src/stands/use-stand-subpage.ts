import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { useDay } from '../session/use-day.ts';
import { useGroup } from '../session/use-group.ts';
import { useStand, useStandKit } from './queries.ts';

/** What every view that a stand opens stands on: the stand on the day that is looked at, and its book. */
export function useStandSubpage() {
  const route = useRoute();
  const { groupId } = useGroup();
  const { day, asked } = useDay();
  const standId = computed(() => String(route.params['standId']));
  return { standId, day, stand: useStand(groupId, standId, asked), kit: useStandKit(groupId, standId) };
}
