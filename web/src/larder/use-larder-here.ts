import { computed, type ComputedRef } from 'vue';
import type { LarderView } from '@emberfield/contract';
import { useOutbox } from '../offline/use-outbox.ts';
import { useLarder } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { withoutSorted } from './shelf.ts';

/** The larder; what was sorted on this device and has not gone out yet lies on the table no more. */
export function useLarderHere(): {
  readonly query: ReturnType<typeof useLarder>;
  readonly larder: ComputedRef<LarderView | undefined>;
} {
  const { groupId } = useGroup();
  const query = useLarder(groupId);
  const outbox = useOutbox();
  return { query, larder: computed(() => query.data.value && withoutSorted(query.data.value, outbox.entriesWaiting)) };
}
