import { useEventListener } from '@vueuse/core';
import { ref, type Ref } from 'vue';
import { isTyping } from '../platform/keys.ts';

/** The search: whether it is open, and what is looked for. What is typed before its field has the focus goes into it all the same. */
export function useFind(): { readonly finding: Ref<boolean>; readonly text: Ref<string>; readonly open: () => void } {
  const finding = ref(false);
  const text = ref('');
  useEventListener('keydown', (event) => {
    const typed = event.key.length === 1 && !event.ctrlKey && !event.metaKey && !event.altKey;
    if (!finding.value || !typed || event.defaultPrevented || isTyping(event.target)) return;
    text.value += event.key;
    event.preventDefault();
  });
  const open = (): void => {
    text.value = '';
    finding.value = true;
  };
  return { finding, text, open };
}
