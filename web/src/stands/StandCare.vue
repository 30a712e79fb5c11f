<script setup lang="ts">
import type { StandView } from '@emberfield/contract';
import CatalogueText from '../kit/CatalogueText.vue';
import HazardList from '../kit/HazardList.vue';
import { useWords } from '../session/words.ts';

/** What to take care of. */
defineProps<{ stand: StandView }>();
const words = useWords();
</script>

<template>
  <section class="section">
    <h2>{{ words.t('stand.caution') }}</h2>
    <ul class="small list">
      <li v-for="(c, i) in stand.profile.cautions" :key="i"><CatalogueText :text="c.text" /></li>
    </ul>
    <HazardList class="small" :hazards="stand.patch.hazards" />
    <p class="small soft">{{ words.t('common.caution') }}</p>
  </section>
</template>

<style scoped>
.list {
  padding-left: 18px;
  margin: 4px 0;
}
.list li {
  margin: 4px 0;
}
p {
  margin: 0 0 5px;
}
</style>
