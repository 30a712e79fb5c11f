import { useMutationObserver } from '@vueuse/core';
import { onMounted, ref, watch, type Ref } from 'vue';
import { useRoute } from 'vue-router';

const NAME = 'Emberfield';

/**
 * Each view names itself: its heading becomes the page's title, and after a way from one view to another the focus is on it, so that
 * whoever cannot see the change hears it. A heading may come later, with its answer.
 */
export function usePageTitle(content: Ref<HTMLElement | null>): void {
  const route = useRoute();
  const owed = ref(false);
  function mind(): void {
    const heading = content.value?.querySelector('h1');
    const said = heading?.textContent?.replaceAll(/\s+/g, ' ').trim();
    document.title = said && said !== NAME ? `${said} · ${NAME}` : NAME;
    if (!heading || !owed.value) return;
    owed.value = false;
    // A form that begins with its first field keeps it.
    if (content.value!.contains(document.activeElement) && document.activeElement !== content.value) return;
    heading.tabIndex = -1;
    heading.focus({ preventScroll: true });
  }
  watch(
    () => route.path,
    () => (owed.value = true),
  );
  onMounted(mind);
  useMutationObserver(content, mind, { childList: true, subtree: true, characterData: true });
}
