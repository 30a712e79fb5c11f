import { useQueryClient } from '@tanstack/vue-query';
import { computed, ref, type ComputedRef, type Ref } from 'vue';
import { useUndo } from '../platform/use-undo.ts';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { NO_WAY, useWayLog } from '../way/kept-way.ts';
import { asksOf, NoSignal, NotKept, takeAlong } from './take-along.ts';
import { NO_ROUND, type OnRound, type TakenRound, type Wanted } from './taken-round.ts';

/** The round that was taken along, of this group; under the account, so that nobody else on the device sees it. */
export function useTakenRound(): {
  readonly on: Ref<OnRound>;
  readonly round: ComputedRef<TakenRound | null>;
  /** Lets it go, and the way that was noted on it; until something else is taken along its answers stay on the device, and it can be had back. */
  readonly leave: () => void;
} {
  const words = useWords();
  const undo = useUndo();
  const { groupId } = useGroup();
  const on = useDraft<OnRound>('taken-round', NO_ROUND);
  const round = computed(() => (on.value.round?.groupId === groupId.value ? on.value.round : null));
  const wayLog = useWayLog();
  function leave(): void {
    const [before, way] = [on.value, wayLog.value];
    on.value = NO_ROUND;
    wayLog.value = NO_WAY;
    undo.say(words.value.t('field.left'), async () => {
      on.value = before;
      wayLog.value = way;
    });
  }
  return { on, round, leave };
}

interface TakingAlong {
  /** Share that is done, 0–1; `null` while nothing is under way. */
  readonly share: Ref<number | null>;
  readonly problem: Ref<string>;
  readonly take: (wanted: Wanted) => Promise<boolean>;
  readonly stop: () => void;
}

/** Takes a round along, with progress and a way to stop; a round that was taken before stays until the new one is whole. */
export function useTakeAlong(): TakingAlong {
  const words = useWords();
  const client = useQueryClient();
  const { group } = useGroup();
  const { on } = useTakenRound();
  const wayLog = useWayLog();
  const share = ref<number | null>(null);
  const problem = ref('');
  let stopping: AbortController | null = null;
  const why = (error: unknown): string => {
    if (error instanceof NoSignal) return words.value.t('field.noSignal');
    if (error instanceof NotKept) return words.value.t('field.notKept');
    return (error as Error).message;
  };

  async function take(wanted: Wanted): Promise<boolean> {
    const asks = asksOf(group.value!, wanted.stops);
    const mine = (stopping = new AbortController());
    // An answer that was under way comes in when it is over already.
    const told = (done: number): void => void (stopping === mine && (share.value = done / asks.length));
    problem.value = '';
    share.value = 0;
    try {
      // Else the browser may throw it away when space runs short; one that refuses keeps it as long as it can.
      await navigator.storage?.persist?.();
      const bytes = await takeAlong(client, asks, { told, stop: mine.signal });
      // Of another day the way was another.
      if (on.value.round?.day !== wanted.day) wayLog.value = NO_WAY;
      on.value = { round: { ...wanted, groupId: group.value!.id, takenAt: Date.now(), bytes }, done: [] };
      return true;
    } catch (error) {
      if (!mine.signal.aborted) problem.value = why(error);
      return false;
    } finally {
      stopping = null;
      share.value = null;
    }
  }
  return { share, problem, take, stop: () => stopping?.abort() };
}
