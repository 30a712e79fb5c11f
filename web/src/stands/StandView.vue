<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import CeilingStack from '../kit/CeilingStack.vue';
import CoalMark from '../kit/CoalMark.vue';
import ReasonText from '../kit/ReasonText.vue';
import StageLadder from '../kit/StageLadder.vue';
import StateNote from '../kit/StateNote.vue';
import { useGroup } from '../people/use-group.ts';
import { useDay } from '../platform/use-day.ts';
import { useWords } from '../platform/words.ts';
import EntryList from './EntryList.vue';
import { useStand } from './queries.ts';
import RestForm from './RestForm.vue';
import SeasonTable from './SeasonTable.vue';
import StageTable from './StageTable.vue';

const words = useWords();
const route = useRoute();
const { groupId, mayPick, isKeeper } = useGroup();
const { day, asked } = useDay();
const stand = useStand(
  groupId,
  computed(() => String(route.params['standId'])),
  asked,
);
const s = computed(() => stand.data.value);
const shown = ref(0);
const order = ['glowing', 'fading', 'kindling', 'banked', 'cold', 'ash'];
const outlooks = computed(() =>
  [...(s.value?.outlooks ?? [])].sort((a, b) => order.indexOf(a.readiness.state) - order.indexOf(b.readiness.state)),
);
const main = computed(() => outlooks.value[Math.min(shown.value, outlooks.value.length - 1)]);
const count = computed(() => s.value?.counts.at(-1));
const leave = computed(() => {
  const p = s.value?.patch;
  if (!p) return '';
  return p.leave === 'given' && p.leaveUntil
    ? words.value.t('stand.givenUntil', { day: words.value.format.dayAndYear(p.leaveUntil) })
    : words.value.t(`stand.${p.leave}`);
});
const subtitle = computed(() =>
  [
    count.value ? words.value.t('plantCount', { n: count.value.value }) : '',
    s.value ? words.value.t(`stand.${s.value.identity}`) : '',
    s.value?.since ? words.value.t('stand.growsSince', { year: s.value.since }) : '',
    s.value?.patch.owner ? words.value.t('stand.owner', { owner: s.value.patch.owner }) : '',
    leave.value,
  ]
    .filter(Boolean)
    .join(' · '),
);
const table = ref(false);
</script>

<template>
  <StateNote v-if="stand.isError.value" state="failed" :text="stand.error.value?.message" @retry="stand.refetch()" />
  <StateNote v-else-if="!s || !main" state="loading" />
  <div v-else class="two" :aria-busy="stand.isPlaceholderData.value">
    <div class="front">
      <div class="head">
        <CoalMark
          :readiness="main.readiness"
          :thorns="main.thorns"
          :size="54"
          :label="words.coal(main.readiness, main.thorns)" />
        <div>
          <h1>{{ words.text(s.plantName) }} · {{ s.patchName }}</h1>
          <p class="soft">{{ [s.where, subtitle].filter(Boolean).join(' · ') }}</p>
        </div>
      </div>
      <p v-if="s.deadlyLookAlikes.length && s.identity !== 'confirmed'" class="warn banner">
        {{ words.t('hearth.notRuledOut', { names: words.format.list(s.deadlyLookAlikes.map((l) => words.text(l))) }) }}
      </p>
      <div class="title">
        <h2>{{ words.t('stand.yearOf') }}</h2>
        <span class="soft small">{{ words.t('stand.ladderNote') }}</span
        ><button type="button" class="btn plain" :aria-pressed="table" @click="table = !table">
          {{ words.t('stand.stageTable') }}
        </button>
      </div>
      <StageTable v-if="table" :stand="s" :day="day" /><StageLadder v-else :stand="s" :day="day" />
      <SeasonTable :stand="s" :day="day" />
      <section class="section">
        <h2>{{ words.t('stand.record') }}</h2>
        <EntryList :stand="s" />
      </section>
    </div>
    <aside class="side">
      <section class="section">
        <h2>{{ words.t('stand.howMuch') }}</h2>
        <div v-if="outlooks.length > 1" class="chips parts">
          <button
            v-for="(o, i) in outlooks"
            :key="o.part + o.use"
            type="button"
            class="chip"
            :aria-pressed="o === main"
            @click="shown = i">
            <CoalMark :readiness="o.readiness" :thorns="false" :size="20" :label="words.coal(o.readiness, false)" />
            {{ words.text(o.partName) }}
          </button>
        </div>
        <p>
          <ReasonText
            :reasons="words.windowReasons(main, day, main.basis === 'weather' ? words.t('weather.asStation') : null)"
            >{{ words.window(main, day) }}</ReasonText
          >
        </p>
        <p>
          <b :class="{ warn: main.allowance.kind === 'none' }">{{ words.allowance(main.allowance) }}</b>
          <span class="soft">{{ words.t('allowance.heldBy', { what: words.heldBy(main.allowance) }) }}</span>
        </p>
        <CeilingStack :allowance="main.allowance" />
        <p v-if="s.lossShare > 0" class="small soft">
          {{ words.t('stand.lossNote', { percent: words.format.percent(s.lossShare) }) }}
        </p>
        <div v-if="mayPick" class="acts no-print">
          <RouterLink class="btn main" :to="{ name: 'take', params: { standId: s.id }, query: { part: main.part } }"
            >{{ words.t('hearth.logTake') }} <kbd>k</kbd></RouterLink
          >
          <RouterLink class="btn" :to="{ name: 'visit', params: { standId: s.id } }"
            >{{ words.t('hearth.logVisit') }} <kbd>v</kbd></RouterLink
          >
        </div>
      </section>
      <section class="section">
        <h2>{{ words.t('stand.identity') }}</h2>
        <p :class="{ warn: s.identity !== 'confirmed' }">{{ words.t(`stand.${s.identity}`) }}</p>
        <ul class="small list">
          <li v-for="l in s.profile.lookAlikes" :key="l.scientific">
            <b>{{ words.text(l.name) }}</b>
            <span :class="l.severity === 'deadly' ? 'warn' : 'soft'">{{
              words.t(`stand.severity.${l.severity}`)
            }}</span>: {{ words.text(l.separatedBy) }}
          </li>
        </ul>
        <p v-if="s.patch.neighbours" class="small">{{ s.patch.neighbours }}</p>
      </section>
      <section class="section">
        <h2>{{ words.t('stand.countTitle') }}</h2>
        <p v-if="!s.counts.length" class="soft">{{ words.t('stand.neverCounted') }}</p>
        <table v-else class="plain">
          <tbody>
            <tr v-for="(c, i) in [...s.counts].reverse().slice(0, 6)" :key="i">
              <td>{{ words.format.day(c.day, day) }}</td>
              <td>
                <b>{{ words.format.number(c.value) }}</b> ({{ words.format.number(c.low) }}–{{
                  words.format.number(c.high)
                }})
              </td>
              <td class="soft">{{ words.t(c.method === 'eye' ? 'visit.byEye' : `visit.${c.method}`) }} · {{ c.by }}</td>
            </tr>
          </tbody>
        </table>
      </section>
      <section class="section">
        <h2>{{ words.t('stand.caution') }}</h2>
        <ul class="small list">
          <li v-for="(c, i) in s.profile.cautions" :key="i">{{ words.text(c.text) }}</li>
        </ul>
        <p v-if="s.patch.hazards.length" class="small warn">
          {{ words.format.list(s.patch.hazards.map((h) => words.t(`patch.hazard.${h}`))) }}
        </p>
        <p class="small soft">{{ words.t('common.caution') }}</p>
      </section>
      <section v-if="isKeeper" class="section no-print">
        <h2>{{ words.t('stand.rules') }}</h2>
        <RestForm :stand="s" />
      </section>
      <p class="no-print">
        <RouterLink :to="{ name: 'patch', params: { patchId: s.patchId } }">{{ words.t('stand.toPatch') }}</RouterLink>
        ·
        <RouterLink :to="{ name: 'plant', params: { plantKey: s.plantKey } }">{{ words.text(s.plantName) }}</RouterLink>
      </p>
    </aside>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  gap: 14px;
  align-items: center;
}
.head p {
  margin: 2px 0 0;
}
.title {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  align-items: baseline;
  margin-top: 14px;
}
.title .btn {
  margin-left: auto;
  min-height: 30px;
}
.banner {
  margin: 12px 0 0;
  padding: 8px 12px;
  border-left: 4px solid var(--ember);
  background: var(--band);
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-top: 12px;
}
.list {
  padding-left: 18px;
  margin: 4px 0;
}
.list li {
  margin: 4px 0;
}
.parts {
  margin-bottom: 8px;
}
.parts .chip {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  padding: 3px 12px;
  min-height: 34px;
  font-size: 14px;
  border-radius: 4px;
}
.section p {
  margin: 0 0 5px;
}
@media (max-width: 900px) {
  .parts .chip {
    min-height: 48px;
  }
  .two {
    display: flex;
    flex-direction: column-reverse;
  }
}
</style>
