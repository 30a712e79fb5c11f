<script setup lang="ts">
import { computed } from 'vue';
import type { StandView } from '@emberfield/contract';
import ChoiceChips from '../kit/ChoiceChips.vue';
import { useWords } from '../platform/words.ts';
import type { VisitDraft } from './visit-draft.ts';

/** Look-alikes looked for, found or not; what the plant is by its signs is settled on a screen of its own. */
const props = defineProps<{ stand: StandView }>();
const visit = defineModel<VisitDraft>({ required: true });
const words = useWords();
const lookAlikes = computed(() =>
  props.stand.lookAlikes.map((l) => ({ value: words.value.text(l.name), label: words.value.text(l.name) })),
);
const sought = computed(() => props.stand.lookAlikes.find((l) => words.value.text(l.name) === visit.value.lookedFor));
const found = computed(() => (visit.value.found === null ? null : visit.value.found ? 'y' : 'n'));
</script>

<template>
  <section v-if="lookAlikes.length">
    <h2>{{ words.t('visit.search') }}</h2>
    <ChoiceChips v-model="visit.lookedFor" optional :label="words.t('visit.searchFor')" :options="lookAlikes" />
    <template v-if="sought">
      <p class="soft">{{ words.text(sought.separatedBy) }}</p>
      <ChoiceChips
        :model-value="found"
        optional
        :label="words.text(sought.name)"
        :options="[
          { value: 'n', label: words.t('visit.notFound') },
          { value: 'y', label: words.t('visit.found') },
        ]"
        @update:model-value="visit.found = $event === null ? null : $event === 'y'" />
      <p v-if="!sought.showsNow && visit.found === false" class="warn">{{ words.t('lookAlike.notNow') }}</p>
    </template>
  </section>
  <section>
    <h2>{{ words.t('visit.identity') }}</h2>
    <RouterLink class="btn" :to="{ name: 'identifyStand', params: { standId: stand.id } }">{{
      words.t('identify.open')
    }}</RouterLink>
  </section>
</template>
