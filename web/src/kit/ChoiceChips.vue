<script setup lang="ts" generic="T extends string">
import ToggleChips from './ToggleChips.vue';

/** One of a few, by a press. Pressing the chosen one again lets it go, where that is allowed. */
const props = defineProps<{
  options: readonly { readonly value: T; readonly label: string }[];
  label: string;
  optional?: boolean;
}>();
const chosen = defineModel<T | null>({ required: true });
const press = (value: T): void => void (chosen.value = props.optional && chosen.value === value ? null : value);
</script>

<template>
  <ToggleChips :options="options" :label="label" :chosen="chosen === null ? [] : [chosen]" @toggle="press" />
</template>
