<script setup lang="ts" generic="T extends string | number">
import { Select } from 'ant-design-vue';
import { ref, useId, type ComponentPublicInstance } from 'vue';
import { isCalled, useListName } from './use-list-name.ts';

/** One of many, found by typing. */
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
useListName(field, { open, label: () => props.label });
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
    :filter-option="isCalled"
    :dropdown-match-select-width="false"
    show-search
    @change="(value) => (model = (value ?? null) as T | null)" />
</template>
