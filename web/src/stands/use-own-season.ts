import { useOnline } from '@vueuse/core';
import { computed, onScopeDispose, shallowRef, toRaw, watch, type ComputedRef, type Ref } from 'vue';
import type { StandKit, StandView } from '@emberfield/contract';
import { signal } from '../platform/signal.ts';
import { blankVisit, type VisitDraft } from '../entries/visit-draft.ts';
import { notedIn, withOwnAnswer, type OwnAnswer } from './own-season.ts';
import { useDraft } from '../session/use-draft.ts';
import type { SeasonAsked, SeasonTold } from './season.worker.ts';

interface Shown {
  readonly stand: ComputedRef<StandView | undefined>;
  /** The dates are those that this device reckoned. */
  readonly isOwn: ComputedRef<boolean>;
}

/**
 * The page of a stand where there is no signal: with what stands in a visit that could not be sent, its dates are reckoned on the
 * device, in a worker. With a signal, or with nothing noted, it is the page as it was read.
 */
export function useOwnSeason(
  read: Ref<StandView | undefined>,
  kit: Ref<StandKit | undefined>,
  { standId, today }: { readonly standId: Ref<string>; readonly today: Ref<string> },
): Shown {
  const visit = useDraft<VisitDraft>(() => `visit-${standId.value}`, blankVisit());
  const own = shallowRef<OwnAnswer | null>(null);
  // The browser knows of a lost network before anybody has asked in vain; of a far server it knows nothing.
  const online = useOnline();
  let worker: Worker | null = null;
  let asked = 0;
  const wanted = computed(() => {
    const noted = notedIn(visit.value, today.value);
    return (!signal.reached.value || !online.value) && noted.length > 0 && read.value && kit.value
      ? { kit: kit.value, noted: { sightings: noted, takes: [] }, day: read.value.day }
      : null;
  });
  watch(
    wanted,
    (now) => {
      own.value = null;
      if (!now) return;
      worker ??= start();
      // A page's own wrappers cannot be handed over: the plain thing is.
      worker.postMessage(JSON.parse(JSON.stringify({ id: ++asked, ...toRaw(now) })) as SeasonAsked);
    },
    { immediate: true },
  );
  function start(): Worker {
    const made = new Worker(new URL('./season.worker.ts', import.meta.url), { type: 'module' });
    made.onmessage = ({ data }: MessageEvent<SeasonTold>) => {
      if (data.id === asked) own.value = data.own;
    };
    return made;
  }
  onScopeDispose(() => worker?.terminate());
  const isOwn = computed(() => own.value !== null && wanted.value !== null);
  return {
    isOwn,
    stand: computed(() => (isOwn.value && read.value ? withOwnAnswer(read.value, own.value!) : read.value)),
  };
}
