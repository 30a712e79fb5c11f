<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { useQueryClient } from '@tanstack/vue-query';
import { useIntervalFn } from '@vueuse/core';
import { computed, watch } from 'vue';
import { sessionQuery } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { signal } from '../platform/signal.ts';
import { newer, takeNewer } from './worker.ts';

/** Says when the server is out of reach and from when the screen is; asks again by itself. */
const words = useWords();
const client = useQueryClient();
const { group } = useGroup();
const { reached, keptFrom, clockOff } = signal;
const ASK_AGAIN_MS = 15_000;
const ask = (): Promise<unknown> => client.refetchQueries({ queryKey: sessionQuery.queryKey }).catch(() => undefined);
const { pause, resume } = useIntervalFn(() => void ask(), ASK_AGAIN_MS, { immediate: false });
watch(
  reached,
  (is) => {
    if (!is) return resume();
    pause();
    // What was shown meanwhile may be old: all of it is asked for anew.
    void client.invalidateQueries();
  },
  { immediate: !reached.value },
);
const MINUTE = 60_000;
const clock = computed(() => {
  if (clockOff.value === null) return '';
  const minutes = Math.round(Math.abs(clockOff.value) / MINUTE);
  const time = words.value.t('signal.clockTime', { h: Math.floor(minutes / 60), m: minutes % 60 });
  return words.value.t(clockOff.value > 0 ? 'signal.clockAhead' : 'signal.clockBehind', { time });
});
const when = (ms: number): string => words.value.format.instant(new Date(ms).toISOString(), group.value?.zone ?? 'UTC');
</script>

<template>
  <div v-if="!reached" class="signal" role="status">
    <span
      ><b>{{ words.t('signal.none') }}</b>
      {{ keptFrom === null ? '' : words.t('signal.readAt', { when: when(keptFrom) }) }}
      {{ words.t('signal.waits') }}</span
    >
    <Button ghost size="small" @click="ask">{{ words.t('common.tryAgain') }}</Button>
  </div>
  <div v-else-if="clock" class="signal" role="alert">{{ clock }}</div>
  <div v-else-if="newer" class="signal" role="status">
    <span>{{ words.t('signal.newer') }}</span>
    <Button ghost size="small" @click="takeNewer">{{ words.t('signal.takeNewer') }}</Button>
  </div>
</template>

<style scoped>
.signal {
  display: flex;
  gap: 6px 18px;
  flex-wrap: wrap;
  align-items: center;
  background: var(--char);
  color: var(--paper);
  padding: 7px 24px;
}
.signal :deep(.ant-btn) {
  color: inherit;
  border-color: currentColor;
}
@media (max-width: 900px) {
  .signal {
    padding-inline: 16px;
  }
}
</style>
