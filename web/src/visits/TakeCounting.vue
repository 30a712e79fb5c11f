<script setup lang="ts">
import { computed } from 'vue';
import type { ProfilePart } from '@emberfield/contract';
import ChoiceChips from '../kit/ChoiceChips.vue';
import NumberField from '../kit/NumberField.vue';
import { useWords } from '../session/words.ts';
import { waysToCount, type Counted } from './tally.ts';

/** By what it is counted; a handful or a bag holds what somebody says it holds. */
const props = defineProps<{ part: ProfilePart | undefined; counted: Counted }>();
const emit = defineEmits<{ count: [counted: Counted] }>();
const holds = defineModel<number | null>('holds', { required: true });
const words = useWords();
const options = computed(() =>
  waysToCount(props.part).map((value) => ({
    value,
    label: value === 'unit' && props.part ? words.value.text(props.part.name) : words.value.t(`take.counts.${value}`),
  })),
);
</script>

<template>
  <ChoiceChips
    :model-value="counted"
    :label="words.t('take.countBy')"
    :options="options"
    @update:model-value="$event && emit('count', $event)" />
  <label v-if="counted === 'handful' || counted === 'bag'" class="holds">
    <span>{{ words.t(`take.holds.${counted}`) }}</span>
    <NumberField
      :model-value="holds"
      :label="words.t(`take.holds.${counted}`)"
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
