<script setup lang="ts">
import { PlusOutlined } from '@ant-design/icons-vue';
import { FloatButton } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRoute, type RouteLocationRaw } from 'vue-router';
import SidePanel from '../kit/SidePanel.vue';
import { rowsBySection } from '../hearth/sections.ts';
import { useHearth } from '../hearth/queries.ts';
import { useDay } from '../session/use-day.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';

/** The round button under the thumb: what was just done, in two taps. */
const words = useWords();
const route = useRoute();
const { groupId } = useGroup();
const { asked, dayQuery } = useDay();
const open = ref(false);
const hearth = useHearth(
  computed(() => (open.value ? groupId.value : null)),
  asked,
  ref(true),
);
/** So many of what is open now, the most urgent first. */
const MOST = 6;
const openNow = computed(() => {
  if (!hearth.data.value) return [];
  const rows = rowsBySection(hearth.data.value, null);
  return [...(rows.get('lastCall') ?? []), ...(rows.get('now') ?? [])].slice(0, MOST);
});
const here = computed<readonly { readonly key: string; readonly to: RouteLocationRaw }[]>(() => {
  const { standId } = route.params;
  if (typeof standId !== 'string') return [];
  return [
    { key: 'take', to: { name: 'take', params: { standId }, query: dayQuery.value } },
    { key: 'visit', to: { name: 'visit', params: { standId }, query: dayQuery.value } },
  ];
});
const elsewhere = [
  { key: 'place', to: { name: 'field' } },
  { key: 'walk', to: { name: 'walk' } },
  { key: 'newPatch', to: { name: 'newPatch' } },
] as const;
</script>

<template>
  <FloatButton class="quick no-print" type="primary" :aria-label="words.t('log.title')" @click="open = true">
    <template #icon><PlusOutlined aria-hidden="true" /></template>
  </FloatButton>
  <SidePanel v-model:open="open" side="bottom" :title="words.t('log.title')">
    <ul class="rows">
      <li v-for="a in here" :key="a.key">
        <RouterLink :to="a.to" @click="open = false"
          ><b>{{ words.t(`log.${a.key}`) }}</b></RouterLink
        >
      </li>
      <li v-for="r in here.length ? [] : openNow" :key="r.key">
        <RouterLink
          :to="{ name: 'take', params: { standId: r.stand.id }, query: { ...dayQuery, part: r.outlook.part } }"
          @click="open = false"
          ><b>{{ words.text(r.stand.plantName) }} · {{ words.text(r.outlook.partName) }}</b>
          <span class="soft">{{ r.stand.patchName }} · {{ words.allowance(r.outlook.allowance) }}</span></RouterLink
        >
      </li>
      <li v-for="a in elsewhere" :key="a.key">
        <RouterLink :to="a.to" @click="open = false">{{ words.t(`log.${a.key}`) }}</RouterLink>
      </li>
    </ul>
  </SidePanel>
</template>

<style scoped>
a {
  display: grid;
  padding: 12px 0;
  min-height: 48px;
  align-content: center;
  border-bottom: 1px solid var(--hair);
  color: inherit;
  text-decoration: none;
  font-size: 17px;
}
.quick {
  inset: auto 16px calc(76px + env(safe-area-inset-bottom)) auto;
  width: 60px;
  height: 60px;
  z-index: 25;
}
</style>
