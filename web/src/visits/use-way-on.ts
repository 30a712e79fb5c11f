import { computed, type ComputedRef } from 'vue';
import { useRoute, type RouteLocationRaw } from 'vue-router';

/** What is done at a stand, in order, by whoever goes through it on a round. */
export const WAY = ['confirm', 'visit', 'take'] as const;
export type Step = (typeof WAY)[number];

/** The place whose list one came from stands in the address: the way goes on from step to step, and back to that list. */
export function useWayOn(step: Step): {
  /** On the way at all. */
  readonly onWay: ComputedRef<boolean>;
  /** Where one came from: the list, or the stand's page. */
  readonly back: ComputedRef<RouteLocationRaw>;
  /** Where it goes on once this step is done with. */
  readonly on: ComputedRef<RouteLocationRaw>;
  readonly to: (step: Step) => RouteLocationRaw;
} {
  const route = useRoute();
  const standId = computed(() => String(route.params['standId']));
  const patchId = computed(() => (typeof route.query['at'] === 'string' ? route.query['at'] : null));
  const to = (name: Step): RouteLocationRaw => ({
    name,
    params: { standId: standId.value },
    query: patchId.value === null ? {} : { at: patchId.value },
  });
  const back = computed<RouteLocationRaw>(() =>
    patchId.value === null
      ? { name: 'stand', params: { standId: standId.value } }
      : { name: 'placeLog', params: { patchId: patchId.value } },
  );
  const next = WAY[WAY.indexOf(step) + 1];
  return {
    onWay: computed(() => patchId.value !== null),
    back,
    on: computed(() => (patchId.value !== null && next ? to(next) : back.value)),
    to,
  };
}
