<script setup lang="ts">
import { FOR_CARE, spentKj, WALKING } from '@emberfield/core/rounds';
import FoldUp from '../kit/FoldUp.vue';
import { useWords } from '../session/words.ts';

/** How a round is reckoned, for whoever asks. */
defineProps<{
  /** No other is worth more; `null`: somebody has put it in order. */
  exact: boolean | null;
  /** Minutes on the way. */
  walked: number;
}>();
const words = useWords();
const [MASS_KG, TO] = [70, 100];
const kj = (walked: number): string =>
  words.value.format.number(Math.round(spentKj(WALKING, MASS_KG, walked) / TO) * TO);
</script>

<template>
  <FoldUp class="no-print" :title="words.t('round.howTitle')">
    <p v-if="exact !== null">{{ words.t(exact ? 'round.exact' : 'round.searched') }}</p>
    <p>{{ words.t('round.how') }}</p>
    <p>{{ words.t('round.dark') }} {{ words.t('round.cares', { n: FOR_CARE }) }}</p>
    <p>{{ words.t('round.walking', { kj: kj(walked), kg: MASS_KG }) }}</p>
  </FoldUp>
</template>

<style scoped>
p {
  max-width: 65ch;
}
</style>
