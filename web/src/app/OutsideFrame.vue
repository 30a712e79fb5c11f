<script setup lang="ts">
import { ref } from 'vue';
import LanguageChoice from './LanguageChoice.vue';
import { usePageTitle } from './use-page-title.ts';

/** Pages of those who are not in: they have a title as well. */
const content = ref<HTMLElement | null>(null);
usePageTitle(content);
</script>

<template>
  <div ref="content">
    <slot />
    <footer><LanguageChoice /></footer>
  </div>
</template>

<style scoped>
footer {
  max-width: 220px;
  margin: 32px auto 24px;
}
</style>
