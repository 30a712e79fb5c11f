<script setup lang="ts" generic="T extends string">
/** Any of several, by a press each. */
defineProps<{
  options: readonly { readonly value: T; readonly label: string }[];
  label: string;
  chosen: readonly T[];
}>();
defineEmits<{ toggle: [value: T] }>();
</script>

<template>
  <div class="chips" role="group" :aria-label="label">
    <button
      v-for="o in options"
      :key="o.value"
      type="button"
      class="chip"
      :aria-pressed="chosen.includes(o.value)"
      @click="$emit('toggle', o.value)">
      {{ o.label }}
    </button>
  </div>
</template>
