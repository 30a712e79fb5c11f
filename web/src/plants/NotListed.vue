<script setup lang="ts">
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';

/** Under a choice of plants: the way on for somebody who does not find theirs. */
defineProps<{ name?: string }>();
const words = useWords();
const { isKeeper } = useGroup();
</script>

<template>
  <p class="soft small no-print">
    <RouterLink v-if="isKeeper" :to="{ name: 'newPlant', query: name ? { name } : {} }">{{
      name ? words.t('ownPlant.addNamed', { name }) : words.t('ownPlant.add')
    }}</RouterLink>
    <template v-else>{{ words.t('ownPlant.askKeeper') }}</template>
  </p>
</template>
