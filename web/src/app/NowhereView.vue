<script setup lang="ts">
import GoButton from '../kit/GoButton.vue';
import StateNote from '../kit/StateNote.vue';
import { useWords } from '../session/words.ts';

const words = useWords();
</script>

<template>
  <StateNote state="empty" :title="words.t('common.notHere')"
    ><GoButton type="primary" :to="{ name: 'hearth' }">{{ words.t('common.toHearth') }}</GoButton></StateNote
  >
</template>
