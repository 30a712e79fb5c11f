<script setup lang="ts">
import { Button } from 'ant-design-vue';
import type { PatchFacts } from '@emberfield/contract';
import PickOne from '../kit/PickOne.vue';
import { clockOf } from '../platform/clock.ts';
import { useWords } from '../session/words.ts';

/** When one may take anything at a place, and when one can get in at all. */
const facts = defineModel<PatchFacts>({ required: true });
const words = useWords();
const set = <K extends keyof PatchFacts>(key: K, value: PatchFacts[K]): void =>
  void (facts.value = { ...facts.value, [key]: value });
const ENDS = ['from', 'to'] as const;
const says = (end: 'from' | 'to'): string =>
  words.value.t(end === 'from' ? 'patch.facts.leaveFrom' : 'patch.facts.leaveTo');
const MONTHS = Array.from({ length: 12 }, (_, m) => m + 1);
const two = (n: number): string => String(n).padStart(2, '0');
/** Days that a month has in every year. */
const daysIn = (monthDay: string | undefined): number =>
  new Date(2025, Number(monthDay?.slice(0, 2) ?? 1), 0).getDate();
/** Whichever is chosen first, the rest is the whole year until it is chosen too. */
function setLeaveDay(end: 'from' | 'to', chosen: { readonly month?: string; readonly day?: string }): void {
  const before = facts.value.leaveDays ?? { from: '01-01', to: '12-31' };
  const [month, day] = before[end].split('-');
  const next = chosen.month ?? month!;
  const last = daysIn(`${next}-01`);
  const held = two(Math.min(last, Number(chosen.day ?? day)));
  set('leaveDays', { ...before, [end]: `${next}-${held}` });
}
const HALF_AN_HOUR = 30;
const LAST = 23 * 60 + 59;
const TIMES = [...Array.from({ length: 48 }, (_, i) => HALF_AN_HOUR * i), LAST].map(clockOf);
const timesFor = (end: 'from' | 'to') =>
  (end === 'from' ? TIMES.slice(0, -1) : TIMES.slice(1)).map((value) => ({ value, label: value }));
/** Whichever is chosen first, the rest is the whole day until it is chosen too; the other end gives way to one that it would come before. */
function setHour(end: 'from' | 'to', chosen: string): void {
  const whole = { from: TIMES[0]!, to: TIMES.at(-1)! };
  const next = { ...(facts.value.openHours ?? whole), [end]: chosen };
  set('openHours', next.from < next.to ? next : { ...whole, [end]: chosen });
}
</script>

<template>
  <div class="when">
    <div class="field">
      <span>{{ words.t('patch.facts.leaveDays') }}</span>
      <div class="days">
        <Button class="chip" :aria-pressed="!facts.leaveDays" @click="set('leaveDays', null)">
          {{ words.t('patch.facts.leaveAlways') }}
        </Button>
        <label v-for="end in ENDS" :key="end"
          >{{ says(end) }}
          <PickOne
            :label="`${says(end)}, ${words.t('patch.facts.month')}`"
            :model-value="facts.leaveDays?.[end].slice(0, 2) ?? null"
            placeholder="–"
            :options="MONTHS.map((m) => ({ value: two(m), label: words.format.month(m - 1) }))"
            @update:model-value="$event && setLeaveDay(end, { month: $event })" />
          <PickOne
            :label="`${says(end)}, ${words.t('patch.facts.day')}`"
            :model-value="facts.leaveDays?.[end].slice(3) ?? null"
            placeholder="–"
            :options="
              Array.from({ length: daysIn(facts.leaveDays?.[end]) }, (_, d) => ({
                value: two(d + 1),
                label: String(d + 1),
              }))
            "
            @update:model-value="$event && setLeaveDay(end, { day: $event })"
        /></label>
      </div>
    </div>
    <div class="field">
      <span>{{ words.t('patch.facts.openHours') }}</span>
      <div class="days">
        <Button class="chip" :aria-pressed="!facts.openHours" @click="set('openHours', null)">
          {{ words.t('patch.facts.openAlways') }}
        </Button>
        <label v-for="end in ENDS" :key="end"
          >{{ says(end) }}
          <PickOne
            :label="`${words.t('patch.facts.openHours')}, ${says(end)}`"
            :model-value="facts.openHours?.[end] ?? null"
            placeholder="–"
            :options="timesFor(end)"
            @update:model-value="$event && setHour(end, $event)"
        /></label>
      </div>
    </div>
  </div>
</template>

<style scoped>
.when {
  grid-column: 1 / -1;
}
.days {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.days label {
  display: flex;
  gap: 6px;
  align-items: center;
}
.chip {
  border-radius: 4px;
}
</style>
