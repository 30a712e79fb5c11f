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
import { useWords } from '../platform/words.ts';

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
.chip {
  border-radius: 4px;
}
</style>
