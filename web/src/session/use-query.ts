import { computed, type WritableComputedRef } from 'vue';
import { useRoute, useRouter } from 'vue-router';

/** A choice that stands in the address, so that it survives a reload and can be sent to somebody; `null` where it is not made. */
export function useQueryChoice(name: string): WritableComputedRef<string | null> {
  const route = useRoute();
  const router = useRouter();
  return computed({
    get: () => {
      const value = route.query[name];
      return typeof value === 'string' && value !== '' ? value : null;
    },
    set: (value) => {
      const { [name]: _, ...query } = route.query;
      void router.replace({ query: value === null ? query : { ...query, [name]: value }, hash: route.hash });
    },
  });
}
