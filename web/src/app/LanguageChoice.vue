<script setup lang="ts">
import { computed } from 'vue';
import PickOne from '../kit/PickOne.vue';
import { LANGUAGE_NAMES, WANTED_LANGUAGES } from '../platform/language-wanted.ts';
import { wantedLanguage } from '../platform/language.ts';
import { useLanguage } from '../session/use-language.ts';
import { useWords } from '../session/words.ts';

/** Which language the screens speak: each by its own name, so that it is found by whoever reads no other. */
const words = useWords();
const choose = useLanguage();
const options = computed(() =>
  WANTED_LANGUAGES.map((value) => ({
    value,
    label: value === 'device' ? words.value.t('language.device') : LANGUAGE_NAMES[value],
  })),
);
</script>

<template>
  <PickOne
    :model-value="wantedLanguage"
    :options="options"
    :label="words.t('language.title')"
    @update:model-value="$event && choose($event)" />
</template>
