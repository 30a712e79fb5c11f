<script setup lang="ts">
import { Button, Segmented, Switch } from 'ant-design-vue';
import { wayBetween } from '@emberfield/core/measure';
import { useWords } from '../session/words.ts';
import type { TakenRound } from './taken-round.ts';
import { useGpsPlayer } from './use-gps-player.ts';

/** Of the demo: walks the round in place of the device's own sensors, so that it can be tried at a table. */
const props = defineProps<{ round: TakenRound }>();
const words = useWords();
const { player, speed, hasFix, play, stop } = useGpsPlayer();
const SPEEDS = [0, 4, 40];
/** To a place of the round, without the way there. */
function goTo(stopIndex: number): void {
  const way = [props.round.home, ...props.round.stops].slice(0, stopIndex + 2);
  player.value?.goTo(way.slice(1).reduce((sum, to, i) => sum + wayBetween(way[i]!, to), 0));
}
</script>

<template>
  <section class="section panel">
    <h2>{{ words.t('field.player.title') }}</h2>
    <p class="soft small">{{ words.t('field.player.lead') }}</p>
    <Button v-if="!player" @click="play([round.home, ...round.stops, round.home])">{{
      words.t('field.player.play')
    }}</Button>
    <template v-else>
      <Segmented
        v-model:value="speed"
        role="group"
        :aria-label="words.t('field.player.speed')"
        :options="SPEEDS.map((value) => ({ value, label: `${value} km/h` }))" />
      <label class="fix"
        ><Switch v-model:checked="hasFix" :aria-label="words.t('field.player.fix')" />
        {{ words.t('field.player.fix') }}</label
      >
      <div class="stops">
        <Button v-for="(s, i) in round.stops" :key="s.patchId" size="small" @click="goTo(i)">{{ s.name }}</Button>
      </div>
      <Button @click="stop">{{ words.t('field.player.stop') }}</Button>
    </template>
  </section>
</template>

<style scoped>
.panel {
  display: grid;
  gap: 10px;
  justify-items: start;
}
.fix {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 44px;
}
.stops {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
