<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
import { timesOf, whyNot } from '@emberfield/core/rounds';
import ReckoningNote from '../hearth/ReckoningNote.vue';
import { useHearth } from '../hearth/queries.ts';
import StateNote from '../kit/StateNote.vue';
import { toggled } from '../kit/toggled.ts';
import { usePatches } from '../session/queries.ts';
import { useDay } from '../session/use-day.ts';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import type { Wanted } from '../field/taken-round.ts';
import RoundControls from './RoundControls.vue';
import RoundOut from './RoundOut.vue';
import RoundSheet from './RoundSheet.vue';
import RoundStop from './RoundStop.vue';
import RoundWeather from './RoundWeather.vue';
import { FIRST_WISH, moved, outingOf, placesToVisit, takenOf, type PlaceToVisit, type Wish } from './round.ts';
import { clockOf, minutesOf } from '../platform/clock.ts';
import { useBestRound } from './use-best-round.ts';

/** Which places on a day, and in which order, within the time that there is. */
const words = useWords();
const { groupId } = useGroup();
const { day, asked, dayQuery } = useDay();
const hearth = useHearth(groupId, asked, ref(false));
const patches = usePatches(groupId);
const wish = useDraft<Wish>('round', FIRST_WISH);
/** Of another day nothing was chosen. */
const choice = computed(() =>
  wish.value.choice.day === day.value ? wish.value.choice : { day: day.value, locked: [], left: [] },
);
/** As somebody has put it in order, by id; `null`: as is best. */
const own = ref<readonly string[] | null>(null);
const standing = computed(() => (patches.data.value ?? []).filter((p) => p.retiredOn === null));
const home = computed(() => standing.value.find((p) => p.id === wish.value.from) ?? null);
const open = computed(() => (hearth.data.value ? placesToVisit(hearth.data.value, standing.value, []) : []));
const wanted = computed(() =>
  hearth.data.value ? placesToVisit(hearth.data.value, standing.value, wish.value.plants) : [],
);
const isLeft = ({ patch }: PlaceToVisit): boolean => choice.value.left.includes(patch.id);
const places = computed(() => wanted.value.filter((p) => !isLeft(p)));
const light = computed(() => {
  const { sunrise = null, sunset = null } = hearth.data.value?.conditions ?? {};
  return { rises: sunrise === null ? null : minutesOf(sunrise), sets: sunset === null ? null : minutesOf(sunset) };
});
const outing = computed(
  () => home.value && outingOf(places.value, home.value, wish.value, choice.value.locked, light.value),
);
const { best, busy, failed, again } = useBestRound(
  computed(() => outing.value && { outing: outing.value, names: places.value.map((p) => p.patch.id) }),
);
watch(day, () => (own.value = null));
/** Where they stand among the places now; one that is open no more is none. */
const order = computed(() =>
  (own.value ?? best.value?.order ?? [])
    .map((id) => places.value.findIndex((p) => p.patch.id === id))
    .filter((i) => i >= 0),
);
const timed = computed(() => outing.value && timesOf(outing.value, order.value));
const others = computed(() => wanted.value.filter((p) => !order.value.includes(places.value.indexOf(p))));
const sunset = computed(() => hearth.data.value?.conditions.sunset ?? null);
function whySaid(place: PlaceToVisit): string {
  const { t } = words.value;
  if (isLeft(place)) return t('round.why.left');
  const why = outing.value && whyNot(outing.value, order.value, places.value.indexOf(place));
  if (!why) return '';
  return why.kind === 'late' ? t('round.why.late', { n: Math.ceil(why.minutes) }) : t(`round.why.${why.kind}`);
}
function choose(over: Partial<Wish['choice']>): void {
  wish.value = { ...wish.value, choice: { ...choice.value, ...over } };
}
const without = (list: readonly string[], id: string): readonly string[] => list.filter((x) => x !== id);
const lock = (id: string): void => choose({ locked: toggled(choice.value.locked, id) });
/** Where it goes is found anew. */
function putOn(id: string): void {
  own.value = null;
  choose({ locked: [...without(choice.value.locked, id), id], left: without(choice.value.left, id) });
}
const leaveOut = (id: string): void =>
  choose({ locked: without(choice.value.locked, id), left: [...choice.value.left, id] });
function move(id: string, by: -1 | 1): void {
  own.value = moved(
    order.value.map((i) => places.value[i]!.patch.id),
    id,
    by,
  );
}
/** As it goes along: of each place every stand, since one looks at all of them. */
const wantedAlong = computed<Wanted | null>(() =>
  home.value && timed.value && outing.value
    ? takenOf({ places: places.value, home: home.value, timed: timed.value, wish: wish.value, day: day.value })
    : null,
);
/** From the place from which it takes longest, whole minutes. */
const wayBack = computed(() => {
  const legs = order.value.map((i) => outing.value?.legs[i]?.at(-1) ?? 0);
  return Math.round(Math.max(0, ...legs));
});
/** On the way, whole minutes. */
const walked = computed(() => {
  if (!outing.value || !timed.value) return 0;
  const there = timed.value.visits.reduce((sum, v) => sum + v.ends - v.arrives, 0);
  return Math.round(timed.value.backAt - outing.value.leavesAt - there);
});
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
    <p class="soft no-print">{{ words.t('round.lead') }}</p>
    <ReckoningNote
      v-if="hearth.data.value.waiting"
      :stands="hearth.data.value.standCount"
      :waiting="hearth.data.value.waiting" />
    <StateNote v-if="!open.length" state="empty" :title="words.t('round.none')" :text="words.t('round.noneText')" />
    <template v-else>
      <RoundControls v-model="wish" :places="standing" :open="open" />
      <p v-if="!home">{{ words.t('round.sayFrom') }}</p>
      <p v-else-if="!wanted.length">{{ words.t('round.noneOfThese') }}</p>
      <StateNote v-else-if="failed" state="failed" @retry="again()" />
      <p v-else-if="busy && !order.length" class="soft" aria-live="polite">{{ words.t('round.searching') }}</p>
      <template v-else-if="best === null && !own">
        <p class="warn">{{ words.t(choice.locked.length ? 'round.noFit' : 'round.noWay') }}</p>
        <div class="acts">
          <Button
            v-for="p in places.filter((x) => choice.locked.includes(x.patch.id))"
            :key="p.patch.id"
            @click="lock(p.patch.id)"
            >{{ words.t('round.unlock', { place: p.patch.name }) }}</Button
          >
        </div>
      </template>
      <template v-else-if="timed && outing">
        <p class="sum" aria-live="polite">
          <b>{{ words.t('round.stops', { n: order.length }) }}</b>
          · {{ words.t('round.walked', { h: Math.floor(walked / 60), m: walked % 60 }) }} ·
          <span :class="{ warn: timed.backAt > outing.backBy }">{{
            words.t('round.backAt', { time: clockOf(timed.backAt) })
          }}</span>
          <template v-if="sunset"> · {{ words.t('round.sunset', { time: sunset }) }}</template>
        </p>
        <p class="only-print">
          {{
            words.t('round.off', {
              day: words.format.dayAndYear(day),
              place: home.name,
              time: clockOf(outing.leavesAt),
            })
          }}
        </p>
        <RoundWeather :conditions="hearth.data.value.conditions" :way-back="wayBack" />
        <p class="soft">{{ words.t('round.tell') }}</p>
        <p v-if="!timed.holds" class="warn">{{ words.t('round.clash') }}</p>
        <ol class="no-print">
          <RoundStop
            v-for="(visit, k) in timed.visits"
            :key="places[visit.stop]!.patch.id"
            :place="places[visit.stop]!"
            :visit="visit"
            :left-at="timed.visits[k - 1]?.ends ?? outing.leavesAt"
            :day="day"
            :day-query="dayQuery"
            :locked="choice.locked.includes(places[visit.stop]!.patch.id)"
            :first="k === 0"
            :last="k === timed.visits.length - 1"
            @move="move(places[visit.stop]!.patch.id, $event)"
            @lock="lock(places[visit.stop]!.patch.id)"
            @drop="leaveOut(places[visit.stop]!.patch.id)" />
        </ol>
        <RoundOut v-if="wantedAlong && order.length" :wanted="wantedAlong" :places="order.map((i) => places[i]!)">
          <Button v-if="own" @click="own = null">{{ words.t('round.anew') }}</Button>
        </RoundOut>
        <RoundSheet
          v-if="order.length"
          :places="order.map((i) => places[i]!)"
          :visits="timed.visits"
          :home="home"
          :day="day" />
        <section v-if="others.length" class="others no-print">
          <h2>{{ words.t('round.others') }}</h2>
          <ul>
            <li v-for="p in others" :key="p.patch.id">
              <span
                ><b>{{ p.patch.name }}</b> <span class="soft">{{ whySaid(p) }}</span></span
              >
              <Button @click="putOn(p.patch.id)">{{ words.t('round.putOn', { place: p.patch.name }) }}</Button>
            </li>
          </ul>
        </section>
        <p class="soft small no-print">
          {{ own || !best ? '' : words.t(best.exact ? 'round.exact' : 'round.searched') }} {{ words.t('round.how') }}
          {{ words.t('round.dark') }}
        </p>
      </template>
    </template>
  </div>
</template>

<style scoped>
.round {
  max-width: 860px;
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
