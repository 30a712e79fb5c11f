<script setup lang="ts">
import { computed } from 'vue';
import type { StandView } from '@emberfield/contract';
import HazardList from '../kit/HazardList.vue';
import ReasonText from '../kit/ReasonText.vue';
import { useWords } from '../session/words.ts';

/** How many there are, and what to take care of. */
const props = defineProps<{ stand: StandView; day: string }>();
const words = useWords();
const MOST_COUNTS = 6;
const counts = computed(() => [...props.stand.counts].reverse().slice(0, MOST_COUNTS));
</script>

<template>
  <section class="section">
    <h2>{{ words.t('stand.countTitle') }}</h2>
    <p v-if="!counts.length" class="soft">{{ words.t('stand.neverCounted') }}</p>
    <table v-else class="plain">
      <tbody>
        <tr v-for="(c, i) in counts" :key="i">
          <td>{{ words.format.day(c.day, day) }}</td>
          <td>
            <ReasonText :reasons="words.countReasons(c)"
              ><b>{{ words.format.number(c.value) }}</b> ({{ words.format.number(c.low) }}–{{
                words.format.number(c.high)
              }})</ReasonText
            >
          </td>
          <td class="soft">{{ words.t(c.method === 'eye' ? 'visit.byEye' : `visit.${c.method}`) }} · {{ c.by }}</td>
        </tr>
      </tbody>
    </table>
  </section>
  <section class="section">
    <h2>{{ words.t('stand.caution') }}</h2>
    <ul class="small list">
      <li v-for="(c, i) in stand.profile.cautions" :key="i">{{ words.text(c.text) }}</li>
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
