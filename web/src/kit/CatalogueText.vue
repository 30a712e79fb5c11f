<script setup lang="ts">
import { computed } from 'vue';
import type { Text } from '@emberfield/contract';
import { spoken } from '../platform/language.ts';
import { useWords } from '../session/words.ts';

/** A text of the catalogue. Where it is not there in the reader's language it is English and says so to whoever hears it. */
const props = defineProps<{ text: Text }>();
const words = useWords();
const language = computed(() => (props.text[spoken.value] === undefined ? 'en' : undefined));
</script>

<template>
  <span :lang="language">{{ words.text(text) }}</span>
</template>
