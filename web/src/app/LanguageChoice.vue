<script setup lang="ts">
import PickOne from '../kit/PickOne.vue';
import { wantedLanguage } from '../platform/language.ts';
import { useLanguage, useLanguageOptions } from '../session/use-language.ts';
import { useWords } from '../session/words.ts';

/** Which language the screens speak. */
const words = useWords();
const options = useLanguageOptions();
const choose = useLanguage();
</script>

<template>
  <PickOne
    :model-value="wantedLanguage"
    :options="options"
    :label="words.t('language.title')"
    @update:model-value="$event && choose($event)" />
</template>
