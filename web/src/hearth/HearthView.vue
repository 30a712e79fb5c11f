<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import { DAY_SECTIONS, NEAR_SECTIONS, type DaySection } from '@emberfield/core/stand';
import NoticeBell from '../calendar/NoticeBell.vue';
import GoButton from '../kit/GoButton.vue';
import PickOne from '../kit/PickOne.vue';
import StateNote from '../kit/StateNote.vue';
import VirtualRows from '../kit/VirtualRows.vue';
import { afterPaint } from '../platform/after-paint.ts';
import { isCommand, isTyping } from '../platform/keys.ts';
import { isPhone } from '../platform/theme.ts';
import { useDay } from '../session/use-day.ts';
import { useGroup } from '../session/use-group.ts';
import { useQueryChoice } from '../session/use-query.ts';
import { useWords } from '../session/words.ts';
import ConditionsStrip from './ConditionsStrip.vue';
import DutyList from './DutyList.vue';
import HearthBrief from './HearthBrief.vue';
import HearthLine from './HearthLine.vue';
import MarksBar from './MarksBar.vue';
import { useHearth } from './queries.ts';
import { hearthItems, partsOf, rowsBySection, sectionRows, type HearthRow } from './sections.ts';
import { useMarks } from './use-marks.ts';
import { useHearthChoice } from './use-hearth-choice.ts';

const AlarmLines = afterPaint(() => import('../calendar/AlarmLines.vue'));
const ReckoningNote = defineAsyncComponent(() => import('./ReckoningNote.vue'));
const words = useWords();
const router = useRouter();
const { groupId, mayPick } = useGroup();
const { day, asked, dayQuery } = useDay();
const showAll = ref(false);
const quiet = ref(false);
const allDuties = ref(false);
const part = useQueryChoice('part');
const opened = ref<readonly DaySection[]>([]);
/** What the day is for is enough, until somebody wants to see more than the most urgent. */
const near = computed(
  () => !allDuties.value && !showAll.value && !quiet.value && part.value === null && opened.value.length === 0,
);
const hearth = useHearth(groupId, asked, near);
const choice = useHearthChoice();
const bySection = computed(() => (hearth.data.value ? rowsBySection(hearth.data.value, part.value) : null));
const parts = computed(() =>
  (hearth.data.value ? partsOf(hearth.data.value) : []).map((value) => ({
    value,
    label: words.value.t(`plants.partName.${value}`),
  })),
);
/** On a quiet day what comes later is all there is to show. */
const nothingNear = computed(() => NEAR_SECTIONS.every((s) => (bySection.value?.get(s)?.length ?? 0) === 0));
const counts = computed(() => hearth.data.value?.counts);
const sections = computed(() =>
  bySection.value
    ? sectionRows(bySection.value, {
        sections: showAll.value || nothingNear.value ? DAY_SECTIONS : NEAR_SECTIONS,
        opened: opened.value,
        ...(part.value === null && counts.value ? { counts: counts.value } : {}),
      })
    : [],
);
const rows = computed(() => sections.value.flatMap((s) => s.rows));
const chosen = computed<HearthRow | null>(
  () => rows.value.find((r) => r.stand.id === choice.standId && r.outlook.part === choice.part) ?? null,
);
const laterCount = computed(() => (counts.value ? counts.value.later + counts.value.over : 0));
const marks = useMarks(rows);
const items = computed(() =>
  hearthItems(
    marks.only.value
      ? sections.value
          .map((s) => ({ ...s, more: 0, rows: s.rows.filter(marks.isMarked) }))
          .filter((s) => s.rows.length > 0)
      : sections.value,
  ),
);
/** The lines as they are shown: what the keys step through. */
const stepped = computed(() => items.value.flatMap((i) => (i.kind === 'line' ? [i.row] : [])));
// Where nothing is near, what comes later is asked for at once.
watch(nothingNear, (nothing) => (quiet.value = nothing && hearth.data.value !== undefined));
const shownDay = computed(() => hearth.data.value?.day ?? day.value);
watch(
  rows,
  (now) => {
    if (!chosen.value && now[0]) choice.choose(now[0].stand.id, now[0].outlook.part);
  },
  { immediate: true },
);

const lines = ref<{ show: (index: number) => void } | null>(null);
/** Heights to begin with, px; each is measured once it is drawn. */
const SIZES = { head: 40, line: 50, more: 44 } as const;
const open = ({ stand }: HearthRow): void =>
  void router.push({ name: 'stand', params: { standId: stand.id }, query: dayQuery.value });
/** A press shows why; on the phone, and on a line that is chosen already, it opens the stand. */
function choose(row: HearthRow): void {
  const again = row === chosen.value;
  choice.choose(row.stand.id, row.outlook.part);
  if (isPhone.value || again) open(row);
}
function stepRow(by: number): void {
  const at = stepped.value.findIndex((r) => r === chosen.value);
  const next = stepped.value[Math.min(stepped.value.length - 1, Math.max(0, at + by))];
  if (!next) return;
  choice.choose(next.stand.id, next.outlook.part);
  lines.value?.show(items.value.findIndex((i) => i.key === next.key));
  requestAnimationFrame(() => document.getElementById(`row-${next.key}`)?.focus());
}
const STEPS: Readonly<Record<string, number>> = {
  ArrowDown: 1,
  ArrowUp: -1,
  Home: -Infinity,
  End: Infinity,
};
/** Along the lines, never while somebody types or chooses in a field. */
function onKey(event: KeyboardEvent): void {
  const by = isTyping(event.target) ? undefined : STEPS[event.key];
  if (by !== undefined) stepRow(by);
  else if (event.key === 'x' && isCommand(event) && chosen.value) marks.toggle(chosen.value);
  else return;
  event.preventDefault();
}
/** How many a section holds, or what it means. */
const noteOf = (section: DaySection): string =>
  words.value.t(`hearth.${section}Note`, { n: counts.value?.[section] ?? 0 });
</script>

<template>
  <h1 class="hidden-visually">{{ words.t('hearth.title') }}</h1>
  <ConditionsStrip v-if="hearth.data.value" :conditions="hearth.data.value.conditions" :day="shownDay" />
  <StateNote
    v-if="hearth.isLoadingError.value"
    state="failed"
    :text="hearth.error.value?.message"
    @retry="hearth.refetch()" />
  <StateNote v-else-if="!hearth.data.value" state="loading" />
  <StateNote
    v-else-if="!hearth.data.value.standCount && !hearth.data.value.duties.length"
    state="empty"
    :title="words.t('hearth.emptyTitle')"
    :text="words.t('hearth.empty')">
    <GoButton v-if="mayPick" type="primary" size="large" :to="{ name: 'newPatch' }"
      >{{ words.t('hearth.first') }} <kbd>n</kbd></GoButton
    >
    <GoButton v-if="mayPick" size="large" :to="{ name: 'walk' }">{{ words.t('walk.start') }}</GoButton>
    <GoButton size="large" :to="{ name: 'help' }">{{ words.t('nav.help') }}</GoButton>
  </StateNote>
  <div v-else class="two hearth" :aria-busy="hearth.isPlaceholderData.value">
    <div class="front" @keydown="onKey">
      <div class="tools no-print">
        <PickOne
          v-model="part"
          class="part"
          optional
          :options="parts"
          :label="words.t('hearth.filter')"
          :placeholder="words.t('hearth.allParts')" />
        <span class="soft">{{ words.t('hearth.shown', { n: hearth.data.value.standCount }) }}</span>
        <NoticeBell v-if="!asked" class="bell" />
        <GoButton v-if="!isPhone" :to="{ name: 'wants', query: dayQuery }">{{ words.t('nav.wants') }}</GoButton>
        <GoButton v-if="!isPhone" :to="{ name: 'season', query: dayQuery }">{{ words.t('nav.season') }}</GoButton>
        <template v-if="mayPick && !isPhone">
          <GoButton :to="{ name: 'newPatch' }">{{ words.t('hearth.first') }} <kbd>n</kbd></GoButton>
          <GoButton :to="{ name: 'walk' }">{{ words.t('walk.start') }}</GoButton>
        </template>
      </div>
      <AlarmLines />
      <ReckoningNote
        v-if="hearth.data.value.waiting"
        :stands="hearth.data.value.standCount"
        :waiting="hearth.data.value.waiting" />
      <MarksBar :marks="marks" :day="shownDay" />
      <p v-if="nothingNear" class="soft quiet">{{ words.t('hearth.quiet') }}</p>
      <VirtualRows v-slot="{ item }" ref="lines" :items="items" :estimate="(x) => SIZES[x.kind]">
        <div v-if="item.kind === 'head'" class="headed">
          <h2>{{ words.t(`hearth.${item.section}`) }}</h2>
          <span class="soft">{{ noteOf(item.section) }}</span>
        </div>
        <HearthLine
          v-else-if="item.kind === 'line'"
          :id="`row-${item.key}`"
          :row="item.row"
          :day="shownDay"
          :chosen="item.row === chosen"
          :marked="marks.isMarked(item.row)"
          @choose="choose(item.row)" />
        <Button v-else type="link" @click="opened = [...opened, item.section]">
          {{ words.t('hearth.showMore', { n: item.more }) }}
        </Button>
      </VirtualRows>
      <DutyList v-model:all="allDuties" :hearth="hearth.data.value" :day="shownDay" />
      <Button v-if="laterCount && !nothingNear" type="link" @click="showAll = !showAll">
        {{ words.t(showAll ? 'hearth.hideLater' : 'hearth.showLater') }} ({{ laterCount }})
      </Button>
    </div>
    <aside v-if="!isPhone" class="side">
      <HearthBrief v-if="chosen" :row="chosen" :day="shownDay" />
      <p v-else class="soft">{{ words.t('hearth.chooseOne') }}</p>
    </aside>
  </div>
</template>

<style scoped>
.hearth {
  grid-template-columns: minmax(0, 1fr) 480px;
}
.hearth .front {
  padding: 6px 10px 40px 24px;
}
.tools {
  display: flex;
  gap: 10px;
  align-items: center;
  padding-top: 6px;
  flex-wrap: wrap;
}
.part {
  min-width: 130px;
}
.bell {
  margin-left: auto;
}
.tools:not(:has(.bell)) > .soft {
  margin-right: auto;
}
.quiet {
  padding: 16px 0 0;
  max-width: 560px;
}
@media (max-width: 900px) {
  .hearth .front {
    padding: 0 14px 40px;
  }
}
</style>
