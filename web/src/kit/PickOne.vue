<script setup lang="ts" generic="T extends string | number">
import { useMutationObserver } from '@vueuse/core';
import { Select } from 'ant-design-vue';
import { nextTick, onMounted, ref, useId, watch, type ComponentPublicInstance } from 'vue';
import { plainLetters } from '@emberfield/words';

/**
 * One of many, found by typing. The library's field names its list while that does not exist, which a screen reader stumbles over:
 * here it is named only while it is there.
 */
interface Choice<V> {
  readonly value: V;
  readonly label: string;
  readonly disabled?: boolean;
}
const props = defineProps<{
  options: readonly Choice<T>[];
  label?: string;
  id?: string;
  placeholder?: string;
  /** May be emptied again. */
  optional?: boolean;
  disabled?: boolean;
}>();
const model = defineModel<T | null>({ required: true });
const own = useId();
const field = ref<ComponentPublicInstance | null>(null);
const open = ref(false);
const NAMES_LIST = ['aria-controls', 'aria-owns', 'aria-activedescendant'];
function mind(): void {
  const input = (field.value?.$el as HTMLElement | undefined)?.querySelector('input');
  if (!input) return;
  for (const name of NAMES_LIST) {
    const id = input.getAttribute(name);
    if (id && !document.getElementById(id)) input.removeAttribute(name);
  }
  input.setAttribute('aria-expanded', String(open.value));
  if (props.label) input.setAttribute('aria-label', props.label);
}
onMounted(mind);
watch(open, () => void nextTick(mind));
useMutationObserver(() => field.value?.$el as HTMLElement | undefined, mind, {
  subtree: true,
  childList: true,
  attributeFilter: NAMES_LIST,
});
const found = (text: string, option?: { readonly label?: unknown }): boolean =>
  plainLetters(String(option?.label ?? '')).includes(plainLetters(text));
</script>

<template>
  <Select
    :id="id ?? own"
    ref="field"
    @dropdown-visible-change="(shown: boolean) => (open = shown)"
    :value="model ?? undefined"
    :options="[...options]"
    :placeholder="placeholder"
    :allow-clear="optional"
    :disabled="disabled"
    :filter-option="found"
    :dropdown-match-select-width="false"
    show-search
    @change="(value) => (model = (value ?? null) as T | null)" />
</template>
