<script setup lang="ts">
import { Alert, Button } from 'ant-design-vue';
import { computed } from 'vue';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import { sayNotice } from './say-notice.ts';
import { useNotices } from './use-notices.ts';

/** Something dangerous was found where somebody took: it stands before everything else until they say that they have read it. */
const words = useWords();
const { today } = useDay();
const { notices, see } = useNotices();
const alarms = computed(() => notices.value.filter((n) => n.kind === 'alarm'));
</script>

<template>
  <Alert v-for="n in alarms" :key="n.key" type="error" show-icon class="alarm">
    <template #message>
      <RouterLink :to="{ name: 'stand', params: { standId: n.standId } }">{{ sayNotice(n, today, words) }}</RouterLink>
    </template>
    <template #action>
      <Button @click="see(n)">{{ words.t('notice.seen') }}</Button>
    </template>
  </Alert>
</template>

<style scoped>
.alarm {
  margin: 10px 0;
}
.alarm a {
  color: inherit;
  font-weight: 640;
}
</style>
