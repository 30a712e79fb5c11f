<script setup lang="ts">
import { computed } from 'vue';
import HarmfulName from '../kit/HarmfulName.vue';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { usePoison } from './queries.ts';

/** What poisonous was seen in a place or close by: it counts at every stand there. */
const props = defineProps<{ patchId: string }>();
const words = useWords();
const { groupId } = useGroup();
const { data } = usePoison(
  groupId,
  computed(() => props.patchId),
);
</script>

<template>
  <section v-if="data?.length" class="section">
    <h2>{{ words.t('patch.poison') }}</h2>
    <ul class="small">
      <li v-for="p in data" :key="words.text(p.name)">
        <HarmfulName :name="p.name" :severity="p.severity" :plant-key="p.plantKey" />
        {{ words.t(`patch.poisonSeen.${p.where}`, { day: words.format.dayAndYear(p.day) }) }}
      </li>
    </ul>
    <p class="soft small">{{ words.t('patch.poisonCounts') }}</p>
  </section>
</template>

<style scoped>
ul {
  padding-left: 18px;
  margin: 4px 0;
}
</style>
