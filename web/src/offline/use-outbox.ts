import { useQueryClient } from '@tanstack/vue-query';
import { promiseTimeout, useEventListener, useIntervalFn, useTimeoutFn } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch, type Ref, type ShallowRef } from 'vue';
import { ROUTES, type Entry, type EntryResult, type Route } from '@emberfield/contract';
import { useSession } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { ApiError, call } from '../platform/api.ts';
import { signal } from '../platform/signal.ts';
import { sendPhoto } from './send-photo.ts';
import { deliver, nextToGo, type Answer, type OutCall, type Waiting } from './outbox.ts';

const TRY_AGAIN_MS = 20_000;
/** After the first try that nobody answered; twice as long after each further one, up to the above. */
const FIRST_BREATH_MS = 1_000;
const LONGEST_ANEW_MS = 3_000;
/** Refusals that pass: the server is busy or fails, and the same thing may be taken later. */
const PASSING: readonly string[] = ['notReached', 'busy', 'internal', 'tooManyTries', 'notSignedIn'];

/** Its database is no part of the first load. */
const shelf = () => import('./outbox-shelf.ts');
const putWaiting = async (item: Waiting): Promise<void> => (await shelf()).putWaiting(item);
const dropWaiting = async (id: string): Promise<void> => (await shelf()).dropWaiting(id);
const waitingOf = async (accountId: string): Promise<Waiting[]> => (await shelf()).waitingOf(accountId);

/** Asks the server; only a batch of entries has results of its own. @throws ApiError */
async function resultsOf(asked: OutCall, groupId: string): Promise<readonly EntryResult[]> {
  const params = { groupId, ...('params' in asked ? asked.params : {}) };
  if (asked.route === 'sync') return (await call(ROUTES.sync, { params, body: asked.body })).results;
  if (asked.route === 'addPhoto') {
    await sendPhoto(asked, groupId);
    return [];
  }
  // Which body goes with which route is the outbox's type to say.
  const route: Route<unknown, unknown> = ROUTES[asked.route];
  await call(route, { params, body: asked.body });
  return [];
}

/** How something that was just entered stands: answered, kept for later, or refused with a reason. */
export type Sent =
  | { readonly kind: 'answered'; readonly results: readonly EntryResult[] }
  | { readonly kind: 'waiting' }
  | {
      readonly kind: 'refused';
      readonly message: string;
      /** Part of the body that was refused, where the server names one. */
      readonly field: string | null;
      readonly results: readonly EntryResult[];
      /** What did not go: the request that was refused and what hangs on it. */
      readonly left: readonly OutCall[];
    };

/** What was refused as the error that a form puts at its field. */
export const refusal = ({ message, field }: Extract<Sent, { kind: 'refused' }>): ApiError =>
  new ApiError('conflict', message, field, null);

/** How a request ends; whatever is no word of the server's is thrown. */
async function ask(asked: OutCall, group: string): Promise<Answer> {
  try {
    return { kind: 'answered', results: await resultsOf(asked, group) };
  } catch (error) {
    if (!(error instanceof ApiError)) throw error;
    return PASSING.includes(error.code)
      ? { kind: 'notReached' }
      : { kind: 'refused', message: error.message, field: error.field };
  }
}

/** Entries among what waits under one key, in order. */
const entriesIn = ({ calls }: Waiting): readonly Entry[] =>
  calls.flatMap((c) => (c.route === 'sync' ? c.body.entries : []));

/** One delivery at a time: what hangs on something else must not overtake it. */
function oneByOne(): <T>(work: () => Promise<T>) => Promise<T> {
  let underway: Promise<void> = Promise.resolve();
  return (work) => {
    const mine = underway.then(work);
    underway = mine.then(
      () => undefined,
      () => undefined,
    );
    return mine;
  };
}

/**
 * What was delivered goes on counting until the pages have asked anew: what they were told before does not know of it, and whoever taps on
 * would see what was taken back come again.
 */
function useSettling(groupId: Ref<string | null>): {
  readonly settling: ShallowRef<readonly Waiting[]>;
  readonly settle: (item: Waiting) => void;
  readonly askAnew: (delivered: readonly Waiting[]) => Promise<void>;
} {
  const client = useQueryClient();
  const settling = shallowRef<readonly Waiting[]>([]);
  return {
    settling,
    settle: (item) => void (settling.value = [...settling.value, item]),
    askAnew: async (delivered) => {
      // Nothing else hangs on photos: after one only they are asked for, and do not wait in line behind all the rest of the page.
      const onlyPhotos = delivered.every((w) => w.calls.every((c) => c.route === 'addPhoto'));
      try {
        await client.invalidateQueries({ queryKey: ['group', ...(onlyPhotos ? [groupId.value, 'photos'] : [])] });
      } finally {
        settling.value = settling.value.filter((w) => !delivered.includes(w));
      }
    },
  };
}

/**
 * Everything that a person enters goes through here: it is kept on the device under their account before it is sent, and stays until
 * it was answered. A lost answer, a second press, two tabs or a reload send the same keys again, which the server stores once.
 */
export const useOutbox = defineStore('outbox', () => {
  const session = useSession();
  const { groupId } = useGroup();
  const account = computed(() => session.data.value?.account?.id ?? null);
  const all = shallowRef<readonly Waiting[]>([]);
  const sending = ref(false);
  const inTurn = oneByOne();
  const { settling, settle, askAnew } = useSettling(groupId);
  let breath = FIRST_BREATH_MS;

  const read = async (): Promise<void> =>
    void (all.value = account.value === null ? [] : await waitingOf(account.value));

  async function goOne(
    item: Waiting,
  ): Promise<{ readonly results: readonly EntryResult[]; readonly left: Waiting | null }> {
    sending.value = true;
    try {
      const done = await deliver(item, ask, Date.now());
      if (!done.left) settle(item);
      await (done.left ? putWaiting(done.left) : dropWaiting(item.id));
      return done;
    } finally {
      sending.value = false;
      await read();
    }
  }

  /** Keeps what was entered, and sends it if it can. What is refused at once is the form's to say: it does not stay here. */
  async function send(calls: readonly OutCall[], { id, label }: Pick<Waiting, 'id' | 'label'>): Promise<Sent> {
    if (account.value === null || groupId.value === null) throw new Error('nobody is signed in');
    const putAt = Date.now();
    const item = {
      id,
      label,
      calls,
      putAt,
      accountId: account.value,
      groupId: groupId.value,
      lastTry: null,
      problem: '',
    };
    await putWaiting(item);
    await read();
    const { results, left } = await inTurn(() => goOne(item));
    // What was stored shows on the page that comes next; a signal that fades now must not hold anybody up.
    await Promise.race([askAnew([item]), promiseTimeout(LONGEST_ANEW_MS)]);
    if (!left) return { kind: 'answered', results };
    if (left.problem === '') return { kind: 'waiting' };
    await forget(id);
    return { kind: 'refused', message: left.problem, field: left.problemField ?? null, results, left: left.calls };
  }

  /** Sends all that waits, oldest first, until something is not answered. */
  const flush = (): Promise<void> =>
    inTurn(async () => {
      await read();
      const went: Waiting[] = [];
      for (let next = nextToGo(all.value, account.value ?? ''); next; next = nextToGo(all.value, account.value ?? '')) {
        const { left } = await goOne(next);
        if (left && left.problem === '') {
          breath = Math.min(TRY_AGAIN_MS, breath * 2);
          break;
        }
        breath = FIRST_BREATH_MS;
        went.push(next);
      }
      if (went.length > 0) await askAnew(went);
    });

  async function forget(id: string): Promise<void> {
    await dropWaiting(id);
    await read();
  }
  /** Tries once more what was refused: the reason may be gone. */
  async function again(id: string): Promise<void> {
    const item = all.value.find((w) => w.id === id);
    if (item) await putWaiting({ ...item, problem: '' });
    await flush();
  }

  /** Takes in what was saved as a file; what waits here already stays as it is. Returns how many were new. */
  async function takeIn(items: readonly Waiting[]): Promise<number> {
    await read();
    const here = new Set(all.value.map((w) => w.id));
    const fresh = items.filter((w) => !here.has(w.id));
    for (const item of fresh) await putWaiting(item);
    await read();
    void flush();
    return fresh.length;
  }

  const waiting = computed(() => all.value.filter((w) => w.problem === ''));
  /** Entries that what the pages were told does not know of. */
  const entriesWaiting = computed(() => {
    const settled = settling.value.filter((w) => w.accountId === account.value);
    // For a moment the same is in both.
    return [...new Map([...waiting.value, ...settled].flatMap(entriesIn).map((e) => [e.id, e])).values()];
  });
  const refused = computed(() => all.value.filter((w) => w.problem !== ''));
  watch(account, () => void flush(), { immediate: true });
  // The server answers something again. What is large, or goes another way, may fail all the same: it must not be tried at every answer.
  const soon = useTimeoutFn(
    () => void flush(),
    () => breath,
    { immediate: false },
  );
  watch(signal.reached, (is) => is && !soon.isPending.value && soon.start());
  useIntervalFn(() => void (waiting.value.length > 0 && flush()), TRY_AGAIN_MS);
  useEventListener(window, 'online', () => void flush());
  // Another tab may have put something in, or taken it out.
  useEventListener(document, 'visibilitychange', () => void (document.visibilityState === 'visible' && read()));
  return { account, waiting, entriesWaiting, refused, sending, send, flush, forget, again, takeIn };
});
