<script setup lang="ts">
import { CalendarOutlined } from '@ant-design/icons-vue';
import { DatePicker } from 'ant-design-vue';
import { computed, ref, useId, type ComponentPublicInstance } from 'vue';
import { spoken } from '../platform/language.ts';
import { useInputName } from './use-input-name.ts';

/** A day, picked or typed, as `YYYY-MM-DD`; empty is ''. */
const props = defineProps<{
  min?: string;
  max?: string;
  label?: string;
  id?: string;
  placeholder?: string;
  /** May be emptied again. */
  optional?: boolean;
  size?: 'small' | 'middle' | 'large';
}>();
const model = defineModel<string>({ required: true });
const own = useId();
const field = ref<ComponentPublicInstance | null>(null);
useInputName(field, () => props.label);
/** The first is how it is shown; the others are understood as well. */
const FORMATS = computed(() => [
  spoken.value === 'de' ? 'D. MMM YYYY' : 'D MMM YYYY',
  'YYYY-MM-DD',
  'D.M.YYYY',
  'D/M/YYYY',
]);
const outside = (day: { readonly format: (as: string) => string }): boolean => {
  const iso = day.format('YYYY-MM-DD');
  return (props.min !== undefined && iso < props.min) || (props.max !== undefined && iso > props.max);
};
</script>

<template>
  <DatePicker
    :id="id ?? own"
    ref="field"
    :value="model || undefined"
    value-format="YYYY-MM-DD"
    :format="FORMATS"
    :allow-clear="optional"
    :placeholder="placeholder ?? ''"
    :disabled-date="outside"
    :size="size ?? 'middle'"
    @update:value="model = typeof $event === 'string' ? $event : ''">
    <!-- The library's own picture says its English name to whoever hears the page. -->
    <template #suffixIcon><CalendarOutlined aria-hidden="true" /></template>
  </DatePicker>
</template>
