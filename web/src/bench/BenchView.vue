<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import { dayNumber, isoDay, yearOf } from '@emberfield/core/measure';
import { likeliestRates, whatMatters } from '@emberfield/core/population';
import FoldUp from '../kit/FoldUp.vue';
import NamedPick from '../kit/NamedPick.vue';
import PickOne from '../kit/PickOne.vue';
import StateNote from '../kit/StateNote.vue';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import StandSubpage from '../stands/StandSubpage.vue';
import { useStandSubpage } from '../stands/use-stand-subpage.ts';
import { roundUp } from './fan.ts';
import AdoptPlan from './AdoptPlan.vue';
import AssumedFold from './AssumedFold.vue';
import BenchFigures from './BenchFigures.vue';
import LifePicture from './LifePicture.vue';
import MattersBars from './MattersBars.vue';
import MethodPick from './MethodPick.vue';
import OwnPlanSliders from './OwnPlanSliders.vue';
import PlanColumn from './PlanColumn.vue';
import { MOST_RUNS } from './play.ts';
import {
  FIRST_OWN,
  isOwn,
  OWN_KEYS,
  ownOf,
  PLAN_KEYS,
  SCHOOLS,
  type OwnPlan,
  type PlanKey,
  type School,
} from './plans.ts';
import { sayPlan } from './say-plan.ts';
import { sayProspect } from './say-prospect.ts';
import { useStandBench } from './use-stand-bench.ts';

/** What comes of a stand under one plan or another, played through good and bad years. */
const words = useWords();
const { isKeeper } = useGroup();
const page = useStandSubpage();
const { standId, day, stand } = page;
const YEARS = [10, 20, 30, 50];
const FLOORS = [0.5, 0.8, 0.9, 1];
const bench = useStandBench(page.kit.data, day);
const {
  years,
  floorShare,
  assumed,
  own,
  picked,
  pickedMethod,
  method,
  wayOf,
  book,
  known,
  none,
  parts,
  part,
  lately,
  lasting,
  holding,
  inForce,
  chosenShare,
  minutesEach,
} = bench;
const { told, found, busy, failed, stop, goOn } = bench;

const began = computed(() => known.value?.count.plants.value ?? 0);
const firstYear = computed(() => yearOf(dayNumber(day.value)));
const floor = computed(() => began.value * lasting.value.floorShare);
/** One scale for all fans, as high as the highest of them. */
const most = computed(() =>
  roundUp(1.02 * Math.max(began.value, ...[...told.values()].flatMap((t) => t.fan.map((q) => q.at(-1)!)))),
);
/** Of an invader nobody asks what would last. */
const shown = computed(() =>
  PLAN_KEYS.filter(
    (key) =>
      (key !== 'lately' || lately.value !== null) &&
      (key !== 'lasting' || !holding.value) &&
      (!isOwn(key) || ownOf(own.value, key)),
  ),
);
/** All futures are played, and the share that lasts was sought on all of them. */
const whole = computed(() => runs.value === MOST_RUNS && (!found.value || found.value.runs === MOST_RUNS));
const runs = computed(() => Math.min(...[...told.values()].map((t) => t.runs), MOST_RUNS));
function change(key: PlanKey, to: OwnPlan): void {
  own.value = own.value.map((plan, i) => (OWN_KEYS[i] === key ? to : plan));
}
function drop(key: PlanKey): void {
  own.value = own.value.filter((_, i) => OWN_KEYS[i] !== key);
}
function add(school: School): void {
  own.value = [...own.value, { ...FIRST_OWN, ...SCHOOLS[school] }];
}
const schools = computed(() =>
  (Object.keys(SCHOOLS) as School[]).map((value) => ({ value, label: words.value.t(`bench.school.${value}`) })),
);
const aboutOf = (key: PlanKey): string =>
  sayPlan(key, { own: own.value, lately: lately.value?.share ?? null, found: found.value }, words.value);
const inForceSaid = computed(() => {
  if (!inForce.value || !part.value) return '';
  const { rule, reason } = inForce.value;
  const what = words.value.ceiling({ kind: rule.kind, values: { ...rule } }, part.value.unit);
  return reason ? words.value.t('ceiling.because', { what, because: reason }) : what;
});
const rates = computed(() => known.value && likeliestRates(known.value.prospect.calibration));
const matters = computed(() => (rates.value ? whatMatters(rates.value) : []));
const sentences = computed(() =>
  known.value
    ? sayProspect(
        {
          future: known.value,
          lately: lately.value?.share ?? null,
          lasting: found.value,
          told,
          confidence: lasting.value.confidence,
          holding: holding.value,
        },
        words.value,
      )
    : [],
);
const name = computed(() => (stand.data.value ? words.value.text(stand.data.value.plantName) : ''));
</script>

<template>
  <StandSubpage :title="words.t('bench.title')" :of="page" :ready="book !== null">
    <template #about>
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
    </template>
    <StateNote
      v-if="none"
      state="empty"
      :title="words.t('bench.nothingTitle')"
      :text="words.t(`bench.nothing.${none}`)" />
    <StateNote
      v-else-if="!part"
      state="empty"
      :title="words.t('bench.nothingTitle')"
      :text="words.t('bench.nothing.noParts')" />
    <template v-else-if="known">
      <div class="choices no-print">
        <PickOne
          v-if="parts.length > 1"
          :model-value="part.key"
          :label="words.t('bench.part')"
          :options="parts.map((p) => ({ value: p.key as string, label: words.text(p.name) }))"
          @update:model-value="picked = $event" />
        <NamedPick
          v-model="years"
          :label="words.t('bench.years')"
          :options="YEARS.map((n) => ({ value: n, label: String(n) }))" />
        <NamedPick
          v-model="floorShare"
          :label="words.t('bench.floorShare')"
          :options="FLOORS.map((n) => ({ value: n, label: String(100 * n) }))" />
        <span class="soft" aria-live="polite">{{
          told.size ? words.t('bench.playing', { runs: words.format.number(runs) }) : ''
        }}</span>
        <Button v-if="busy" @click="stop()">{{ words.t('bench.stop') }}</Button>
        <Button v-else-if="!whole" @click="goOn()">{{ words.t('bench.goOn') }}</Button>
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
      <AssumedFold v-model="assumed" />
      <p v-if="inForceSaid">
        <b>{{ words.t('bench.inForce') }}</b> {{ inForceSaid }}
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
          :minutes-each="minutesEach(key)"
          :unit="words.t('bench.file', { name })">
          <MethodPick
            v-if="key === 'lasting'"
            :part="part"
            :model-value="method"
            @update:model-value="pickedMethod = $event" />
          <OwnPlanSliders
            v-if="ownOf(own, key)"
            :model-value="ownOf(own, key)!"
            :part="part"
            :droppable="own.length > 1"
            @update:model-value="change(key, $event)"
            @drop="drop(key)" />
          <AdoptPlan
            v-if="isKeeper && chosenShare(key) !== null"
            :stand-id="standId"
            :part="part.key"
            :method="wayOf(ownOf(own, key)?.method ?? (key === 'lasting' ? method : null))"
            :share="chosenShare(key)!"
            :every-years="ownOf(own, key)?.everyYears ?? 1"
            :before="inForce" />
        </PlanColumn>
      </div>
      <PickOne
        v-if="own.length < OWN_KEYS.length"
        class="no-print"
        :model-value="null"
        :label="words.t('bench.add')"
        :placeholder="words.t('bench.add')"
        :options="schools"
        @update:model-value="$event && add($event)" />
      <div class="below">
        <section>
          <h2>{{ words.t('bench.matters') }}</h2>
          <p class="soft small">{{ words.t('bench.mattersLead') }}</p>
          <MattersBars :matters="matters" />
          <LifePicture :rates="rates!" :file="words.t('bench.file', { name })" />
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
      <BenchFigures :told="told" :first-year="firstYear" :file="words.t('bench.file', { name })" />
    </template>
  </StandSubpage>
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
.below {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(320px, 100%), 1fr));
  gap: 0 32px;
}
</style>
