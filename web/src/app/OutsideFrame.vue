<script setup lang="ts">
import { ref } from 'vue';
import { usePageTitle } from './use-page-title.ts';

/** Pages of those who are not in: they have a title as well. */
const content = ref<HTMLElement | null>(null);
usePageTitle(content);
</script>

<template>
  <div ref="content"><slot /></div>
</template>
