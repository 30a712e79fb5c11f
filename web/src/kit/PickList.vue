<script setup lang="ts">
/**
 * One of a list. The browser's own: it is read aloud rightly, jumps to typed letters, and is a large wheel on a phone;
 * the component library's search select fails the accessibility check while closed.
 */
defineProps<{
  options: readonly { readonly value: string; readonly label: string }[];
  label: string;
  placeholder?: string;
}>();
const chosen = defineModel<string | null>({ required: true });
</script>

<template>
  <select
    :value="chosen ?? ''"
    :aria-label="label"
    @change="chosen = ($event.target as HTMLSelectElement).value || null">
    <option v-if="placeholder !== undefined" value="">{{ placeholder }}</option>
    <option v-for="o in options" :key="o.value" :value="o.value">{{ o.label }}</option>
  </select>
</template>

<style scoped>
select {
  max-width: 520px;
}
</style>
