<script setup lang="ts">
import { Button, Modal } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { useOutbox } from './use-outbox.ts';

/** What waits on this device, since when nobody answered, and what was refused and why. */
const words = useWords();
const outbox = useOutbox();
const { group } = useGroup();
const open = ref(false);
const clock = (ms: number): string =>
  words.value.format.instant(new Date(ms).toISOString(), group.value?.zone ?? 'UTC');
const lastTry = computed(() => Math.max(0, ...outbox.waiting.map((w) => w.lastTry ?? 0)));
const all = computed(() => [...outbox.refused, ...outbox.waiting]);
</script>

<template>
  <div v-if="all.length" class="outbox" role="status">
    <span v-if="outbox.waiting.length">
      <b>{{ words.t('outbox.waiting', { n: outbox.waiting.length }) }}</b>
      {{
        outbox.sending ? words.t('outbox.sending') : lastTry ? words.t('outbox.lastTry', { when: clock(lastTry) }) : ''
      }}
    </span>
    <b v-if="outbox.refused.length" class="warn">{{ words.t('outbox.refused', { n: outbox.refused.length }) }}</b>
    <Button v-if="outbox.waiting.length && !outbox.sending" size="small" @click="outbox.flush()">{{
      words.t('outbox.sendNow')
    }}</Button>
    <Button size="small" @click="open = true">{{ words.t('outbox.show') }}</Button>
    <Modal v-model:open="open" :title="words.t('outbox.title')" :footer="null">
      <p class="soft">{{ words.t('outbox.lead') }}</p>
      <ul class="rows">
        <li v-for="w in all" :key="w.id">
          <span>
            <b>{{ w.label }}</b> <small class="soft">{{ clock(w.putAt) }}</small>
            <small v-if="w.problem" class="warn">{{ w.problem }}</small>
          </span>
          <Button v-if="w.problem" size="small" @click="outbox.again(w.id)">{{ words.t('common.tryAgain') }}</Button>
          <Button size="small" danger @click="outbox.forget(w.id)">{{ words.t('outbox.throwAway') }}</Button>
        </li>
      </ul>
    </Modal>
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
li {
  display: flex;
  gap: 10px;
  align-items: center;
  border-top: 1px solid var(--hair);
  padding: 10px 0;
}
li span {
  flex: 1;
}
small {
  display: block;
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
