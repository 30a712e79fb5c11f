<script setup lang="ts">
import { computed } from 'vue';
import type { SandboxStand, SandboxVerdict } from '@emberfield/core/sandbox';
import { useWords } from '../session/words.ts';
import { sayVerdict } from './say-verdict.ts';
import YearsChart from './YearsChart.vue';

/** What was true of one stand, when the year is over. */
const props = defineProps<{ stand: SandboxStand; verdict: SandboxVerdict; name: string }>();
const words = useWords();
const lines = computed(() => sayVerdict(props.verdict, words.value));
</script>

<template>
  <section :aria-label="name" class="section">
    <h2>{{ name }}</h2>
    <p v-for="line in lines" :key="line.said" :class="{ warn: line.warns }">{{ line.said }}</p>
    <YearsChart v-if="stand.trueYears.length > 1" :stand="stand" :name="name" />
  </section>
</template>
