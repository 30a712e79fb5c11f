import { useLocalStorage, useOnline, useTimeoutFn } from '@vueuse/core';
import { computed, ref, watch, type ComputedRef, type Ref } from 'vue';
import { useQueryClient } from '@tanstack/vue-query';
import { ROUTES, type Entry } from '@emberfield/contract';
import { useSession } from '../people/queries.ts';
import { useGroup } from '../people/use-group.ts';
import { ApiError, call } from '../platform/api.ts';
import { useDay } from '../platform/use-day.ts';
import { useWords } from '../platform/words.ts';
import { dropPhoto, keptPhoto } from './kept-photos.ts';
import { blankFind, nextToSend, patchOf, type FindDraft } from './find-draft.ts';

const RETRY_MS = 20_000;
/** So many that were sent stay in sight on the walk; older ones are on the ground. */
const MOST_STORED = 30;

/** The finds of this device: noted at every tap, kept when done, sent one after the other whenever there is a signal. */
export function useFinds(): {
  readonly finds: Ref<FindDraft[]>;
  readonly waiting: ComputedRef<number>;
  readonly sending: Ref<boolean>;
  readonly online: Readonly<Ref<boolean>>;
  readonly begin: () => FindDraft;
  readonly change: (id: string, over: Partial<FindDraft>) => void;
  readonly forget: (id: string) => void;
  readonly send: () => Promise<void>;
} {
  const { groupId, group } = useGroup();
  const { today } = useDay();
  const words = useWords();
  const client = useQueryClient();
  const online = useOnline();
  const session = useSession();
  // Each person's own: on a shared device nobody sends another's finds under their name.
  const mine = `emberfield-finds-${groupId.value ?? ''}-${session.data.value?.account?.id ?? ''}`;
  const finds = useLocalStorage<FindDraft[]>(mine, []);
  const sending = ref(false);
  const waiting = computed(() => finds.value.filter((f) => f.state === 'kept').length);
  const again = useTimeoutFn(() => void send(), RETRY_MS, { immediate: false });

  const change = (id: string, over: Partial<FindDraft>): void => {
    finds.value = finds.value.map((f) => (f.id === id ? { ...f, ...over } : f));
  };
  function begin(): FindDraft {
    const day = words.value.format.dayAndYear(today.value);
    const name = words.value.t('walk.nameOf', { count: finds.value.length + 1, day });
    const find = blankFind({ day: today.value, now: new Date().toISOString(), name });
    const stored = finds.value.filter((f) => f.state === 'stored').slice(-MOST_STORED);
    finds.value = [...finds.value.filter((f) => f.state !== 'stored'), ...stored, find];
    return find;
  }
  const forget = (id: string): void => void (finds.value = finds.value.filter((f) => f.id !== id));

  /** Sends all that wait. Without a signal they stay, and are tried again; what the server refuses says why and waits for a hand. */
  async function send(): Promise<void> {
    if (sending.value || groupId.value === null) return;
    sending.value = true;
    try {
      for (let find = nextToSend(finds.value); find; find = nextToSend(finds.value)) {
        const problem = await store(find);
        change(find.id, problem === '' ? { state: 'stored' } : { problem });
      }
      await client.invalidateQueries({ queryKey: ['group'] });
    } catch (error) {
      // Not reached: nothing is lost, the finds stay kept and go later.
      if (!(error instanceof ApiError)) throw error;
      again.start();
    } finally {
      sending.value = false;
    }
  }

  /** Empty once both the place and the find are stored; else what the server said. @throws ApiError when it is not reached */
  async function store(find: FindDraft): Promise<string> {
    const params = { groupId: groupId.value! };
    try {
      await call(ROUTES.newPatch, { params, body: patchOf(find) });
      const { results } = await call(ROUTES.sync, { params, body: { entries: [entryOf(find)] } });
      const [result] = results;
      if (result?.status === 'needsAttention') return result.message;
      for (const id of find.photos ?? []) {
        const file = await keptPhoto(id);
        if (file === null) continue;
        const query = { patch: find.patchId, day: find.day };
        await call(ROUTES.addPhoto, { params: { ...params, photoId: id }, query, body: file });
        await dropPhoto(id);
      }
      return '';
    } catch (error) {
      const lasting =
        error instanceof ApiError && !['notReached', 'busy', 'internal', 'tooManyTries'].includes(error.code);
      if (lasting) return error.message;
      throw error;
    }
  }
  const entryOf = (find: FindDraft): Entry => ({
    id: find.entryId,
    kind: 'find',
    schemaVersion: 1,
    patchId: find.patchId,
    standId: null,
    visitId: null,
    day: find.day,
    zone: group.value?.zone ?? 'UTC',
    madeAt: find.madeAt,
    device: 'browser',
    replaces: null,
    body: find.body,
  });

  watch(online, (now) => now && void send());
  return { finds, waiting, sending, online, begin, change, forget, send };
}
