<script setup lang="ts">
import { Tour } from 'ant-design-vue';
import { computed } from 'vue';
import { useEscape } from '../kit/use-escape.ts';
import { useWords } from '../session/words.ts';
import { useTour } from './use-tour.ts';

/** Five things of the first screen, one after the other; what is not on this screen is left out. */
const words = useWords();
const { touring } = useTour();
useEscape(() => (touring.value = false));
const PLACES = [
  ['strip', '.strip'],
  ['lines', '.hearth .front'],
  ['brief', '.hearth .side'],
  ['find', '.bar .find'],
  ['person', '.bar .who'],
] as const;
const steps = computed(() =>
  touring.value
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
  <Tour :open="touring" :steps="steps" @close="touring = false" @finish="touring = false" />
</template>
