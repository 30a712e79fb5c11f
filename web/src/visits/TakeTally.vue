<script setup lang="ts">
import { Button } from 'ant-design-vue';
import NumberField from '../kit/NumberField.vue';
import { computed, nextTick, ref } from 'vue';
import type { AllowanceView } from '@emberfield/contract';
import { useWords } from '../session/words.ts';
import { dotsFor, stepsFor, type Counted } from './tally.ts';

/** The big number, what it leaves, and the steps. */
const props = defineProps<{
  amount: number;
  allowance: AllowanceView;
  counted: Counted;
  /** Units of the part in one of what is counted; `null`: nobody said, and nothing can be tallied. */
  each: number | null;
}>();
const emit = defineEmits<{ add: [amount: number] }>();
const words = useWords();
const steps = computed(() => stepsFor(props.allowance, props.counted));
const inUnits = computed(() => props.amount * (props.each ?? 0));
const dots = computed(() =>
  props.allowance.amountLeft === null ? null : dotsFor(inUnits.value, props.allowance.amountLeft),
);
const leaves = computed(() => {
  const { amount, amountLeft, unit, kind } = props.allowance;
  if (amount !== null && amountLeft !== null) {
    const left = words.value.format.number(Math.max(0, amountLeft - inUnits.value), 1);
    return words.value.t('take.of', { amount: words.value.amount(amount, unit), left });
  }
  if (kind === 'all') return words.value.t('take.noLimit');
  return words.value.t('take.relative', { rule: words.value.allowance(props.allowance) });
});
/** Many are typed sooner than pressed. */
const MOST = 1_000_000;
const typing = ref(false);
const typed = ref<number | null>(null);
const field = ref<HTMLElement | null>(null);
const fits = computed(() => typed.value === null || (typed.value >= 0 && typed.value <= MOST));
async function begin(): Promise<void> {
  typed.value = props.amount === 0 ? null : props.amount;
  typing.value = true;
  await nextTick();
  field.value?.querySelector('input')?.focus();
}
function settle(): void {
  // What is no amount stays to be put right.
  if (!typing.value || !fits.value) return;
  typing.value = false;
  if (typed.value !== null && typed.value !== props.amount) emit('add', typed.value - props.amount);
}
</script>

<template>
  <div v-if="typing" ref="field" class="typed" @focusout="settle" @keydown.enter.prevent="settle">
    <NumberField v-model="typed" size="large" :label="words.t('take.typed')" />
    <p v-if="typed !== null && !fits" class="warn small" role="alert">{{ words.t('take.typedWrong') }}</p>
  </div>
  <Button
    v-else
    type="text"
    class="number"
    :disabled="each === null"
    :title="words.t('take.typed')"
    aria-live="polite"
    @click="begin"
    >{{ words.format.number(amount, 1)
    }}<small v-if="counted !== 'unit'">{{ words.t(`take.countedIn.${counted}`, { n: amount }) }}</small></Button
  >
  <p class="soft middle">{{ leaves }}<br v-if="words.aside(allowance)" />{{ words.aside(allowance) }}</p>
  <div v-if="dots" class="dots" aria-hidden="true">
    <i v-for="n in dots.all" :key="n" :class="{ on: n <= dots.filled }" />
  </div>
  <div class="steps">
    <Button class="step" :aria-label="words.t('take.minus')" @click="emit('add', -steps[0]!)">
      − {{ steps[0] }}
    </Button>
    <Button
      class="step big"
      :disabled="each === null"
      :aria-label="words.t('take.plus')"
      @click="emit('add', steps[0]!)">
      + {{ steps[0] }}
    </Button>
    <Button v-for="s in steps.slice(1)" :key="s" class="step" :disabled="each === null" @click="emit('add', s)"
      >+ {{ s }}</Button
    >
  </div>
</template>

<style scoped>
.number {
  height: 76px;
  padding: 0;
  font: 560 64px/1 var(--serif);
}
.number small {
  margin-left: 10px;
  font: 18px var(--sans);
}
.typed {
  width: 100%;
  height: 76px;
  font-size: 44px;
}
.typed :deep(input) {
  height: 76px;
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
  min-height: 76px;
}
.big {
  flex: 1.7;
  min-height: 76px;
  font-size: 32px;
  background: var(--ember-ink);
  border-color: var(--ember-ink);
  color: var(--on-ember);
}
.big:disabled {
  opacity: 0.4;
}
:root[data-theme='night'] .big {
  background: #e8703f;
  border-color: #e8703f;
}
</style>
