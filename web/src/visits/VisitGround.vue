<script setup lang="ts">
import { computed } from 'vue';
import ChoiceChips from '../kit/ChoiceChips.vue';
import { useWords } from '../session/words.ts';
import type { VisitDraft } from '../entries/visit-draft.ts';

/** Whether a spade goes in: asked where something is dug. */
const visit = defineModel<VisitDraft>({ required: true });
const words = useWords();
const said = computed({
  get: () => (visit.value.frozen === null ? null : visit.value.frozen ? 'frozen' : 'open'),
  set: (value: 'open' | 'frozen' | null) => (visit.value.frozen = value === null ? null : value === 'frozen'),
});
const choices = computed(() =>
  (['open', 'frozen'] as const).map((value) => ({ value, label: words.value.t(`visit.ground.${value}`) })),
);
</script>

<template>
  <section>
    <h2>{{ words.t('visit.ground.title') }}</h2>
    <ChoiceChips v-model="said" optional :options="choices" :label="words.t('visit.ground.title')" />
  </section>
</template>
