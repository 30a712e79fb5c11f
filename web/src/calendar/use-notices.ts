import { useLocalStorage } from '@vueuse/core';
import { computed, watch, type ComputedRef, type Ref } from 'vue';
import { useRouter } from 'vue-router';
import type { Notice } from '@emberfield/contract';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { useNoticeList } from './queries.ts';
import { sayNotice } from './say-notice.ts';
import { FIRST_WISHES, remembered, untold, wantedNotices, type NoticeWishes } from './wanted-notices.ts';

/** What this device wants to be told. */
export const useNoticeWishes = (): Ref<NoticeWishes> =>
  useLocalStorage<NoticeWishes>('emberfield-notices', FIRST_WISHES, { mergeDefaults: true });

/** Notices that are wanted and not seen yet. */
export function useNotices(): {
  readonly notices: ComputedRef<readonly Notice[]>;
  readonly see: (notice: Notice) => void;
} {
  const { groupId } = useGroup();
  const wishes = useNoticeWishes();
  const all = useNoticeList(groupId);
  const notices = computed(() => wantedNotices(all.data.value ?? [], wishes.value));
  const see = ({ key }: Notice): void =>
    void (wishes.value = { ...wishes.value, seen: remembered(wishes.value.seen, [key]) });

  return { notices, see };
}

/** The browser says them too, where it was asked to and may: as long as the application is open, on whatever view. */
export function useBrowserNotices(): void {
  const words = useWords();
  const router = useRouter();
  const { groupId, group } = useGroup();
  const wishes = useNoticeWishes();
  const all = useNoticeList(groupId);
  watch(
    () => untold(all.data.value ?? [], wishes.value),
    (due) => {
      if (due.length === 0 || typeof Notification === 'undefined' || Notification.permission !== 'granted') return;
      for (const notice of due) {
        const shown = new Notification('Emberfield', {
          body: sayNotice(notice, group.value?.today ?? notice.day, words.value),
          tag: notice.key,
        });
        shown.onclick = () => {
          window.focus();
          void router.push({ name: 'stand', params: { standId: notice.standId } });
        };
      }
      wishes.value = {
        ...wishes.value,
        told: remembered(
          wishes.value.told,
          due.map((n) => n.key),
        ),
      };
    },
    { immediate: true },
  );
}
