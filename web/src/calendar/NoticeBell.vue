<script setup lang="ts">
import { BellOutlined } from '@ant-design/icons-vue';
import { Badge, Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { afterPaint } from '../platform/after-paint.ts';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import { sayNotice } from './say-notice.ts';
import { useNotices } from './use-notices.ts';

/** What came up since somebody looked: behind a bell, so that the lines of the day stand where they are. */
const words = useWords();
const { today } = useDay();
const { notices: all, see } = useNotices();
/** What is an alarm stands on the page itself. */
const notices = computed(() => all.value.filter((n) => n.kind !== 'alarm'));
const SidePanel = afterPaint(() => import('../kit/SidePanel.vue'));
const open = ref(false);
</script>

<template>
  <Badge :offset="[-8, 6]" v-if="notices.length" :count="notices.length" class="no-print">
    <Button :aria-label="words.t('hearth.notices', { n: notices.length })" aria-haspopup="dialog" @click="open = true">
      <template #icon><BellOutlined aria-hidden="true" /></template>
    </Button>
  </Badge>
  <SidePanel v-model:open="open" :title="words.t('notice.title')">
    <ul class="rows">
      <li v-for="n in notices" :key="n.key">
        <RouterLink :to="{ name: 'stand', params: { standId: n.standId } }" @click="open = false">{{
          sayNotice(n, today, words)
        }}</RouterLink>
        <Button type="link" :aria-label="`${words.t('notice.seen')}: ${sayNotice(n, today, words)}`" @click="see(n)">{{
          words.t('notice.seen')
        }}</Button>
      </li>
    </ul>
  </SidePanel>
</template>

<style scoped>
li {
  display: flex;
  gap: 12px;
  align-items: center;
  border-bottom: 1px solid var(--hair);
  padding: 8px 0;
}
li a {
  flex: 1;
  color: inherit;
}
</style>
