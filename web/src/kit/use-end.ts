import { computed, type ComputedRef } from 'vue';
import type { Retire, Route } from '@emberfield/contract';
import { useChange } from '../session/queries.ts';
import { call } from '../platform/api.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';

/** Ends something and brings it back, with the way back at the foot of the screen. */
export function useEnd(
  routes: { readonly retire: Route<Retire, null>; readonly remove: Route<null, null> },
  params: () => Readonly<Record<string, string>>,
  removed: () => void,
): {
  readonly busy: ComputedRef<boolean>;
  readonly failure: ComputedRef<string | undefined>;
  readonly retire: (why: string) => Promise<void>;
  readonly back: () => Promise<void>;
  readonly remove: () => Promise<void>;
} {
  const words = useWords();
  const undo = useUndo();
  const set = useChange((body: Retire) => call(routes.retire, { params: params(), body }));
  const drop = useChange(() => call(routes.remove, { params: params() }));
  const say = async (body: Retire): Promise<boolean> =>
    set.mutateAsync(body).then(
      () => true,
      () => false,
    );
  return {
    busy: computed(() => set.isPending.value || drop.isPending.value),
    failure: computed(() => (set.error.value ?? drop.error.value)?.message),
    retire: async (why) => {
      if (await say({ retired: true, why }))
        undo.say(words.value.t('end.done'), async () => void (await set.mutateAsync({ retired: false, why: '' })));
    },
    back: async () => {
      if (await say({ retired: false, why: '' })) undo.say(words.value.t('end.isBack'));
    },
    remove: async () => {
      const gone = await drop.mutateAsync(undefined).then(
        () => true,
        () => false,
      );
      if (!gone) return;
      undo.say(words.value.t('end.removed'));
      removed();
    },
  };
}
