<script setup lang="ts" generic="T extends string">
import { Button } from 'ant-design-vue';
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
    <Button
      v-for="o in options"
      :key="o.value"
      class="chip"
      :aria-pressed="chosen.includes(o.value)"
      @click="$emit('toggle', o.value)">
      {{ o.label }}
    </Button>
  </div>
</template>
