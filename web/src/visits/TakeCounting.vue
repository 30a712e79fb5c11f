<script setup lang="ts">
import { computed } from 'vue';
import type { ProfilePart } from '@emberfield/contract';
import ChoiceChips from '../kit/ChoiceChips.vue';
import { useWords } from '../session/words.ts';
import { waysToCount, type Counted } from './tally.ts';

/** By what it is counted. */
const props = defineProps<{ part: ProfilePart | undefined; counted: Counted }>();
const emit = defineEmits<{ count: [counted: Counted] }>();
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
</template>
