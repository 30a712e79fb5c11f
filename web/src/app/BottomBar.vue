<script setup lang="ts">
import { CalendarOutlined, EllipsisOutlined, EnvironmentOutlined } from '@ant-design/icons-vue';
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import CoalMark from '../kit/CoalMark.vue';
import SproutIcon from '../kit/SproutIcon.vue';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import MoreDrawer from './MoreDrawer.vue';
import { MORE_VIEWS } from './shortcuts.ts';

/** On the phone: the four views of every day under the thumb, the others behind a fifth. */
const words = useWords();
const route = useRoute();
const { dayQuery } = useDay();
const more = ref(false);
const DAILY = ['hearth', 'year', 'ground', 'plants'] as const;
const elsewhere = computed(() => MORE_VIEWS.some((v) => v === route.name));
const glowing = { state: 'glowing', quality: 0.5, daysLeft: 9 } as const;
</script>

<template>
  <nav class="bottom no-print" :aria-label="words.t('nav.views')">
    <RouterLink v-for="v in DAILY" :key="v" :to="{ name: v, query: dayQuery }">
      <CoalMark v-if="v === 'hearth'" :readiness="glowing" :thorns="false" :size="24" label="" />
      <CalendarOutlined v-else-if="v === 'year'" class="icon" aria-hidden="true" />
      <EnvironmentOutlined v-else-if="v === 'ground'" class="icon" aria-hidden="true" />
      <SproutIcon v-else class="icon" aria-hidden="true" />
      <span>{{ words.t(`nav.${v}`) }}</span>
    </RouterLink>
    <Button type="text" :class="{ here: elsewhere }" :aria-expanded="more" aria-haspopup="dialog" @click="more = true">
      <template #icon><EllipsisOutlined class="icon" aria-hidden="true" /></template>
      {{ words.t('nav.more') }}
    </Button>
    <MoreDrawer v-model:open="more" />
  </nav>
</template>

<style scoped>
.bottom {
  position: fixed;
  inset: auto 0 0;
  z-index: 30;
  display: grid;
  grid-template-columns: repeat(5, 1fr);
  background: var(--sheet);
  border-top: 1px solid var(--hair);
  padding-bottom: env(safe-area-inset-bottom);
}
.bottom > a,
.bottom > .ant-btn {
  display: grid;
  justify-items: center;
  align-content: center;
  gap: 1px;
  height: 56px;
  padding: 4px 2px;
  border-radius: 0;
  color: var(--soft);
  font: 13px var(--sans);
  text-decoration: none;
}
.icon,
.bottom > .ant-btn :deep(.anticon) {
  margin: 0;
  font-size: 22px;
  height: 24px;
}
.bottom > .router-link-active,
.bottom > .here {
  color: var(--char);
  font-weight: 650;
  box-shadow: inset 0 3px 0 var(--ember);
}
</style>
