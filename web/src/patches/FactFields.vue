<script setup lang="ts">
import {
  ASPECTS,
  CANOPIES,
  CONTAMINATING,
  HAZARDS,
  LEAVES,
  MOISTURES,
  SUBSTRATES,
  type Hazard,
  type PatchFacts,
} from '@emberfield/contract';
import NumberField from '../kit/NumberField.vue';
import { useWords } from '../session/words.ts';

/** What people forget to write down and cannot reconstruct at home. */
const facts = defineModel<PatchFacts>({ required: true });
const words = useWords();
const set = <K extends keyof PatchFacts>(key: K, value: PatchFacts[K]): void =>
  void (facts.value = { ...facts.value, [key]: value });
const SELECTS = [
  ['substrate', SUBSTRATES],
  ['canopy', CANOPIES],
  ['aspect', ASPECTS],
  ['moisture', MOISTURES],
  ['leave', LEAVES],
] as const;
const toggle = (h: Hazard): void =>
  set(
    'hazards',
    facts.value.hazards.includes(h) ? facts.value.hazards.filter((x) => x !== h) : [...facts.value.hazards, h],
  );
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
const value = (event: Event): string => (event.target as HTMLInputElement).value;
</script>

<template>
  <div class="facts">
    <label v-for="[key, options] in SELECTS" :key="key" class="field"
      ><span>{{ words.t(`patch.facts.${key}`) }}</span>
      <select :value="facts[key]" @change="set(key, value($event) as never)">
        <option v-for="o in options" :key="o" :value="o">{{ words.t(`patch.${key}.${o}`) }}</option>
      </select>
    </label>
    <label class="field"
      ><span>{{ words.t('patch.facts.slope') }}</span
      ><input
        type="number"
        min="0"
        max="90"
        :value="facts.slopeDeg"
        @input="set('slopeDeg', Math.min(90, Math.max(0, Number(value($event)) || 0)))"
    /></label>
    <label class="field"
      ><span>{{ words.t('patch.facts.owner') }}</span
      ><input maxlength="120" :value="facts.owner" @input="set('owner', value($event))"
    /></label>
    <label v-if="facts.leave === 'given'" class="field"
      ><span>{{ words.t('patch.facts.leaveUntil') }}</span
      ><input type="date" :value="facts.leaveUntil ?? ''" @input="set('leaveUntil', value($event) || null)"
    /></label>
    <label v-if="facts.hazards.includes('tide')" class="field wide"
      ><span>{{ words.t('patch.facts.tideLevel') }}</span>
      <NumberField
        :model-value="facts.tideLevelM ?? null"
        size="large"
        :label="words.t('patch.facts.tideLevel')"
        @update:model-value="set('tideLevelM', $event ?? null)" />
      <span class="soft small">{{ words.t('patch.facts.tideLevelText') }}</span></label
    >
    <div class="field wide">
      <span>{{ words.t('patch.facts.leaveDays') }}</span>
      <div class="days">
        <button type="button" class="chip" :aria-pressed="!facts.leaveDays" @click="set('leaveDays', null)">
          {{ words.t('patch.facts.leaveAlways') }}
        </button>
        <label v-for="end in ['from', 'to'] as const" :key="end"
          >{{ words.t(end === 'from' ? 'patch.facts.leaveFrom' : 'patch.facts.leaveTo') }}
          <select
            :aria-label="`${words.t(end === 'from' ? 'patch.facts.leaveFrom' : 'patch.facts.leaveTo')}, ${words.t('patch.facts.month')}`"
            :value="facts.leaveDays?.[end].slice(0, 2) ?? ''"
            @change="setLeaveDay(end, { month: value($event) })">
            <option value="" disabled>–</option>
            <option v-for="m in 12" :key="m" :value="two(m)">{{ words.format.month(m - 1) }}</option>
          </select>
          <select
            :aria-label="`${words.t(end === 'from' ? 'patch.facts.leaveFrom' : 'patch.facts.leaveTo')}, ${words.t('patch.facts.day')}`"
            :value="facts.leaveDays?.[end].slice(3) ?? ''"
            @change="setLeaveDay(end, { day: value($event) })">
            <option value="" disabled>–</option>
            <option v-for="d in daysIn(facts.leaveDays?.[end])" :key="d" :value="two(d)">{{ d }}</option>
          </select></label
        >
      </div>
    </div>
    <label class="field wide"
      ><span>{{ words.t('patch.facts.access') }}</span
      ><input maxlength="600" :value="facts.access" @input="set('access', value($event))"
    /></label>
    <label class="field wide"
      ><span>{{ words.t('patch.facts.neighbours') }}</span
      ><input maxlength="600" :value="facts.neighbours" @input="set('neighbours', value($event))"
    /></label>
    <div class="wide field">
      <span>{{ words.t('patch.facts.hazards') }}</span>
      <div class="chips">
        <button
          v-for="h in HAZARDS"
          :key="h"
          type="button"
          class="chip"
          :aria-pressed="facts.hazards.includes(h)"
          @click="toggle(h)">
          {{ words.t(`patch.hazard.${h}`) }}
        </button>
      </div>
      <p v-if="facts.hazards.some((h) => CONTAMINATING.includes(h))" class="warn">
        {{ words.t('patch.contaminating') }}
      </p>
    </div>
    <label class="wide"
      ><input
        type="checkbox"
        :checked="facts.secret"
        @change="set('secret', ($event.target as HTMLInputElement).checked)" />
      {{ words.t('patch.secret') }} <span class="soft small">{{ words.t('patch.secretNote') }}</span></label
    >
  </div>
</template>

<style scoped>
.facts {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 0 16px;
}
.wide {
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
.days select {
  width: auto;
}
.chip {
  border-radius: 4px;
}
</style>
