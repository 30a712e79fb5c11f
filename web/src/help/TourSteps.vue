<script setup lang="ts">
import { Tour } from 'ant-design-vue';
import { useIntervalFn } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useEscape } from '../kit/use-escape.ts';
import { useWords } from '../session/words.ts';
import { useTour } from './use-tour.ts';

/** Five things of the first screen, one after the other; what is not on this screen is left out. */
const words = useWords();
const { touring } = useTour();
useEscape(() => (touring.value = false));
const PLACES = [
  ['strip', '.strip'],
  ['lines', '.hearth .line'],
  ['brief', '.hearth .side h2'],
  ['find', '.bar .find'],
  ['person', '.bar .who'],
] as const;
/** The first screen may still be on its way; an empty one never has a line. */
const LOOK_MS = 100;
const MOST_LOOKS = 30;
const ready = ref(false);
let looks = 0;
const { pause } = useIntervalFn(() => {
  looks += 1;
  ready.value = document.querySelector('.hearth .line') !== null || looks >= MOST_LOOKS;
  if (ready.value) pause();
}, LOOK_MS);
const steps = computed(() =>
  ready.value
    ? PLACES.flatMap(([key, where], i) => {
        const target = document.querySelector<HTMLElement>(where);
        if (!target?.offsetParent) return [];
        return [
          {
            title: words.value.t(`help.steps.${key}.title`),
            description: words.value.t(`help.steps.${key}.text`),
            target,
            nextButtonProps: { children: () => words.value.t(i === PLACES.length - 1 ? 'help.done' : 'help.next') },
            prevButtonProps: { children: () => words.value.t('help.back') },
          },
        ];
      })
    : [],
);
</script>

<template>
  <Tour v-if="ready" :open="touring" :steps="steps" @close="touring = false" @finish="touring = false" />
</template>
