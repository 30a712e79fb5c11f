<script setup lang="ts" generic="T extends string">
/** One of a few, by a press. Pressing the chosen one again lets it go, where that is allowed. */
const props = defineProps<{
  options: readonly { readonly value: T; readonly label: string }[];
  label: string;
  optional?: boolean;
}>();
const chosen = defineModel<T | null>({ required: true });
function press(value: T): void {
  chosen.value = props.optional && chosen.value === value ? null : value;
}
</script>

<template>
  <div class="chips" role="group" :aria-label="label">
    <button
      v-for="o in options"
      :key="o.value"
      type="button"
      class="chip"
      :aria-pressed="chosen === o.value"
      @click="press(o.value)">
      {{ o.label }}
    </button>
  </div>
</template>
