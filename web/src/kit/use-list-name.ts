import { useMutationObserver } from '@vueuse/core';
import { plainLetters } from '@emberfield/words';
import { nextTick, onMounted, watch, type ComponentPublicInstance, type Ref } from 'vue';

/** Whether a choice is what somebody types, whatever its accents and capitals. */
export const isCalled = (text: string, option?: { readonly label?: unknown }): boolean =>
  typeof option?.label === 'string' && plainLetters(option.label).includes(plainLetters(text));

const NAMES_LIST = ['aria-controls', 'aria-owns', 'aria-activedescendant'];

/**
 * The library's field for picking names its list while that does not exist, which a screen reader stumbles over: so it is named only while it is there,
 * and the field by its label.
 */
export function useListName(
  field: Ref<ComponentPublicInstance | null>,
  { open, label }: { readonly open: Ref<boolean>; readonly label: () => string | undefined },
): void {
  const root = () => field.value?.$el as HTMLElement | undefined;
  function mind(): void {
    const input = root()?.querySelector('input');
    if (!input) return;
    for (const name of NAMES_LIST) {
      const id = input.getAttribute(name);
      if (id && !document.getElementById(id)) input.removeAttribute(name);
    }
    input.setAttribute('aria-expanded', String(open.value));
    const said = label();
    if (said) input.setAttribute('aria-label', said);
  }
  onMounted(mind);
  watch(open, () => void nextTick(mind));
  useMutationObserver(root, mind, { subtree: true, childList: true, attributeFilter: NAMES_LIST });
}
