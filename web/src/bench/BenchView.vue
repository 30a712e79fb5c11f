<script setup lang="ts">
import { Button, Slider } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import { dayNumber, isoDay, yearOf } from '@emberfield/core/measure';
import { likeliestRates, USUAL_LASTING, whatMatters, yearsToDouble } from '@emberfield/core/population';
import { futureOn, shareTakenOfLate, takingPlan, unpackBook } from '@emberfield/core/stand';
import DataTable from '../kit/DataTable.vue';
import FoldUp from '../kit/FoldUp.vue';
import PickOne from '../kit/PickOne.vue';
import StateNote from '../kit/StateNote.vue';
import { useDay } from '../session/use-day.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { useStand, useStandKit } from '../stands/queries.ts';
import { roundUp } from './fan.ts';
import MattersBars from './MattersBars.vue';
import PlanColumn from './PlanColumn.vue';
import { MOST_RUNS } from './play.ts';
import { FIRST_OWN, ofHundred, partsOf, PLAN_KEYS, plansOf, type OwnPlan, type PlanKey } from './plans.ts';
import { sayProspect } from './say-prospect.ts';
import { tableOf } from './table.ts';
import { useBench } from './use-bench.ts';

/** What comes of a stand under one plan or another, played through good and bad years. */
const words = useWords();
const route = useRoute();
const { groupId } = useGroup();
const { day, asked } = useDay();
const asThen = ref(false);
const standId = computed(() => String(route.params['standId']));
const stand = useStand(groupId, standId, asked, asThen);
const kit = useStandKit(groupId, standId);
const YEARS = [10, 20, 30, 50];
const FLOORS = [0.5, 0.8, 0.9, 1];
const years = ref<number | null>(USUAL_LASTING.years);
const floorShare = ref<number | null>(USUAL_LASTING.floorShare);
const own = ref<OwnPlan>(FIRST_OWN);
const set = (over: Partial<OwnPlan>): void => void (own.value = { ...own.value, ...over });

const book = computed(() => (kit.data.value ? unpackBook(kit.data.value.book) : null));
const future = computed(() => book.value && futureOn(book.value, dayNumber(day.value)));
const known = computed(() => (future.value && 'prospect' in future.value ? future.value : null));
const parts = computed(() => (book.value ? partsOf(book.value.profile) : []));
const picked = ref<string | null>(null);
const part = computed(() => parts.value.find((p) => p.key === picked.value) ?? parts.value[0] ?? null);
const lately = computed(() =>
  book.value && known.value && part.value
    ? shareTakenOfLate(book.value, known.value, { part: part.value, day: dayNumber(day.value) })
    : null,
);
const lasting = computed(() => ({
  floorShare: floorShare.value ?? USUAL_LASTING.floorShare,
  years: years.value ?? USUAL_LASTING.years,
  confidence: USUAL_LASTING.confidence,
}));
const wanted = computed(() => {
  if (!book.value || !known.value || !part.value) return null;
  const { life, prospect } = known.value;
  const { profile } = book.value;
  return {
    prospect,
    lasting: lasting.value,
    plans: plansOf({ life, profile, part: part.value }, { lately: lately.value, lasting: null, own: own.value }),
    seek: takingPlan(life, profile, part.value),
  };
});
const { told, lasting: found, busy, failed, stop, goOn } = useBench(wanted);

const began = computed(() => known.value?.count.plants.value ?? 0);
const firstYear = computed(() => yearOf(dayNumber(day.value)));
const floor = computed(() => began.value * lasting.value.floorShare);
const most = computed(() => roundUp(1.02 * (known.value?.prospect.capacity ?? 1)));
const shown = computed(() => PLAN_KEYS.filter((key) => key !== 'lately' || lately.value !== null));
const runs = computed(() => Math.min(...[...told.values()].map((t) => t.runs), MOST_RUNS));
function aboutOf(key: PlanKey): string {
  const { t, format } = words.value;
  const said = (share: number, every = 1): string =>
    t(every === 1 ? 'bench.about.share' : 'bench.about.shareEvery', {
      percent: format.number(ofHundred(share), 1),
      every,
    });
  if (key === 'alone') return t('bench.about.alone');
  if (key === 'own') return said(own.value.share, own.value.everyYears);
  if (key === 'lately') return said(lately.value ?? 0);
  if (!found.value) return t('bench.about.searching');
  if (found.value.share === null) return t('bench.about.none');
  if (found.value.high - found.value.low < 0.001) return said(found.value.share);
  const range = {
    low: format.number(ofHundred(found.value.low), 1),
    high: format.number(ofHundred(found.value.high), 1),
  };
  return `${said(found.value.share)} (${t('bench.about.of', range)})`;
}
const matters = computed(() => (known.value ? whatMatters(likeliestRates(known.value.prospect.calibration)) : []));
const sentences = computed(() =>
  known.value
    ? sayProspect(
        {
          future: known.value,
          lately: lately.value,
          lasting: found.value,
          told,
          confidence: lasting.value.confidence,
          doubling: known.value.counted && yearsToDouble(known.value.counted.meanLog),
        },
        words.value,
      )
    : [],
);
const table = computed(() => tableOf(told, firstYear.value, (key) => words.value.t(`bench.plan.${key}`)));
const name = computed(() => (stand.data.value ? words.value.text(stand.data.value.plantName) : ''));
</script>

<template>
  <StateNote v-if="kit.isError.value" state="failed" :text="kit.error.value?.message" @retry="kit.refetch()" />
  <StateNote v-else-if="!book || !stand.data.value" state="loading" />
  <div v-else class="page bench">
    <header>
      <h1>{{ words.t('bench.title') }}</h1>
      <p class="soft">
        <RouterLink :to="{ name: 'stand', params: { standId } }"
          >{{ name }} · {{ stand.data.value.patchName }}</RouterLink
        >
        <template v-if="known">
          ·
          {{
            words.t('bench.begins', {
              count: words.format.number(known.count.plants.value),
              low: words.format.number(known.count.plants.low),
              high: words.format.number(known.count.plants.high),
              day: words.format.day(isoDay(known.count.day), day),
            })
          }}
        </template>
      </p>
    </header>
    <StateNote v-if="future && 'none' in future" state="empty" :text="words.t(`bench.nothing.${future.none}`)" />
    <StateNote v-else-if="!part" state="empty" :text="words.t('bench.nothing.noParts')" />
    <template v-else-if="known">
      <div class="choices no-print">
        <PickOne
          v-if="parts.length > 1"
          :model-value="part.key"
          :label="words.t('bench.part')"
          :options="parts.map((p) => ({ value: p.key as string, label: words.text(p.name) }))"
          @update:model-value="picked = $event" />
        <label
          >{{ words.t('bench.years') }}
          <PickOne
            v-model="years"
            :label="words.t('bench.years')"
            :options="YEARS.map((n) => ({ value: n, label: String(n) }))"
        /></label>
        <label
          >{{ words.t('bench.floorShare') }}
          <PickOne
            v-model="floorShare"
            :label="words.t('bench.floorShare')"
            :options="FLOORS.map((n) => ({ value: n, label: String(100 * n) }))"
        /></label>
        <span class="soft" aria-live="polite">{{
          told.size ? words.t('bench.playing', { runs: words.format.number(runs) }) : ''
        }}</span>
        <Button v-if="busy" @click="stop()">{{ words.t('bench.stop') }}</Button>
        <Button v-else-if="runs < MOST_RUNS" @click="goOn()">{{ words.t('bench.goOn') }}</Button>
      </div>
      <StateNote v-if="failed" state="failed" @retry="goOn()" />
      <p class="soft small">
        {{ words.t('bench.played', { runs: words.format.number(MOST_RUNS), years: lasting.years }) }}
        {{
          words.t('bench.floor', {
            percent: 100 * lasting.floorShare,
            of: words.format.number(10 * lasting.confidence),
          })
        }}
      </p>
      <div class="plans">
        <PlanColumn
          v-for="key in shown"
          :key="key"
          :plan="key"
          :about="aboutOf(key)"
          :told="told.get(key)"
          :began="began"
          :first-year="firstYear"
          :floor="floor"
          :most="most"
          :unit="words.t('bench.file', { name })">
          <div v-if="key === 'own'" class="sliders no-print">
            <label
              >{{ words.t('bench.share') }} <b>{{ words.format.number(ofHundred(own.share), 1) }}</b>
              <Slider
                :value="100 * own.share"
                :min="0"
                :max="100"
                :tooltip-open="false"
                :aria-label-for-handle="words.t('bench.share')"
                @change="set({ share: Number($event) / 100 })" />
            </label>
            <label
              >{{ words.t('bench.every') }} <b>{{ own.everyYears }}</b>
              <Slider
                :value="own.everyYears"
                :min="1"
                :max="10"
                :tooltip-open="false"
                :aria-label-for-handle="words.t('bench.every')"
                @change="set({ everyYears: Number($event) })" />
            </label>
            <label v-if="part.kills"
              >{{ words.t('bench.setBack') }} <b>{{ own.setBack }}</b>
              <Slider
                :value="own.setBack"
                :min="0"
                :max="10"
                :tooltip-open="false"
                :aria-label-for-handle="words.t('bench.setBack')"
                @change="set({ setBack: Number($event) })" />
            </label>
          </div>
        </PlanColumn>
      </div>
      <div class="below">
        <section>
          <h2>{{ words.t('bench.matters') }}</h2>
          <p class="soft small">{{ words.t('bench.mattersLead') }}</p>
          <MattersBars :matters="matters" />
        </section>
        <section>
          <h2>{{ words.t('bench.words') }}</h2>
          <p v-for="sentence in sentences" :key="sentence">{{ sentence }}</p>
          <FoldUp :title="words.t('bench.how')">
            <p>{{ words.t('bench.howText') }}</p>
            <p class="soft">{{ words.t('bench.estimates', { form: words.t(`bench.form.${known.life}`) }) }}</p>
          </FoldUp>
        </section>
      </div>
      <FoldUp :title="words.t('bench.table')">
        <DataTable
          :columns="
            (['plan', 'year', 'low', 'lower', 'middle', 'upper', 'high', 'below'] as const).map((k) => ({
              key: k,
              title: words.t(`bench.column.${k}`),
              text: (r: (typeof table)[number]) => String(r[k]),
            }))
          "
          :rows="table"
          :row-key="(r) => `${r.plan}${r.year}`"
          :label="words.t('bench.table')"
          :file="words.t('bench.file', { name })" />
      </FoldUp>
    </template>
  </div>
</template>

<style scoped>
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: center;
}
.choices > * {
  min-width: 110px;
}
.plans {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(250px, 100%), 1fr));
  gap: 0 18px;
  border-top: 1px solid var(--char);
}
.sliders label {
  display: block;
}
.below {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(320px, 100%), 1fr));
  gap: 0 32px;
}
</style>
