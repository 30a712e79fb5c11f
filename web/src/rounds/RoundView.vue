<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { VueDraggable } from 'vue-draggable-plus';
import { computed, ref, watch } from 'vue';
import { loadOf, pathNet, timesOf, whyNot } from '@emberfield/core/rounds';
import { centreOf } from '@emberfield/core/stand';
import ReckoningNote from '../hearth/ReckoningNote.vue';
import { useHearth } from '../hearth/queries.ts';
import StateNote from '../kit/StateNote.vue';
import { toggled } from '../kit/toggled.ts';
import { useBaseMap } from '../patches/queries.ts';
import { useEfforts, usePatches } from '../session/queries.ts';
import { useDay } from '../session/use-day.ts';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { useOwnPace } from '../way/kept-way.ts';
import type { Wanted } from '../field/taken-round.ts';
import { linesNear, pathLines } from './base-paths.ts';
import RoundControls from './RoundControls.vue';
import RoundHow from './RoundHow.vue';
import RoundOthers from './RoundOthers.vue';
import RoundOut from './RoundOut.vue';
import RoundSheet from './RoundSheet.vue';
import RoundStop from './RoundStop.vue';
import RoundWeather from './RoundWeather.vue';
import { placesToVisit, type PlaceToVisit } from './places.ts';
import { FIRST_WISH, metresBetween, moved, outingOf, takenOf, type Wish } from './round.ts';
import { clockOf, minutesOf } from '../platform/clock.ts';
import { costsOf } from './stop-cost.ts';
import { useBestRound } from './use-best-round.ts';

/** Which places on a day, and in which order, within the time that there is. */
const words = useWords();
const { groupId, group } = useGroup();
const { day, asked, dayQuery } = useDay();
const hearth = useHearth(groupId, asked, ref(false));
const patches = usePatches(groupId);
const efforts = useEfforts(groupId);
const ownPace = useOwnPace();
const baseMap = useBaseMap(computed(() => group.value?.hasBaseMap ?? false));
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
  hearth.data.value
    ? placesToVisit(hearth.data.value, standing.value, wish.value.how === 'only' ? wish.value.plants : [])
    : [],
);
const isLeft = ({ patch }: PlaceToVisit): boolean => choice.value.left.includes(patch.id);
const places = computed(() => wanted.value.filter((p) => !isLeft(p)));
/** Whole maps are large: the paths about the places are enough. */
const net = computed(() =>
  pathNet(
    linesNear(
      pathLines(baseMap.data.value),
      standing.value.map((p) => centreOf(p.geometry)),
    ),
  ),
);
const costs = computed(() => costsOf(places.value, efforts.data.value ?? []));
const metres = computed(() => home.value && metresBetween(places.value, home.value, net.value));
const light = computed(() => {
  const { sunrise = null, sunset = null } = hearth.data.value?.conditions ?? {};
  return { rises: sunrise === null ? null : minutesOf(sunrise), sets: sunset === null ? null : minutesOf(sunset) };
});
const outing = computed(
  () =>
    home.value &&
    outingOf(places.value, home.value, wish.value, choice.value.locked, {
      light: light.value,
      costs: costs.value,
      ownPace: ownPace.value,
      metres: metres.value!,
    }),
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
const others = computed(() =>
  wanted.value
    .filter((p) => !order.value.includes(places.value.indexOf(p)))
    .map((place) => ({ place, why: whySaid(place) })),
);
const sunset = computed(() => hearth.data.value?.conditions.sunset ?? null);
function whySaid(place: PlaceToVisit): string {
  const { t } = words.value;
  if (isLeft(place)) return t('round.why.left');
  const why = outing.value && whyNot(outing.value, order.value, places.value.indexOf(place));
  if (!why) return '';
  if (why.kind === 'heavy') return t('round.why.heavy', { mass: words.value.format.mass(why.overG) });
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
/** The places in their order; one that is drawn elsewhere makes it somebody's own. */
const ids = computed({
  get: () => order.value.map((i) => places.value[i]!.patch.id),
  set: (next) => void (own.value = next),
});
const move = (id: string, by: -1 | 1): void => void (ids.value = [...moved(ids.value, id, by)]);
/** As it goes along: of each place every stand, since one looks at all of them. */
const wantedAlong = computed<Wanted | null>(() =>
  home.value && timed.value && outing.value
    ? takenOf({
        ...{ places: places.value, home: home.value, timed: timed.value, wish: wish.value },
        ...{ day: day.value, ownPace: ownPace.value },
      })
    : null,
);
/** From the place from which it takes longest, whole minutes. */
const wayBack = computed(() => {
  const legs = order.value.map((i) => outing.value?.legs[i]?.at(-1) ?? 0);
  return Math.round(Math.max(0, ...legs));
});
/** What is usually brought home of all that, as far as it is known. */
const load = computed(() => {
  const g = outing.value ? loadOf(outing.value, order.value) : 0;
  const unknown = order.value.flatMap((i) => costs.value[i]!).filter((c) => c.loadG === null).length;
  if (g === 0) return '';
  const more = unknown > 0 ? words.value.t('round.loadUnknown', { n: unknown }) : '';
  return words.value.t('round.load', { mass: words.value.format.mass(Number(g.toPrecision(2))) }) + more;
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
          <template v-if="load">
            · <span :class="{ warn: timed.heavy }">{{ load }}</span></template
          >
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
        <VueDraggable v-model="ids" tag="ol" class="no-print" handle=".grip" :animation="150">
          <RoundStop
            v-for="(visit, k) in timed.visits"
            :key="places[visit.stop]!.patch.id"
            :place="places[visit.stop]!"
            :visit="visit"
            :left-at="timed.visits[k - 1]?.ends ?? outing.leavesAt"
            :costs="costs[visit.stop]!"
            :day="day"
            :day-query="dayQuery"
            :locked="choice.locked.includes(places[visit.stop]!.patch.id)"
            :first="k === 0"
            :last="k === timed.visits.length - 1"
            @move="move(places[visit.stop]!.patch.id, $event)"
            @lock="lock(places[visit.stop]!.patch.id)"
            @drop="leaveOut(places[visit.stop]!.patch.id)" />
        </VueDraggable>
        <RoundOut v-if="wantedAlong && order.length" :wanted="wantedAlong" :places="order.map((i) => places[i]!)">
          <Button v-if="own" @click="own = null">{{ words.t('round.anew') }}</Button>
        </RoundOut>
        <RoundSheet
          v-if="order.length"
          :places="order.map((i) => places[i]!)"
          :visits="timed.visits"
          :home="home"
          :day="day" />
        <RoundOthers v-if="others.length" :others="others" @put="putOn" />
        <RoundHow :exact="own || !best ? null : best.exact" :walked="walked" />
      </template>
    </template>
  </div>
</template>

<style scoped>
.round {
  max-width: 860px;
}
ol {
  list-style: none;
  margin: 8px 0;
  padding: 0;
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
