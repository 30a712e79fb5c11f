<script setup lang="ts">
import GoButton from '../kit/GoButton.vue';
import { computed, defineAsyncComponent, ref } from 'vue';
import { useElementSize } from '@vueuse/core';
import StateNote from '../kit/StateNote.vue';
import { isPhone } from '../platform/theme.ts';
import { useGroup } from '../session/use-group.ts';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import { useYear } from './queries.ts';
import { useYearView } from './use-year-view.ts';
import { frameOf, stepFrame } from './year-frame.ts';
import { nameOf } from './say-year.ts';
import {
  kindOf,
  linesWithin,
  PART_KINDS,
  usesOf,
  yearLines,
  type PartKind,
  type PartLine,
  type YearLine,
} from './year-lines.ts';
import YearAxis from './YearAxis.vue';
import YearControls from './YearControls.vue';
import YearLines from './YearLines.vue';
import YearTable from './YearTable.vue';
import YearWays from './YearWays.vue';

// Charts are heavy: the words stand before they come.
const YearSupply = defineAsyncComponent(() => import('./YearSupply.vue'));
const words = useWords();
const { groupId, mayPick } = useGroup();
const { day, asked, lookAt, dayQuery } = useDay();
const view = useYearView();
const { zoom, kind, use, text, past, asTable } = view;
const year = useYear(groupId, asked, past);
/** Names stand whole: as wide as the longest, within reason. */
const LEAST_NAMES_PX = 200;
const MOST_NAMES_PX = 400;
const CHARACTER_PX = 7.1;
const COAL_PX = 46;
const box = ref<HTMLElement | null>(null);
const { width } = useElementSize(box);
const all = computed(() =>
  year.data.value
    ? yearLines(year.data.value, { kind: kind.value, use: use.value, text: text.value }, words.value.text)
    : [],
);
const names = computed(() => {
  if (isPhone.value) return 0;
  const longest = all.value.reduce(
    (most, l) => (l.kind === 'part' ? Math.max(most, nameOf(l, words.value).length) : most),
    0,
  );
  return Math.min(MOST_NAMES_PX, Math.max(LEAST_NAMES_PX, COAL_PX + longest * CHARACTER_PX));
});
const frame = computed(() => frameOf(day.value, zoom.value, Math.max(240, width.value - names.value)));
/** In the hand only what the month has something of. */
const lines = computed(() =>
  isPhone.value && zoom.value !== 'year' ? linesWithin(all.value, frame.value) : all.value,
);
const partsOf = (of: readonly YearLine[]): number => of.filter((l) => l.kind === 'part').length;
const elsewhere = computed(() => partsOf(all.value) - partsOf(lines.value));
const parts = computed(() => lines.value.filter((l): l is PartLine => l.kind === 'part'));
const uses = computed(() => (year.data.value ? usesOf(year.data.value) : []));
const kinds = computed(() => {
  const here = new Set(year.data.value?.stands.flatMap((s) => s.rows.map((r) => kindOf(r.part))) ?? []);
  return (Object.keys(PART_KINDS) as PartKind[]).filter((k) => here.has(k));
});
const pastYears = computed(() => Array.from({ length: past.value }, (_, k) => (year.data.value?.year ?? 0) - 1 - k));
const drawn = ref<InstanceType<typeof YearLines> | null>(null);

async function print(): Promise<void> {
  await drawn.value?.print();
  window.print();
}
</script>

<template>
  <StateNote
    v-if="year.isLoadingError.value"
    state="failed"
    :text="year.error.value?.message"
    @retry="year.refetch()" />
  <StateNote v-else-if="!year.data.value" state="loading" />
  <StateNote
    v-else-if="!year.data.value.stands.length"
    state="empty"
    :title="words.t('year.emptyTitle')"
    :text="words.t('year.empty')">
    <GoButton v-if="mayPick" type="primary" :to="{ name: 'newPatch' }">{{ words.t('hearth.first') }}</GoButton>
  </StateNote>
  <div v-else class="page year" :aria-busy="year.isPlaceholderData.value">
    <div class="title">
      <h1>
        {{ zoom === 'month' ? words.format.monthAndYear(day) : words.t('year.of', { year: year.data.value.year }) }}
      </h1>
      <YearWays v-if="!isPhone" v-model:as-table="asTable" :past-years="pastYears" @print="print" />
    </div>
    <YearControls :view="view" :kinds="kinds" :uses="uses" @step="(by) => lookAt(stepFrame(day, zoom, by))"
      ><YearWays v-if="isPhone" v-model:as-table="asTable" :past-years="pastYears" @print="print"
    /></YearControls>
    <div ref="box" class="drawn" :style="{ '--names': `${names}px` }">
      <p v-if="!lines.length" class="soft">{{ words.t('year.none') }}</p>
      <YearTable v-else-if="asTable" :lines="parts" :past-years="pastYears" :query="dayQuery" />
      <template v-else>
        <YearAxis class="axis" :frame="frame" :day="day" @month="view.openMonth" />
        <YearLines
          ref="drawn"
          :lines="lines"
          :frame="frame"
          :year="year.data.value.year"
          :day="day"
          :query="dayQuery"
          :narrow="isPhone" />
        <p v-if="elsewhere" class="soft small">{{ words.t('year.elsewhere', { n: elsewhere }) }}</p>
        <YearSupply :lines="parts" :frame="frame" />
      </template>
    </div>
  </div>
</template>

<style scoped>
.year {
  max-width: none;
  padding-top: 8px;
}
.title {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  align-items: center;
  justify-content: space-between;
}
.drawn {
  overflow-x: clip;
}
.axis {
  margin-left: var(--names);
}
</style>
<style>
@page {
  size: A4 landscape;
  margin: 10mm;
}
</style>
