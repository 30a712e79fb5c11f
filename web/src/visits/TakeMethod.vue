<script setup lang="ts">
import { computed } from 'vue';
import type { ProfilePart } from '@emberfield/contract';
import { methodsOf, type MethodKey } from '@emberfield/core/plants';
import { sayTaking } from '../entries/say-taking.ts';
import ChoiceChips from '../kit/ChoiceChips.vue';
import { useWords } from '../session/words.ts';

/** In which way it is taken: what that costs the plants, and what it gives. */
const props = defineProps<{ part: ProfilePart }>();
const method = defineModel<MethodKey>({ required: true });
const words = useWords();
const options = computed(() =>
  methodsOf(props.part).map((value) => ({ value, label: words.value.t(`take.method.${value}`) })),
);
const chosen = computed(() => props.part.methods?.find((m) => m.key === method.value));
</script>

<template>
  <ChoiceChips
    class="ways"
    :model-value="method"
    :label="words.t('take.how')"
    :options="options"
    @update:model-value="$event && $event !== method && (method = $event)" />
  <p v-if="chosen" class="soft small">{{ sayTaking(chosen, words) }}</p>
  <p v-if="method === 'combed'" class="warn small">{{ words.t('take.combNote') }}</p>
</template>

<style scoped>
/* In one line, whatever it is long: the tally below is what the thumb is for. */
.ways {
  flex-wrap: nowrap;
  overflow-x: auto;
  margin: 0 -16px;
  padding: 0 16px 2px;
}
.ways :deep(.chip) {
  flex: none;
}
</style>
