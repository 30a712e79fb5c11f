import { useQueryClient } from '@tanstack/vue-query';
import { useOnline } from '@vueuse/core';
import { computed, shallowRef, toRaw, watch, type ComputedRef, type Ref } from 'vue';
import type { StandKit, StandView } from '@emberfield/contract';
import type { DrawnTake } from '@emberfield/core/stand';
import { useOutbox } from '../offline/use-outbox.ts';
import { signal } from '../platform/signal.ts';
import { blankVisit, type VisitDraft } from '../entries/visit-draft.ts';
import { useGroup } from '../session/use-group.ts';
import { drawnAt, notedIn, waitingAt, withOwnAnswer, type OwnAnswer } from './own-season.ts';
import { useDraft } from '../session/use-draft.ts';
import { kitAsk, useStand, useStandKit } from './queries.ts';
import { reckonSeason } from './reckon-season.ts';

interface Shown {
  readonly stand: ComputedRef<StandView | undefined>;
  /** The dates are those that this device reckoned. */
  readonly isOwn: ComputedRef<boolean>;
}

/** Whatever of a stand waits on this device counts; what stands in an open visit counts where the server cannot be asked. */
function useNoted(standId: Ref<string>, today: Ref<string>) {
  const visit = useDraft<VisitDraft>(() => `visit-${standId.value}`, blankVisit());
  const outbox = useOutbox();
  // The browser knows of a lost network before anybody has asked in vain; of a far server it knows nothing.
  const online = useOnline();
  return computed(() => [
    ...waitingAt(outbox.entriesWaiting, standId.value),
    ...(signal.reached.value && online.value ? [] : notedIn(visit.value, today.value)),
  ]);
}

/** Takes that wait for stands which share a permit with this one; what they are under is in their own books, where this device has them. */
function useDrawn(standId: Ref<string>, kit: Ref<StandKit | undefined>): Ref<readonly DrawnTake[]> {
  const outbox = useOutbox();
  const client = useQueryClient();
  const { groupId } = useGroup();
  const drawn = shallowRef<readonly DrawnTake[]>([]);
  const permitsOf = async (id: string): Promise<readonly string[]> => {
    try {
      const { book } = await client.fetchQuery(kitAsk(groupId.value, id));
      return (book.permits ?? []).map((p) => p.id);
    } catch {
      // Without signal, and not taken along: what is drawn there is counted once it is sent.
      return [];
    }
  };
  watch(
    () => ({ entries: outbox.entriesWaiting, shares: (kit.value?.book.permits?.length ?? 0) > 0 }),
    async ({ entries, shares }) => {
      if (!shares) return void (drawn.value = []);
      const others = [...new Set(entries.flatMap((e) => (e.kind === 'take' && e.standId ? [e.standId] : [])))];
      const known = new Map<string, readonly string[]>();
      for (const id of others) if (id !== standId.value) known.set(id, await permitsOf(id));
      drawn.value = drawnAt(entries, standId.value, (id) => known.get(id) ?? null);
    },
    { immediate: true },
  );
  return drawn;
}

/**
 * The page of a stand with what this device has noted and the server has not got: its dates and what is left are reckoned on the
 * device, in a worker. With nothing of that it is the page as it was read.
 */
export function useOwnSeason(
  read: Ref<StandView | undefined>,
  kit: Ref<StandKit | undefined>,
  {
    standId,
    today,
    asked,
  }: {
    readonly standId: Ref<string>;
    readonly today: Ref<string>;
    /** The day that is looked at, where it is not today. */
    readonly asked: Ref<string | undefined>;
  },
): Shown {
  const own = shallowRef<OwnAnswer | null>(null);
  const noted = useNoted(standId, today);
  const drawn = useDrawn(standId, kit);
  const wanted = computed(() => {
    if (!read.value || !kit.value) return null;
    const { day } = read.value;
    // What was read yesterday is of yesterday: on the second day out it is reckoned for today.
    const on = asked.value === undefined && !signal.reached.value && today.value > day ? today.value : day;
    return noted.value.length > 0 || drawn.value.length > 0 || on !== day
      ? { kit: kit.value, noted: noted.value, day: on, drawn: drawn.value }
      : null;
  });
  watch(
    wanted,
    async (now, before) => {
      // While it is reckoned anew of the same stand and day what was reckoned last stands: what was read is older.
      if (now?.day !== before?.day || now?.kit.book.stand.id !== before?.kit.book.stand.id) own.value = null;
      if (!now) return;
      const answer = await reckonSeason(toRaw(now));
      // What was asked meanwhile is answered by itself.
      if (wanted.value === now) own.value = answer;
    },
    { immediate: true },
  );
  const isOwn = computed(() => own.value !== null && wanted.value !== null);
  return {
    isOwn,
    stand: computed(() =>
      isOwn.value && read.value ? withOwnAnswer({ ...read.value, day: wanted.value!.day }, own.value!) : read.value,
    ),
  };
}

/** A stand of the real today, whatever day is looked at, with what waits on this device: for whoever stands before it. */
export function useStandHere(
  standId: Ref<string>,
  today: Ref<string>,
): { readonly query: ReturnType<typeof useStand> } & Shown {
  const { groupId } = useGroup();
  const query = useStand(
    groupId,
    standId,
    computed(() => undefined),
  );
  const outbox = useOutbox();
  // Some hundred kilobytes: only where there is something to reckon anew.
  const needed = computed(
    () => !signal.reached.value || outbox.entriesWaiting.some((e) => e.standId === standId.value),
  );
  const kit = useStandKit(
    computed(() => (needed.value ? groupId.value : null)),
    standId,
  );
  return { query, ...useOwnSeason(query.data, kit.data, { standId, today, asked: computed(() => undefined) }) };
}
