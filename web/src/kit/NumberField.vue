<script setup lang="ts">
import { Input } from 'ant-design-vue';
import { ref, watch } from 'vue';
import { spoken } from '../platform/language.ts';
import { shownNumber, typedNumber } from './typed-number.ts';

/**
 * A number as it is typed, with point or comma. Empty is `null`, never 0; what is no number is NaN, and stays to be read and put right:
 * nothing is cut to what would fit.
 */
defineProps<{
  label?: string;
  whole?: boolean;
  size?: 'small' | 'middle' | 'large';
  placeholder?: string;
  unit?: string;
  disabled?: boolean;
}>();
const value = defineModel<number | null | undefined>({ required: true });
const read = (typed: string): number | null => (typed.trim() === '' ? null : (typedNumber(typed) ?? NaN));
/** With the point or the comma of the language; both are read. */
const shown = (n: number | null): string => (spoken.value === 'de' ? shownNumber(n).replace('.', ',') : shownNumber(n));
const text = ref(shown(value.value ?? null));
watch(value, (now) => {
  if (!Object.is(now ?? null, read(text.value))) text.value = shown(now ?? null);
});
function type(typed: string): void {
  text.value = typed;
  value.value = read(typed);
}
</script>

<template>
  <Input
    :value="text"
    :size="size ?? 'middle'"
    :inputmode="whole ? 'numeric' : 'decimal'"
    autocomplete="off"
    :aria-label="label"
    :aria-invalid="Number.isNaN(value) || undefined"
    :status="Number.isNaN(value) ? 'error' : ''"
    :placeholder="placeholder"
    :suffix="unit"
    :disabled="disabled"
    @update:value="type" />
</template>
