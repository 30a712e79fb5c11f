<script setup lang="ts">
import { ArrowUpOutlined } from '@ant-design/icons-vue';
import { computed } from 'vue';
import type { OnTheGround } from '@emberfield/core/measure';
import type { Position } from '../platform/position.ts';
import { useWords } from '../session/words.ts';
import { wayTo } from './taken-round.ts';

/** How far it is to somewhere, and in which direction; the arrow is for whoever has turned to the north. */
const props = defineProps<{ here: Position | null; lost: string | null; to: OnTheGround; guess: boolean }>();
const words = useWords();
const way = computed(() => props.here && wayTo(props.here, props.to));
</script>

<template>
  <p v-if="way" class="way">
    <ArrowUpOutlined class="arrow" :style="{ transform: `rotate(${way.bearingDeg}deg)` }" aria-hidden="true" />
    <span
      ><b>{{ words.format.distance(way.metres) }}</b> {{ words.t(`field.wind.${way.wind}`) }}
      <small class="soft">{{
        words.t(guess ? 'field.guess' : 'field.sure', { m: words.format.distance(here!.accuracyM) })
      }}</small></span
    >
  </p>
  <p v-else class="soft">
    {{ lost === null ? words.t('field.locating') : words.t('field.lost', { why: lost }) }}
  </p>
</template>

<style scoped>
.way {
  display: flex;
  gap: 16px;
  align-items: center;
  font-size: 24px;
}
.arrow {
  font-size: 44px;
  color: var(--ember-ink);
}
small {
  display: block;
  font-size: 15px;
}
</style>
