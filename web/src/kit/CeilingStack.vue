<script setup lang="ts">
import { computed } from 'vue';
import type { AllowanceView } from '@emberfield/contract';
import { useWords } from '../platform/words.ts';

const props = defineProps<{ allowance: AllowanceView }>();
const words = useWords();
const MOST = 8;
const rows = computed(() => {
  const shown = props.allowance.ceilings
    .filter(
      (c) =>
        c.bars || c.amount !== null || c.perPlant !== null || c.plants !== null || c.kind === 'takeAll' || c.binding,
    )
    .slice(0, MOST);
  const most = Math.max(1, ...shown.map((c) => c.amount ?? 0));
  return shown.map((c) => ({
    key: `${c.source}:${c.kind}`,
    name: words.value.ceiling(c, props.allowance.unit),
    source: words.value.t(`source.${c.source}`),
    amount: c.bars ? words.value.format.number(0) : c.amount === null ? '' : words.value.format.number(c.amount),
    width: c.bars ? 0 : c.amount === null ? null : Math.max(2, (c.amount / most) * 100),
    binding: c.binding,
  }));
});
</script>

<template>
  <ul class="stack">
    <li v-for="row in rows" :key="row.key" :class="{ binding: row.binding }">
      <span
        >{{ row.name }}<small>{{ row.source }}</small></span
      >
      <span class="track"><i v-if="row.width !== null" :style="{ width: `${row.width}%` }" /></span>
      <b>{{ row.amount }}</b>
    </li>
  </ul>
</template>

<style scoped>
.stack {
  list-style: none;
  margin: 6px 0;
  padding: 0;
  font-size: 14px;
}
li {
  display: grid;
  grid-template-columns: minmax(140px, 180px) 1fr 60px;
  gap: 10px;
  align-items: center;
  padding: 3px 0;
}
small {
  display: block;
  color: var(--soft);
  font-size: 13px;
  line-height: 1.15;
}
i {
  display: block;
  height: 9px;
  background: var(--bar);
  border-radius: 2px;
}
b {
  font-weight: 500;
  text-align: right;
}
.binding {
  font-weight: 650;
}
.binding i {
  background: var(--ember);
}
.binding b {
  font-weight: 700;
}
.binding small {
  font-weight: 400;
}
</style>
