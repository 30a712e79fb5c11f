<script setup lang="ts">
import { Select } from 'ant-design-vue';
import { ref, useId, type ComponentPublicInstance } from 'vue';
import { isCalled, useListName } from './use-list-name.ts';

/** Several of many, found by typing. */
const props = defineProps<{
  options: readonly { readonly value: string; readonly label: string }[];
  label?: string;
  id?: string;
  /** What none chosen means. */
  placeholder?: string;
}>();
const model = defineModel<readonly string[]>({ required: true });
const own = useId();
const field = ref<ComponentPublicInstance | null>(null);
const open = ref(false);
useListName(field, { open, label: () => props.label });
</script>

<template>
  <Select
    :id="id ?? own"
    ref="field"
    mode="multiple"
    :value="[...model]"
    :options="[...options]"
    :placeholder="placeholder"
    :filter-option="isCalled"
    @dropdown-visible-change="(shown: boolean) => (open = shown)"
    @change="(value) => (model = value as string[])" />
</template>
