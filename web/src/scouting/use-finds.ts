import { defineStore, storeToRefs } from 'pinia';
import { computed, type Ref } from 'vue';
import type { Waiting } from '../offline/outbox.ts';
import { useOutbox } from '../offline/use-outbox.ts';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';
import { plain } from '../platform/plain.ts';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import { answeredOf, blankFind, callsOf, standingOf, type FindDraft } from './find-draft.ts';
import { dropPhoto, keptPhoto } from './kept-photos.ts';

/** So many that were sent stay in sight on the walk; older ones are on the ground. */
const MOST_SENT = 30;

/** The finds of this device: noted at every tap, and given to the outbox when done. One list, whichever screens are open beside each other. */
const useFindsStore = defineStore('finds', () => {
  /** One after the other: what was given away once must not be given again without its photos. */
  let underway: Promise<void> = Promise.resolve();
  const { groupId, group } = useGroup();
  const { today } = useDay();
  const words = useWords();
  const outbox = useOutbox();
  const finds = useDraft<FindDraft[]>(() => `finds-${groupId.value ?? ''}`, []);
  const standing = (find: FindDraft) => standingOf(find, outbox);
  const refusedOf = ({ entryId }: FindDraft): Waiting | undefined => outbox.refused.find((w) => w.id === entryId);
  const problemOf = (find: FindDraft): string => refusedOf(find)?.problem ?? find.problem;

  const change = (id: string, over: Partial<FindDraft>): void => {
    finds.value = finds.value.map((f) => (f.id === id ? { ...f, ...over } : f));
  };
  function begin(): FindDraft {
    const day = words.value.format.dayAndYear(today.value);
    const name = words.value.t('walk.nameOf', { count: finds.value.length + 1, day });
    const find = blankFind({ day: today.value, now: new Date().toISOString(), name });
    const sent = finds.value.filter((f) => standing(f) === 'sent').slice(-MOST_SENT);
    finds.value = [...finds.value.filter((f) => standing(f) !== 'sent'), ...sent, find];
    return find;
  }
  const forget = (id: string): void => void (finds.value = finds.value.filter((f) => f.id !== id));

  async function reopen(find: FindDraft): Promise<void> {
    const item = refusedOf(find) ?? outbox.waiting.find((w) => w.id === find.entryId);
    change(find.id, {
      state: 'draft',
      problem: problemOf(find),
      answered: item ? answeredOf(item.calls) : find.answered,
    });
    if (item) await outbox.forget(item.id);
  }

  /** Gives all that are done to the outbox. What it refuses at once is open again, with the reason. */
  const send = (): Promise<void> => (underway = underway.then(giveAll, giveAll));
  async function giveAll(): Promise<void> {
    for (const find of finds.value.filter((f) => f.state === 'kept')) {
      const photos = new Map<string, Blob>();
      for (const id of find.photos) {
        const file = await keptPhoto(id);
        if (file !== null) photos.set(id, file);
      }
      const calls = callsOf(plain(find), group.value?.zone ?? 'UTC', photos);
      const sent = await outbox.send(calls, {
        id: find.entryId,
        label: words.value.t('outbox.find', { name: find.name }),
      });
      if (sent.kind === 'refused')
        change(find.id, { state: 'draft', problem: sent.message, answered: answeredOf(sent.left) });
      else {
        change(find.id, { state: 'sent', problem: '' });
        for (const id of photos.keys()) await dropPhoto(id);
      }
    }
  }
  const waiting = computed(() => finds.value.filter((f) => standing(f) === 'waiting').length);
  return { finds, waiting, standing, problemOf, begin, change, forget, reopen, send };
});

export function useFinds(): {
  readonly finds: Ref<FindDraft[]>;
  readonly waiting: Ref<number>;
  readonly standing: (find: FindDraft) => ReturnType<typeof standingOf>;
  /** What the server said against it, at once or later. */
  readonly problemOf: (find: FindDraft) => string;
  readonly begin: () => FindDraft;
  readonly change: (id: string, over: Partial<FindDraft>) => void;
  readonly forget: (id: string) => void;
  /** Takes it out of the outbox again, to be mended. */
  readonly reopen: (find: FindDraft) => Promise<void>;
  readonly send: () => Promise<void>;
} {
  const store = useFindsStore();
  return { ...store, ...storeToRefs(store) };
}
