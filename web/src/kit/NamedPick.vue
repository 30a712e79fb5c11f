<script setup lang="ts" generic="T extends string | number">
import PickOne from './PickOne.vue';

/** One of a few, with its name before it. */
defineProps<{
  label: string;
  options: readonly { readonly value: T; readonly label: string }[];
  placeholder?: string;
}>();
const model = defineModel<T | null>({ required: true });
</script>

<template>
  <label>{{ label }} <PickOne v-model="model" :label="label" :options="options" :placeholder="placeholder" /></label>
</template>
