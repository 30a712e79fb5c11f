<script setup lang="ts">
import { computed } from 'vue';
import type { BatchView } from '@emberfield/contract';
import { isToAsk } from '@emberfield/core/larder';
import { useTastes } from '../session/queries.ts';
import { useDay } from '../session/use-day.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';

/** First tastes of which nobody has said yet what came of them. */
const props = defineProps<{ batches: readonly BatchView[] }>();
const words = useWords();
const { groupId } = useGroup();
const { today } = useDay();
const tastes = useTastes(groupId);
const asked = computed(() =>
  (tastes.data.value?.mine ?? []).flatMap(({ id, terms }) => {
    const batch = props.batches.find((b) => b.id === terms.batchId);
    return batch && isToAsk(terms, today.value) ? [{ id, day: terms.day, batch }] : [];
  }),
);
</script>

<template>
  <p v-for="{ id, day, batch } in asked" :key="id">
    <RouterLink :to="{ name: 'batch', params: { batchId: batch.id } }"
      >{{ words.text(batch.plantName) }} · {{ words.text(batch.partName) }}</RouterLink
    >: {{ words.t('taste.waiting', { day: words.format.day(day, today) }) }}
  </p>
</template>
