<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
import { timesOf, whyNot } from '@emberfield/core/rounds';
import ReckoningNote from '../hearth/ReckoningNote.vue';
import { useHearth } from '../hearth/queries.ts';
import PickMany from '../kit/PickMany.vue';
import PickOne from '../kit/PickOne.vue';
import StateNote from '../kit/StateNote.vue';
import { usePatches } from '../session/queries.ts';
import { useDay } from '../session/use-day.ts';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import RoundStop from './RoundStop.vue';
import { clockOf, FIRST_WISH, moved, outingOf, PACES, placesToVisit, type Wish } from './round.ts';
import { useBestOrder } from './use-best-order.ts';

/** Which places on a day, and in which order, within the time that there is. */
const words = useWords();
const { groupId } = useGroup();
const { day, asked, dayQuery } = useDay();
const hearth = useHearth(groupId, asked, ref(false));
const patches = usePatches(groupId);
const wish = useDraft<Wish>('round', FIRST_WISH);
const locked = ref<readonly string[]>([]);
const left = ref<readonly string[]>([]);
/** As somebody has put it in order; `null`: as is best. */
const own = ref<readonly number[] | null>(null);
const standing = computed(() => (patches.data.value ?? []).filter((p) => p.retiredOn === null));
const home = computed(() => standing.value.find((p) => p.id === wish.value.from) ?? null);
const everywhere = computed(() => (hearth.data.value ? placesToVisit(hearth.data.value, standing.value, []) : []));
const places = computed(() =>
  hearth.data.value ? placesToVisit(hearth.data.value, standing.value, wish.value.plants) : [],
);
const outing = computed(() =>
  home.value && places.value.length
    ? outingOf(places.value, home.value, wish.value, { locked: locked.value, left: left.value })
    : null,
);
const { best, busy, failed, again } = useBestOrder(outing);
watch([wish, day, locked, left], () => (own.value = null));
const order = computed(() => (own.value ?? best.value ?? []).filter((i) => i < places.value.length));
const timed = computed(() => outing.value && timesOf(outing.value, order.value));
const others = computed(() =>
  outing.value && !busy.value ? places.value.flatMap((p, i) => (order.value.includes(i) ? [] : [{ ...p, i }])) : [],
);
const set = (over: Partial<Wish>): void => void (wish.value = { ...wish.value, ...over });
const named = (p: { readonly id: string; readonly name: string }) => ({ value: p.id, label: p.name });
const plants = computed(() => {
  const all = new Map(everywhere.value.flatMap((p) => p.lines.map((l) => [l.stand.plantKey, l.stand.plantName])));
  return [...all].map(([value, name]) => ({ value, label: words.value.text(name) }));
});
const HALF_HOURS = Array.from({ length: 38 }, (_, i) => 300 + 30 * i);
const times = HALF_HOURS.map((value) => ({ value, label: clockOf(value) }));
const sunset = computed(() => hearth.data.value?.conditions.sunset ?? null);
const whySaid = (i: number): string => {
  if (left.value.includes(places.value[i]!.patch.id)) return words.value.t('round.why.left');
  const why = whyNot(outing.value!, order.value, i);
  if (!why) return '';
  return why.kind === 'late'
    ? words.value.t('round.why.late', { n: Math.ceil(why.minutes) })
    : words.value.t(`round.why.${why.kind}`);
};
function putOn(id: string): void {
  left.value = left.value.filter((x) => x !== id);
  locked.value = [...locked.value, id];
}
function leaveOut(id: string): void {
  locked.value = locked.value.filter((x) => x !== id);
  left.value = [...left.value, id];
}
const lock = (id: string): void =>
  void (locked.value = locked.value.includes(id) ? locked.value.filter((x) => x !== id) : [...locked.value, id]);
const walked = computed(() => {
  if (!outing.value || !timed.value) return 0;
  const there = timed.value.visits.reduce((sum, v) => sum + v.ends - v.arrives, 0);
  return timed.value.backAt - outing.value.leavesAt - there;
});
const print = (): void => globalThis.print();
</script>

<template>
  <StateNote
    v-if="hearth.isLoadingError.value || patches.isLoadingError.value"
    state="failed"
    :text="(hearth.error.value ?? patches.error.value)?.message"
    @retry="(hearth.refetch(), patches.refetch())" />
  <StateNote v-else-if="!hearth.data.value || !patches.data.value" state="loading" />
  <div v-else class="page round">
    <h1>{{ words.t('round.title') }}</h1>
    <p class="soft">{{ words.t('round.lead') }}</p>
    <ReckoningNote
      v-if="hearth.data.value.waiting"
      :stands="hearth.data.value.standCount"
      :waiting="hearth.data.value.waiting" />
    <StateNote
      v-if="!everywhere.length"
      state="empty"
      :title="words.t('round.none')"
      :text="words.t('round.noneText')" />
    <template v-else>
      <div class="choices no-print">
        <label
          >{{ words.t('round.from') }}
          <PickOne
            :model-value="wish.from"
            :label="words.t('round.from')"
            :placeholder="words.t('round.fromWhere')"
            :options="standing.map(named)"
            @update:model-value="set({ from: $event })"
        /></label>
        <label
          >{{ words.t('round.leaves') }}
          <PickOne
            :model-value="wish.leavesAt"
            :label="words.t('round.leaves')"
            :options="times"
            @update:model-value="$event !== null && set({ leavesAt: $event })"
        /></label>
        <label
          >{{ words.t('round.back') }}
          <PickOne
            :model-value="wish.backBy"
            :label="words.t('round.back')"
            :options="times"
            @update:model-value="$event !== null && set({ backBy: $event })"
        /></label>
        <label
          >{{ words.t('round.pace') }}
          <PickOne
            :model-value="wish.pace"
            :label="words.t('round.pace')"
            :options="Object.keys(PACES).map((value) => ({ value, label: words.t(`round.paces.${value}`) }))"
            @update:model-value="$event && set({ pace: $event as Wish['pace'] })"
        /></label>
        <PickMany
          class="plants"
          :model-value="wish.plants"
          :label="words.t('round.plants')"
          :placeholder="words.t('round.allPlants')"
          :options="plants"
          @update:model-value="set({ plants: $event })" />
      </div>
      <p v-if="!home">{{ words.t('round.sayFrom') }}</p>
      <p v-else-if="!places.length">{{ words.t('round.noneOfThese') }}</p>
      <StateNote v-else-if="failed" state="failed" @retry="again()" />
      <p v-else-if="busy && !order.length" class="soft" aria-live="polite">{{ words.t('round.searching') }}</p>
      <template v-else-if="best === null">
        <p class="warn">{{ words.t(locked.length ? 'round.noFit' : 'round.noWay') }}</p>
        <div class="acts">
          <Button
            v-for="p in places.filter((x) => locked.includes(x.patch.id))"
            :key="p.patch.id"
            @click="lock(p.patch.id)"
            >{{ words.t('round.unlock', { place: p.patch.name }) }}</Button
          >
        </div>
      </template>
      <template v-else-if="timed && outing">
        <p class="sum" aria-live="polite">
          <b>{{ words.t('round.stops', { n: order.length }) }}</b>
          · {{ words.t('round.walked', { h: Math.floor(Math.round(walked) / 60), m: Math.round(walked) % 60 }) }} ·
          <span :class="{ warn: timed.backAt > outing.backBy }">{{
            words.t('round.backAt', { time: clockOf(timed.backAt) })
          }}</span>
          <template v-if="sunset"> · {{ words.t('round.sunset', { time: sunset }) }}</template>
        </p>
        <p class="soft">{{ words.t('round.tell') }}</p>
        <p v-if="!timed.holds" class="warn">{{ words.t('round.clash') }}</p>
        <ol>
          <RoundStop
            v-for="(visit, k) in timed.visits"
            :key="places[visit.stop]!.patch.id"
            :place="places[visit.stop]!"
            :visit="visit"
            :left-at="k === 0 ? outing.leavesAt : timed.visits[k - 1]!.ends"
            :day="day"
            :day-query="dayQuery"
            :locked="locked.includes(places[visit.stop]!.patch.id)"
            :first="k === 0"
            :last="k === timed.visits.length - 1"
            @move="own = moved(order, visit.stop, $event)"
            @lock="lock(places[visit.stop]!.patch.id)"
            @drop="leaveOut(places[visit.stop]!.patch.id)" />
        </ol>
        <div class="acts no-print">
          <Button v-if="own" @click="own = null">{{ words.t('round.anew') }}</Button>
          <Button @click="print()">{{ words.t('round.print') }}</Button>
        </div>
        <section v-if="others.length" class="others no-print">
          <h2>{{ words.t('round.others') }}</h2>
          <ul>
            <li v-for="p in others" :key="p.patch.id">
              <span
                ><b>{{ p.patch.name }}</b> <span class="soft">{{ whySaid(p.i) }}</span></span
              >
              <Button @click="putOn(p.patch.id)">{{ words.t('round.putOn', { place: p.patch.name }) }}</Button>
            </li>
          </ul>
        </section>
        <p class="soft small">{{ words.t('round.how') }}</p>
      </template>
    </template>
  </div>
</template>

<style scoped>
.round {
  max-width: 860px;
}
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: center;
}
.plants {
  flex: 1 1 220px;
}
ol,
ul {
  list-style: none;
  margin: 8px 0;
  padding: 0;
}
.others li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  justify-content: space-between;
  align-items: center;
  border-top: 1px solid var(--hair);
  padding: 6px 0;
}
.others {
  margin-top: 18px;
}
.sum {
  margin: 14px 0 4px;
  font-size: 17px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
