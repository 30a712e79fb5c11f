<script setup lang="ts">
import { computed } from 'vue';
import CoalMark from '../kit/CoalMark.vue';
import { isPhone } from '../platform/theme.ts';
import { useWords } from '../session/words.ts';
import { plannedAt } from '../session/planned.ts';
import { nameOf } from './say-year.ts';
import { kindOf, type YearLine } from './year-lines.ts';
import type { YearFrame } from './year-frame.ts';
import YearStrip from './YearStrip.vue';

const props = defineProps<{ line: YearLine; frame: YearFrame; year: number; query: Record<string, string> }>();
const words = useWords();
const name = computed(() => (props.line.kind === 'part' ? nameOf(props.line, words.value) : ''));
/** The plant is named at the first of its parts; in the hand, where lines are left out, at each. */
const shortName = computed(() => (isPhone.value ? name.value : name.value.slice(name.value.indexOf('·'))));
/** What stays below the ground or green is moss, what flowers and fruits is ember: the mark repeats the words. */
const moss = computed(() => props.line.kind === 'part' && ['roots', 'leaves'].includes(kindOf(props.line.row.part)));
const planned = computed(() => (props.line.kind === 'part' ? plannedAt(props.line.stand.id, props.line.row.part) : []));
</script>

<template>
  <h2 v-if="line.kind === 'place'" class="place">
    <RouterLink :to="{ name: 'patch', params: { patchId: line.patchId }, query }">{{ line.name }}</RouterLink>
  </h2>
  <div v-else class="line">
    <RouterLink class="name" :to="{ name: 'stand', params: { standId: line.stand.id }, query }" :title="name">
      <CoalMark
        :readiness="line.row.readiness"
        :thorns="line.row.thorns"
        :size="line.row.thorns ? 24 : 19"
        :label="words.coal(line.row.readiness, line.row.thorns)" />
      <span
        >{{ line.first ? name : shortName
        }}<small v-if="line.first && line.stand.where">{{ `, ${line.stand.where}` }}</small></span
      >
    </RouterLink>
    <YearStrip :row="line.row" :frame="frame" :year="year" :name="name" :moss="moss" :planned="planned" />
  </div>
</template>

<style scoped>
.place {
  font-size: 16px;
  padding-top: 6px;
}
.place a {
  display: inline-block;
  min-height: 24px;
  color: inherit;
  text-decoration: none;
}
.place a:hover {
  text-decoration: underline;
}
.line {
  display: flex;
  align-items: center;
}
.name {
  display: flex;
  align-items: center;
  gap: 8px;
  width: var(--names);
  flex: none;
  padding-right: 10px;
  color: inherit;
  text-decoration: none;
  font-size: 14px;
}
.name :deep(.coal) {
  width: 24px;
  flex: none;
}
.name:hover span {
  text-decoration: underline;
}
.name span {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
small {
  font-size: 13px;
  color: var(--soft);
}
@media (max-width: 900px) {
  .line {
    display: block;
  }
  .name {
    width: auto;
    min-height: 44px;
  }
  .place {
    padding: 0;
  }
  .place a {
    display: flex;
    align-items: center;
    min-height: 44px;
  }
}
</style>
