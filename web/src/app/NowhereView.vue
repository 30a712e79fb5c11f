<script setup lang="ts">
import StateNote from '../kit/StateNote.vue';
import { useWords } from '../session/words.ts';

const words = useWords();
</script>

<template>
  <StateNote state="empty" :title="words.t('common.notHere')"
    ><RouterLink class="btn main" :to="{ name: 'hearth' }">{{ words.t('common.toHearth') }}</RouterLink></StateNote
  >
</template>
