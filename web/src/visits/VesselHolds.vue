<script setup lang="ts">
import { onMounted, ref } from 'vue';
import { VESSELS } from '@emberfield/contract';
import NumberField from '../kit/NumberField.vue';
import { useWords } from '../session/words.ts';

/**
 * A handful or a bag holds what somebody says it holds; until then nothing can be tallied by it, and it is asked for at once. What was
 * tallied was held against what may be taken: it is not made into something else under way.
 */
defineProps<{ vessel: (typeof VESSELS)[number]; tallied: boolean }>();
const holds = defineModel<number | null>({ required: true });
const words = useWords();
const field = ref<HTMLElement | null>(null);
onMounted(() => {
  if (holds.value === null) field.value?.querySelector('input')?.focus();
});
</script>

<template>
  <label ref="field" class="holds">
    <span>{{ words.t(`take.holds.${vessel}`) }}</span>
    <NumberField
      :model-value="holds"
      :disabled="tallied && holds !== null"
      :label="words.t(`take.holds.${vessel}`)"
      @update:model-value="holds = $event && $event > 0 ? $event : null" />
  </label>
</template>

<style scoped>
.holds {
  display: grid;
  grid-template-columns: 1fr 120px;
  gap: 12px;
  align-items: center;
}
</style>
