<script setup lang="ts">
import { computed } from 'vue';
import { IDENTITY_STATUSES, type PlantProfile } from '@emberfield/contract';
import ChoiceChips from '../kit/ChoiceChips.vue';
import { useWords } from '../platform/words.ts';
import type { VisitDraft } from './visit-draft.ts';

/** Look-alikes looked for, and what the plant is said to be by which signs. */
const props = defineProps<{ profile: PlantProfile }>();
const visit = defineModel<VisitDraft>({ required: true });
const words = useWords();
const LONGEST_SIGN = 300;
const lookAlikes = computed(() =>
  props.profile.lookAlikes.map((l) => ({ value: words.value.text(l.name), label: words.value.text(l.name) })),
);
const signs = computed(() => props.profile.signs.map((s) => words.value.text(s.text).slice(0, LONGEST_SIGN)));
const found = computed(() => (visit.value.found === null ? null : visit.value.found ? 'y' : 'n'));
</script>

<template>
  <section v-if="lookAlikes.length">
    <h2>{{ words.t('visit.search') }}</h2>
    <ChoiceChips v-model="visit.lookedFor" optional :label="words.t('visit.searchFor')" :options="lookAlikes" />
    <ChoiceChips
      v-if="visit.lookedFor"
      :model-value="found"
      optional
      :label="visit.lookedFor"
      :options="[
        { value: 'n', label: words.t('visit.notFound') },
        { value: 'y', label: words.t('visit.found') },
      ]"
      @update:model-value="visit.found = $event === null ? null : $event === 'y'" />
  </section>
  <section>
    <h2>{{ words.t('visit.identity') }}</h2>
    <p class="soft">{{ words.t('visit.identityLead') }}</p>
    <ChoiceChips
      v-model="visit.identity"
      optional
      :label="words.t('visit.identity')"
      :options="IDENTITY_STATUSES.map((s) => ({ value: s, label: words.t(`stand.${s}`) }))" />
    <div v-if="visit.identity" class="signs">
      <p class="soft">{{ words.t('visit.signsSeen') }}</p>
      <label v-for="s in signs" :key="s"><input v-model="visit.signs" type="checkbox" :value="s" /> {{ s }}</label>
    </div>
  </section>
</template>

<style scoped>
.signs {
  display: grid;
  gap: 8px;
  font-size: 16px;
}
.signs label {
  display: flex;
  gap: 10px;
}
</style>
