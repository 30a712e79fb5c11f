<script setup lang="ts">
import { ref } from 'vue';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import { sayNotice } from './say-notice.ts';
import { useNotices } from './use-notices.ts';

const words = useWords();
const { today } = useDay();
const { notices, see } = useNotices();
/** One at a time: the lines of the day stand below. */
const FIRST = 1;
const all = ref(false);
</script>

<template>
  <section v-if="notices.length" class="notices no-print" :aria-label="words.t('notice.title')">
    <p v-for="n in all ? notices : notices.slice(0, FIRST)" :key="n.key">
      <RouterLink :to="{ name: 'stand', params: { standId: n.standId } }">{{ sayNotice(n, today, words) }}</RouterLink>
      <button
        type="button"
        class="btn plain"
        :aria-label="`${words.t('notice.seen')}: ${sayNotice(n, today, words)}`"
        @click="see(n)">
        {{ words.t('notice.seen') }}
      </button>
    </p>
    <button v-if="!all && notices.length > FIRST" type="button" class="btn plain" @click="all = true">
      {{ words.t('hearth.showMore', { n: notices.length - FIRST }) }}
    </button>
  </section>
</template>

<style scoped>
.notices {
  margin: 8px 0 12px;
  padding: 4px 12px;
  border-left: 4px solid var(--glow);
  background: var(--band);
}
p {
  display: flex;
  gap: 12px;
  align-items: center;
  margin: 0;
}
p a {
  flex: 1;
  color: inherit;
  text-decoration: none;
}
p a:hover {
  text-decoration: underline;
}
.btn {
  min-height: 32px;
}
@media (max-width: 900px) {
  .btn {
    min-height: 48px;
  }
}
</style>
