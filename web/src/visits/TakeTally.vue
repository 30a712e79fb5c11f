<script setup lang="ts">
import { computed } from 'vue';
import type { AllowanceView } from '@emberfield/contract';
import { useWords } from '../session/words.ts';
import { dotsFor, stepsFor } from './tally.ts';

/** The big number, what it leaves, and the steps. */
const props = defineProps<{ amount: number; allowance: AllowanceView }>();
const emit = defineEmits<{ add: [amount: number] }>();
const words = useWords();
const steps = computed(() => stepsFor(props.allowance));
const dots = computed(() =>
  props.allowance.amountLeft === null ? null : dotsFor(props.amount, props.allowance.amountLeft),
);
const leaves = computed(() => {
  const { amount, amountLeft, unit, kind } = props.allowance;
  if (amount !== null && amountLeft !== null) {
    const left = words.value.format.number(Math.max(0, amountLeft - props.amount), 1);
    return words.value.t('take.of', { amount: words.value.amount(amount, unit), left });
  }
  if (kind === 'all') return words.value.t('take.noLimit');
  return words.value.t('take.relative', { rule: words.value.allowance(props.allowance) });
});
</script>

<template>
  <div class="number" aria-live="polite">{{ words.format.number(amount, 1) }}</div>
  <p class="soft middle">{{ leaves }}</p>
  <div v-if="dots" class="dots" aria-hidden="true">
    <i v-for="n in dots.all" :key="n" :class="{ on: n <= dots.filled }" />
  </div>
  <div class="steps">
    <button type="button" class="step" :aria-label="words.t('take.minus')" @click="emit('add', -steps[0]!)">
      − {{ steps[0] }}
    </button>
    <button type="button" class="step big" :aria-label="words.t('take.plus')" @click="emit('add', steps[0]!)">
      + {{ steps[0] }}
    </button>
    <button v-for="s in steps.slice(1)" :key="s" type="button" class="step" @click="emit('add', s)">+ {{ s }}</button>
  </div>
</template>

<style scoped>
.number {
  font: 560 92px/1 var(--serif);
  text-align: center;
}
.middle {
  text-align: center;
}
.dots {
  display: flex;
  justify-content: space-between;
  max-width: 360px;
  width: 100%;
  margin: 0 auto;
}
.dots i {
  width: 14px;
  height: 14px;
  border: 2px solid var(--edge);
  border-radius: 50%;
}
.dots .on {
  background: var(--ember);
  border-color: var(--ember);
}
.steps {
  display: flex;
  gap: 10px;
  align-items: stretch;
}
.step {
  flex: 1;
  min-height: 64px;
}
.big {
  flex: 1.7;
  min-height: 96px;
  font-size: 32px;
  background: var(--ember-ink);
  border-color: var(--ember-ink);
  color: var(--on-ember);
}
:root[data-theme='night'] .big {
  background: #e8703f;
  border-color: #e8703f;
}
</style>
