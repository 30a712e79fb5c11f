<script setup lang="ts">
import { Button, Modal } from 'ant-design-vue';
import { computed } from 'vue';
import { useWords } from '../session/words.ts';
import OutboxFile from './OutboxFile.vue';
import { useOutbox } from './use-outbox.ts';
import { useWaitingTimes } from './waiting-times.ts';

/** Each thing that waits or was refused: why, and what can be done with it. */
defineEmits<{ close: [] }>();
const words = useWords();
const outbox = useOutbox();
const clock = useWaitingTimes();
const all = computed(() => [...outbox.refused, ...outbox.waiting]);
</script>

<template>
  <Modal open :title="words.t('outbox.title')" :footer="null" @cancel="$emit('close')">
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
    <OutboxFile />
  </Modal>
</template>

<style scoped>
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
</style>
