<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import NoticeStrip from '../calendar/NoticeStrip.vue';
import StateNote from '../kit/StateNote.vue';
import VirtualRows from '../kit/VirtualRows.vue';
import { useGroup } from '../session/use-group.ts';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import ConditionsStrip from './ConditionsStrip.vue';
import DutyLine from './DutyLine.vue';
import HearthBrief from './HearthBrief.vue';
import HearthLine from './HearthLine.vue';
import {
  dutyRows,
  hearthItems,
  heatGroups,
  MOST_LINES,
  NEAR_HEATS,
  partsOf,
  rowsByHeat,
  type HeatRow,
} from './heat.ts';
import { HEATS, type Heat } from '../stands/heats.ts';
import { useHearth } from './queries.ts';
import { useHearthChoice } from './use-hearth-choice.ts';

const words = useWords();
const router = useRouter();
const { groupId, mayPick } = useGroup();
const { day, asked } = useDay();
const showAll = ref(false);
const quiet = ref(false);
const allDuties = ref(false);
const part = ref<string | null>(null);
const opened = ref<readonly Heat[]>([]);
/** What the day is for is enough, until somebody wants to see more than the most urgent. */
const near = computed(
  () => !allDuties.value && !showAll.value && !quiet.value && part.value === null && opened.value.length === 0,
);
const hearth = useHearth(groupId, asked, near);
const choice = useHearthChoice();
const byHeat = computed(() => (hearth.data.value ? rowsByHeat(hearth.data.value, part.value) : null));
const parts = computed(() => (hearth.data.value ? partsOf(hearth.data.value) : []));
/** On a quiet day what comes later is all there is to show. */
const nothingNear = computed(() => NEAR_HEATS.every((h) => (byHeat.value?.get(h)?.length ?? 0) === 0));
const groups = computed(() =>
  byHeat.value
    ? heatGroups(byHeat.value, {
        heats: showAll.value || nothingNear.value ? HEATS : NEAR_HEATS,
        opened: opened.value,
        ...(part.value === null && hearth.data.value ? { counts: hearth.data.value.counts } : {}),
      })
    : [],
);
const duties = computed(() => (hearth.data.value ? dutyRows(hearth.data.value) : []));
const shownDuties = computed(() => (allDuties.value ? duties.value : duties.value.slice(0, MOST_LINES)));
const rows = computed(() => groups.value.flatMap((g) => g.rows));
const chosen = computed<HeatRow | null>(
  () => rows.value.find((r) => r.stand.id === choice.standId && r.outlook.part === choice.part) ?? null,
);
const laterCount = computed(() =>
  hearth.data.value ? hearth.data.value.counts.cold + hearth.data.value.counts.ash : 0,
);
const items = computed(() => hearthItems(groups.value));
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
const SIZES = { head: 40, line: 52, more: 40 } as const;
const isPhone = (): boolean => window.matchMedia('(max-width: 900px)').matches;
function choose(row: HeatRow): void {
  choice.choose(row.stand.id, row.outlook.part);
  if (isPhone())
    void router.push({
      name: 'stand',
      params: { standId: row.stand.id },
      query: asked.value ? { day: asked.value } : {},
    });
}
function stepRow(by: number): void {
  const at = rows.value.findIndex((r) => r === chosen.value);
  const next = rows.value[Math.min(rows.value.length - 1, Math.max(0, at + by))];
  if (!next) return;
  choice.choose(next.stand.id, next.outlook.part);
  lines.value?.show(items.value.findIndex((i) => i.key === next.key));
  requestAnimationFrame(() => document.getElementById(`row-${next.key}`)?.focus());
}
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
    <RouterLink v-if="mayPick" class="btn main" :to="{ name: 'newPatch' }"
      >{{ words.t('hearth.first') }} <kbd>n</kbd></RouterLink
    ><RouterLink v-if="mayPick" class="btn" :to="{ name: 'walk' }">{{ words.t('walk.start') }}</RouterLink>
  </StateNote>
  <div v-else class="two hearth" :aria-busy="hearth.isPlaceholderData.value">
    <div class="front" @keydown.down.prevent="stepRow(1)" @keydown.up.prevent="stepRow(-1)">
      <div class="tools no-print">
        <select v-model="part" :aria-label="words.t('hearth.filter')">
          <option :value="null">{{ words.t('hearth.allParts') }}</option>
          <option v-for="p in parts" :key="p" :value="p">{{ words.t(`plants.partName.${p}`) }}</option>
        </select>
        <span class="soft">{{ words.t('hearth.shown', { n: hearth.data.value.standCount }) }}</span>
        <RouterLink v-if="mayPick" class="btn" :to="{ name: 'newPatch' }"
          >{{ words.t('hearth.first') }} <kbd>n</kbd></RouterLink
        ><RouterLink v-if="mayPick" class="btn" :to="{ name: 'walk' }">{{ words.t('walk.start') }}</RouterLink>
      </div>
      <p v-if="hearth.data.value.waiting" class="soft" role="status">
        <progress
          :max="hearth.data.value.standCount"
          :value="hearth.data.value.standCount - hearth.data.value.waiting" />
        {{
          words.t('hearth.reckoning', {
            n: words.format.number(hearth.data.value.standCount - hearth.data.value.waiting),
            all: words.format.number(hearth.data.value.standCount),
          })
        }}
      </p>
      <NoticeStrip v-if="!asked" />
      <p v-if="nothingNear" class="soft quiet">{{ words.t('hearth.quiet') }}</p>
      <VirtualRows v-slot="{ item }" ref="lines" :items="items" :estimate="(x) => SIZES[x.kind]">
        <div v-if="item.kind === 'head'" class="head">
          <h2>{{ words.t(`hearth.${item.heat}`) }}</h2>
          <span class="soft">{{ words.t(`hearth.${item.heat}Note`) }}</span>
        </div>
        <HearthLine
          v-else-if="item.kind === 'line'"
          :id="`row-${item.key}`"
          :row="item.row"
          :day="shownDay"
          :chosen="item.row === chosen"
          @choose="choose(item.row)" />
        <button v-else type="button" class="btn plain" @click="opened = [...opened, item.heat]">
          {{ words.t('hearth.showMore', { n: item.more }) }}
        </button>
      </VirtualRows>
      <section v-if="duties.length">
        <div class="head">
          <h2>{{ words.t('hearth.duties') }}</h2>
          <span class="soft">{{ words.t('hearth.dutiesNote') }}</span>
        </div>
        <DutyLine v-for="d in shownDuties" :key="d.key" :row="d" :day="shownDay" />
        <button
          v-if="shownDuties.length < hearth.data.value.dutyCount"
          type="button"
          class="btn plain"
          @click="allDuties = true">
          {{ words.t('hearth.showMore', { n: hearth.data.value.dutyCount - shownDuties.length }) }}
        </button>
      </section>
      <button v-if="laterCount && !nothingNear" type="button" class="btn plain" @click="showAll = !showAll">
        {{ words.t(showAll ? 'hearth.hideLater' : 'hearth.showLater') }} ({{ laterCount }})
      </button>
    </div>
    <aside class="side">
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
.head {
  display: flex;
  align-items: baseline;
  gap: 12px;
  margin: 15px 0 3px;
}
.tools {
  display: flex;
  gap: 14px;
  align-items: center;
  padding-top: 8px;
  flex-wrap: wrap;
}
.tools .btn:first-of-type {
  margin-left: auto;
}
select {
  width: auto;
}
.quiet {
  padding: 16px 0 0;
  max-width: 560px;
}
@media (max-width: 900px) {
  .hearth .side {
    display: none;
  }
  .hearth .front {
    padding-inline: 14px;
  }
}
</style>
