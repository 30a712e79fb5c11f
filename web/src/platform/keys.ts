import { useLocalStorage } from '@vueuse/core';

/** Single keys can be switched off: some people's voice or hand sets them off by accident. */
export const singleKeys = useLocalStorage('emberfield-single-keys', true);

/** Whether a key goes into a field, and is no command. */
export function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable ||
      ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName) ||
      target.closest('[role=combobox]') !== null)
  );
}

/** Whether it is a single key that may act: none with Ctrl, Alt or Meta, none that is typed. */
export const isCommand = (event: KeyboardEvent): boolean =>
  singleKeys.value && !event.ctrlKey && !event.metaKey && !event.altKey && !isTyping(event.target);
