<script setup lang="ts">
import { CheckOutlined } from '@ant-design/icons-vue';
import { Button } from 'ant-design-vue';
import { useNow, useWakeLock } from '@vueuse/core';
import { computed, onMounted, onUnmounted, watch } from 'vue';
import GoButton from '../kit/GoButton.vue';
import StateNote from '../kit/StateNote.vue';
import { clockOf, minutesAt } from '../platform/clock.ts';
import { useDay } from '../session/use-day.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import WaySummary from '../way/WaySummary.vue';
import GoThere from './GoThere.vue';
import GpsPanel from './GpsPanel.vue';
import NearPlaces from './NearPlaces.vue';
import { nextStop, stopAt, turnBackAt } from './taken-round.ts';
import { useHere } from '../platform/use-here.ts';
import { useTakenRound } from './use-taken-round.ts';

/** The round as it was taken along: where to go next, when to turn back, and what is noted at each place. Nothing of it needs a signal. */
const words = useWords();
const { group } = useGroup();
const { today } = useDay();
const { on, round, leave } = useTakenRound();
const { here, lost } = useHere(() => round.value !== null);
const next = computed(() => (round.value ? nextStop(on.value) : null));
/** Offered, not assumed: the position may be off, and one may only be passing. */
const seemsAt = computed(() =>
  round.value && here.value ? stopAt(round.value, here.value, here.value.accuracyM) : null,
);
const there = computed(() => next.value ?? round.value?.home ?? null);
const turnBack = computed(() => (round.value && here.value ? turnBackAt(round.value, here.value) : null));
const now = useNow({ interval: 20_000 });
const minutesNow = computed(() => minutesAt(group.value?.zone ?? 'UTC', now.value));
/** Where the day is set by whoever runs it, the clock on the wall is of another day. */
const late = computed(
  () =>
    !group.value?.dayIsSet &&
    round.value?.day === today.value &&
    turnBack.value !== null &&
    minutesNow.value > turnBack.value,
);
const size = computed(() => words.value.format.number((round.value?.bytes ?? 0) / 1e6, 1));
const when = computed(() =>
  words.value.format.instant(new Date(round.value?.takenAt ?? 0).toISOString(), group.value?.zone ?? 'UTC'),
);
const isDone = (patchId: string): boolean => on.value.done.includes(patchId);
const openAgain = (patchId: string): void =>
  void (on.value = { ...on.value, done: on.value.done.filter((id) => id !== patchId) });
// Looked at with full hands: the screen does not go dark while the round is open.
const { isSupported, request, release } = useWakeLock();
const awake = (): void => void (isSupported.value && round.value && request('screen').catch(() => undefined));
onMounted(awake);
watch(round, awake);
onUnmounted(() => void release().catch(() => undefined));
</script>

<template>
  <div class="page field">
    <h1>{{ words.t('field.title') }}</h1>
    <template v-if="round">
      <p class="soft small">
        {{ words.format.weekday(round.day) }} ·
        {{ words.t('field.doneOf', { n: on.done.length, all: round.stops.length }) }} ·
        {{ words.t('round.backBy', { time: clockOf(round.backBy) }) }}
      </p>
      <section class="next" aria-live="polite">
        <h2>{{ next ? next.name : words.t('field.home', { place: round.home.name }) }}</h2>
        <GoThere v-if="there" :here="here" :lost="lost" :to="there" :guess="next?.blurred ?? false" />
        <p v-if="turnBack !== null" :class="late ? 'warn' : 'soft'">
          {{ words.t(late ? 'field.turnBackNow' : 'field.turnBack', { time: clockOf(turnBack) }) }}
        </p>
        <p v-if="seemsAt && seemsAt.patchId !== next?.patchId">
          {{ words.t('field.seemsAt', { place: seemsAt.name }) }}
          <GoButton :to="{ name: 'placeLog', params: { patchId: seemsAt.patchId } }">{{
            words.t('field.open')
          }}</GoButton>
        </p>
        <GoButton
          v-if="next"
          class="big"
          type="primary"
          size="large"
          :to="{ name: 'placeLog', params: { patchId: next.patchId } }"
          >{{ words.t('field.iAmHere') }}</GoButton
        >
        <template v-else>
          <p>{{ words.t('field.allDone') }}</p>
          <Button class="big" size="large" @click="leave">{{ words.t('field.end') }}</Button>
        </template>
      </section>
      <ol>
        <li v-for="s in round.stops" :key="s.patchId" :class="{ done: isDone(s.patchId) }">
          <RouterLink :to="{ name: 'placeLog', params: { patchId: s.patchId } }"
            ><b>{{ s.name }}</b>
            <small class="soft"
              >{{ clockOf(s.begins) }}–{{ clockOf(s.ends) }} ·
              {{ words.t('field.stands', { n: s.stands.length }) }}</small
            ></RouterLink
          >
          <Button
            v-if="isDone(s.patchId)"
            type="text"
            :aria-label="words.t('field.again', { place: s.name })"
            :title="words.t('field.again', { place: s.name })"
            @click="openAgain(s.patchId)"
            ><template #icon><CheckOutlined aria-hidden="true" /></template
          ></Button>
        </li>
      </ol>
      <p class="soft small">{{ words.t('field.along', { mb: size, when }) }}</p>
    </template>
    <template v-else>
      <StateNote state="empty" :title="words.t('field.none')" :text="words.t('field.noneText')">
        <GoButton type="primary" :to="{ name: 'round' }">{{ words.t('field.plan') }}</GoButton>
      </StateNote>
      <NearPlaces />
    </template>
    <p class="need">
      <GoButton size="large" :to="{ name: 'need' }">{{ words.t('need.title') }}</GoButton>
      <Button v-if="round && next" size="large" type="text" @click="leave">{{ words.t('field.leave') }}</Button>
    </p>
    <WaySummary v-if="round" :places="round.stops" :day="round.day" />
    <GpsPanel v-if="group?.dayIsSet && round" :round="round" />
  </div>
</template>

<style scoped>
.field {
  max-width: 640px;
  font-size: 17px;
}
.next {
  border: 2px solid var(--ember-ink);
  border-radius: 6px;
  padding: 14px 16px;
  margin: 10px 0;
  background: var(--sheet);
}
.next h2 {
  font-size: 28px;
  overflow-wrap: anywhere;
}
.big {
  width: 100%;
  min-height: 64px;
  font-size: 20px;
  display: grid;
  place-content: center;
}
ol {
  list-style: none;
  margin: 12px 0;
  padding: 0;
}
li {
  display: flex;
  align-items: center;
  border-top: 1px solid var(--hair);
}
li a {
  flex: 1;
  display: grid;
  align-content: center;
  min-height: 60px;
  color: inherit;
  text-decoration: none;
}
.done b {
  font-weight: 400;
  text-decoration: line-through;
}
li .ant-btn {
  min-width: 56px;
  min-height: 56px;
}
.need {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
