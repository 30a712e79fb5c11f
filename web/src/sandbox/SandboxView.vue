<script setup lang="ts">
import { Button, Popconfirm } from 'ant-design-vue';
import { computed, nextTick, ref, watch } from 'vue';
import { isoDay } from '@emberfield/core/measure';
import { SANDBOX_HOURS, SANDBOX_KINDS, SANDBOX_MOST_YEARS } from '@emberfield/core/sandbox';
import StateNote from '../kit/StateNote.vue';
import { useWords } from '../session/words.ts';
import StandCard from './StandCard.vue';
import { useSandbox } from './use-sandbox.ts';
import { useVerdicts } from './use-verdicts.ts';
import VerdictCard from './VerdictCard.vue';

/** A year of the made-up island, played by own rules; when it is over, what was true. */
const words = useWords();
const { profiles, game, state, act, toEnd, anew } = useSandbox();
const { verdicts, hasFailed, again } = useVerdicts(state, game);
const names = computed(() =>
  SANDBOX_KINDS.map((kind, i) => {
    const { names: plant, parts } = profiles.value.all![i]!;
    return `${words.value.text(plant)} · ${words.value.text(parts.find((p) => p.key === kind.part)!.name)}`;
  }),
);
// A new fortnight begins on top, where it says what day it is.
const top = ref<HTMLElement | null>(null);
watch(
  () => [state.value.day, state.value.isOver],
  () => void nextTick(() => top.value?.scrollIntoView({ block: 'start' })),
);
</script>

<template>
  <StateNote
    v-if="profiles.error && !profiles.all"
    state="failed"
    :text="profiles.error.message"
    @retry="profiles.again()" />
  <StateNote v-else-if="!profiles.all" state="loading" />
  <div v-else class="page sandbox">
    <h1 ref="top">{{ words.t('sandbox.title') }}</h1>
    <p class="soft">{{ words.t('sandbox.lead', { hours: SANDBOX_HOURS }) }} {{ words.t('sandbox.madeUp') }}</p>
    <template v-if="!state.isOver">
      <p class="now" role="status">
        <b>{{
          words.t('sandbox.now', {
            n: state.nth,
            day: words.format.day(isoDay(state.day)),
            hours: words.format.number(state.hoursLeft, 1),
          })
        }}</b>
        <Button type="primary" @click="act({ do: 'wait' })">{{ words.t('sandbox.wait') }}</Button>
      </p>
      <StandCard
        v-for="(stand, i) in state.stands"
        :key="`${state.day}:${stand.kind.plant}`"
        :stand="stand"
        :at="i"
        :name="names[i]!"
        :profile="profiles.all[i]!"
        :day="state.day"
        :hours-left="state.hoursLeft"
        @act="act($event)" />
      <div class="row">
        <Button type="primary" size="large" @click="act({ do: 'wait' })">{{ words.t('sandbox.wait') }}</Button>
        <Button size="large" @click="toEnd">{{ words.t('sandbox.toEnd') }}</Button>
      </div>
    </template>
    <template v-else>
      <p class="now" role="status">
        <b>{{ words.t('sandbox.yearOver', { n: state.nth }) }}</b>
        <span v-if="!hasFailed && verdicts.length < state.stands.length">{{
          words.t('sandbox.judging', { done: verdicts.length, of: state.stands.length })
        }}</span>
      </p>
      <p v-if="hasFailed" class="warn" role="alert">
        {{ words.t('sandbox.failed') }} <Button @click="again">{{ words.t('sandbox.again') }}</Button>
      </p>
      <VerdictCard
        v-for="(verdict, i) in verdicts"
        :key="state.stands[i]!.kind.plant"
        :stand="state.stands[i]!"
        :verdict="verdict"
        :name="names[i]!" />
      <div class="row">
        <Button v-if="state.nth < SANDBOX_MOST_YEARS" type="primary" size="large" @click="act({ do: 'nextYear' })">{{
          words.t('sandbox.nextYear')
        }}</Button>
        <p v-else>{{ words.t('sandbox.lastYear', { n: SANDBOX_MOST_YEARS }) }}</p>
      </div>
    </template>
    <Popconfirm
      :title="words.t('sandbox.anewSure')"
      :ok-text="words.t('sandbox.anew')"
      :cancel-text="words.t('common.cancel')"
      @confirm="anew">
      <Button type="text">{{ words.t('sandbox.anew') }}</Button>
    </Popconfirm>
    <p class="soft small">{{ words.t('sandbox.how') }}</p>
  </div>
</template>

<style scoped>
.sandbox {
  max-width: 760px;
}
.now {
  position: sticky;
  top: 0;
  z-index: 1;
  padding: 8px 0;
  background: var(--paper);
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
}
/* On a narrow screen with wide writing what a button says goes on a second line. */
.sandbox :deep(.ant-btn) {
  height: auto;
  max-width: 100%;
  white-space: normal;
}
/* Stands one below the other, told apart by a line. */
.sandbox :deep(.section) {
  border-top: 1px solid var(--hair);
  padding-top: 10px;
  margin: 0 0 14px;
}
.sandbox :deep(.section p) {
  margin: 4px 0;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin: 14px 0;
}
</style>
