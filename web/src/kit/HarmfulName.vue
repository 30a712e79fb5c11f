<script setup lang="ts">
import type { LookAlikeView } from '@emberfield/contract';
import { useWords } from '../session/words.ts';

/** A plant that does harm: its name, which leads to its page where it has one, and what it does. */
defineProps<Pick<LookAlikeView, 'name' | 'severity' | 'plantKey'>>();
const words = useWords();
</script>

<template>
  <RouterLink v-if="plantKey" :to="{ name: 'plant', params: { plantKey } }"
    ><b>{{ words.text(name) }}</b></RouterLink
  ><b v-else>{{ words.text(name) }}</b>
  <span :class="severity === 'deadly' ? 'warn' : 'soft'"> {{ words.t(`stand.severity.${severity}`) }}</span>:
</template>
