<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
import { afterPaint } from '../platform/after-paint.ts';
import { useWords } from '../session/words.ts';
import { useOutbox } from './use-outbox.ts';
import { useWaitingTimes } from './waiting-times.ts';

const OutboxList = afterPaint(() => import('./OutboxList.vue'));
/** What waits on this device, since when nobody answered, and what was refused and why. */
const words = useWords();
const outbox = useOutbox();
const open = ref(false);
const clock = useWaitingTimes();
/** Less than this is a photo or two. */
const LITTLE_BYTES = 30 * 1024 * 1024;
const short = ref(false);
async function look(): Promise<void> {
  const { quota, usage } = (await navigator.storage?.estimate?.()) ?? {};
  short.value = quota !== undefined && quota - (usage ?? 0) < LITTLE_BYTES;
}
watch(() => outbox.waiting.length, look);
const lastTry = computed(() => Math.max(0, ...outbox.waiting.map((w) => w.lastTry ?? 0)));
</script>

<template>
  <div v-if="outbox.refused.length + outbox.waiting.length" class="outbox" role="status">
    <span v-if="outbox.waiting.length">
      <b>{{ words.t('outbox.waiting', { n: outbox.waiting.length }) }}</b>
      {{
        outbox.sending ? words.t('outbox.sending') : lastTry ? words.t('outbox.lastTry', { when: clock(lastTry) }) : ''
      }}
    </span>
    <b v-if="short" class="warn">{{ words.t('outbox.shortOfSpace') }}</b>
    <b v-if="outbox.refused.length" class="warn">{{ words.t('outbox.refused', { n: outbox.refused.length }) }}</b>
    <Button v-if="outbox.waiting.length && !outbox.sending" size="small" @click="outbox.flush()">{{
      words.t('outbox.sendNow')
    }}</Button>
    <Button size="small" @click="open = true">{{ words.t('outbox.show') }}</Button>
    <OutboxList v-if="open" @close="open = false" />
  </div>
</template>

<style scoped>
.outbox {
  display: flex;
  gap: 6px 14px;
  flex-wrap: wrap;
  align-items: center;
  background: var(--band);
  border-bottom: 1px solid var(--hair);
  padding: 6px 24px;
}
@media (max-width: 900px) {
  .outbox {
    padding-inline: 16px;
  }
  .outbox :deep(button) {
    min-height: 44px;
  }
}
</style>
