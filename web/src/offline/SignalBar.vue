<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query';
import { useIntervalFn } from '@vueuse/core';
import { watch } from 'vue';
import { sessionQuery } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { signal } from '../platform/signal.ts';
import { newer, takeNewer } from './worker.ts';

/** Says when the server is out of reach and from when the screen is; asks again by itself. */
const words = useWords();
const client = useQueryClient();
const { group } = useGroup();
const { reached, keptFrom } = signal;
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
const when = (ms: number): string => words.value.format.instant(new Date(ms).toISOString(), group.value?.zone ?? 'UTC');
</script>

<template>
  <div v-if="!reached" class="signal" role="status">
    <span
      ><b>{{ words.t('signal.none') }}</b>
      {{ keptFrom === null ? '' : words.t('signal.readAt', { when: when(keptFrom) }) }}
      {{ words.t('signal.waits') }}</span
    >
    <button type="button" @click="ask">{{ words.t('common.tryAgain') }}</button>
  </div>
  <div v-else-if="newer" class="signal" role="status">
    <span>{{ words.t('signal.newer') }}</span>
    <button type="button" @click="takeNewer">{{ words.t('signal.takeNewer') }}</button>
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
button {
  background: none;
  border: 0;
  border-bottom: 1px solid;
  color: inherit;
  font: inherit;
  cursor: pointer;
  padding: 0;
}
@media (max-width: 900px) {
  .signal {
    padding-inline: 16px;
  }
  button {
    min-height: 44px;
  }
}
</style>
