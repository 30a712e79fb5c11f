<script setup lang="ts">
import { computed } from 'vue';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import { underlined, VIEWS } from './shortcuts.ts';

/** The views by name; the underlined letter is the key after `g`. */
const words = useWords();
const { dayQuery } = useDay();
const links = computed(() => VIEWS.map((v) => ({ ...v, pieces: underlined(words.value.t(`nav.${v.name}`), v.key) })));
</script>

<template>
  <nav :aria-label="words.t('nav.views')">
    <RouterLink v-for="l in links" :key="l.name" :to="{ name: l.name, query: dayQuery }"
      >{{ l.pieces[0] }}<u>{{ l.pieces[1] }}</u
      >{{ l.pieces[2] }}</RouterLink
    >
  </nav>
</template>

<style scoped>
nav {
  display: flex;
  align-items: center;
  gap: clamp(10px, 1.7vw, 24px);
}
a {
  color: var(--soft);
  text-decoration: none;
  padding: 8px 0;
  font-size: 16px;
}
/* Eight words of the longest language still fit beside a long day and the person. */
@media (max-width: 1360px) {
  nav {
    gap: 9px;
  }
  a {
    font-size: 15px;
  }
}
.router-link-active {
  color: var(--char);
  font-weight: 650;
  box-shadow: inset 0 -2px 0 var(--ember);
}
u {
  text-decoration-color: var(--edge);
  text-underline-offset: 3px;
}
/* Where there is nothing but a finger, keys are no help. */
@media (hover: none) and (pointer: coarse) {
  u {
    text-decoration: none;
  }
}
</style>
