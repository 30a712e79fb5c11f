<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { QUALITIES, type PartKey } from '@emberfield/contract';
import ChoiceChips from '../kit/ChoiceChips.vue';
import CoalMark from '../kit/CoalMark.vue';
import StateNote from '../kit/StateNote.vue';
import { useGroup } from '../people/use-group.ts';
import { useDay } from '../platform/use-day.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../platform/words.ts';
import { useStand } from '../stands/queries.ts';
import OverScreen from './OverScreen.vue';
import { dotsFor, goesOver, stepsFor } from './tally.ts';
import { useEntries } from './use-entries.ts';

const words = useWords();
const route = useRoute();
const router = useRouter();
const { groupId } = useGroup();
const { today } = useDay();
const undo = useUndo();
const { make, send, withdraw } = useEntries();
const standId = computed(() => String(route.params['standId']));
// Takes are of the real today, whatever day the ribbon looks at.
const stand = useStand(groupId, standId, ref(undefined));

type Tally = {
  part: PartKey | null;
  amount: number;
  plants: number;
  quality: (typeof QUALITIES)[number] | null;
  eaten: boolean;
  overReason: string;
  day: string;
};
const blank = (): Tally => ({ part: null, amount: 0, plants: 0, quality: null, eaten: false, overReason: '', day: '' });
const tally = useLocalStorage<Tally>(`emberfield-take-${standId.value}`, blank());
const outlooks = computed(() => {
  const seen = new Set<string>();
  const order = ['glowing', 'fading', 'kindling', 'banked', 'cold', 'ash'];
  return [...(stand.data.value?.outlooks ?? [])]
    .sort((a, b) => order.indexOf(a.readiness.state) - order.indexOf(b.readiness.state))
    .filter((o) => !seen.has(o.part) && seen.add(o.part));
});
watch(
  outlooks,
  (now) => {
    const asked = route.query['part'];
    const known =
      now.find((o) => o.part === (tally.value.part ?? asked)) ?? now.find((o) => o.part === asked) ?? now[0];
    if (known && tally.value.part !== known.part) tally.value = { ...blank(), part: known.part };
  },
  { immediate: true },
);
const outlook = computed(() => outlooks.value.find((o) => o.part === tally.value.part));
const allowance = computed(() => outlook.value?.allowance);
const steps = computed(() => (allowance.value ? stepsFor(allowance.value) : [1]));
const dots = computed(() =>
  allowance.value?.amountLeft == null ? null : dotsFor(tally.value.amount, allowance.value.amountLeft),
);
const holding = ref(false);
const confirmedOver = computed(() => tally.value.overReason !== '');
const checks = computed(
  () => stand.data.value?.profile.lookAlikes.filter((l) => l.severity === 'deadly' || l.severity === 'poisonous') ?? [],
);
const part = computed(() => stand.data.value?.profile.parts.find((p) => p.key === tally.value.part));
const busy = ref(false);
const failure = ref('');

function add(n: number): void {
  const amount = Math.max(0, Math.round((tally.value.amount + n) * 10) / 10);
  if (n > 0 && allowance.value && goesOver(allowance.value, amount) && !confirmedOver.value) holding.value = true;
  else tally.value = { ...tally.value, amount };
}
function overrule(reason: string): void {
  tally.value = {
    ...tally.value,
    overReason: reason,
    amount: Math.round((tally.value.amount + (steps.value[0] ?? 1)) * 10) / 10,
  };
  holding.value = false;
}
async function keep(): Promise<void> {
  const s = stand.data.value!;
  const { part: key, amount, plants, quality, eaten, overReason, day } = tally.value;
  busy.value = true;
  failure.value = '';
  try {
    const entry = make({
      kind: 'take',
      patchId: s.patchId,
      standId: s.id,
      day: day || today.value,
      body: {
        part: key!,
        amount,
        measure: 'unit',
        plants: plants > 0 ? plants : null,
        killed: part.value?.kills ? amount : null,
        quality,
        eatenOnTheSpot: eaten,
        overReason,
      },
    });
    const [result] = await send([entry]);
    if (!result || result.status === 'needsAttention') {
      failure.value = result?.message ?? '';
      return;
    }
    const what = words.value.amount(amount, allowance.value!.unit);
    const left = result.take?.leftAfter;
    const over = result.take?.verdict === 'over';
    undo.say(
      over
        ? words.value.t('take.storedOver', { what, why: words.value.heldBy(result.take!.allowance) })
        : left == null
          ? words.value.t('take.stored', { what })
          : words.value.t('take.storedLeft', { what, left: words.value.amount(left, allowance.value!.unit) }),
      () => withdraw(entry, today.value),
      over,
    );
    tally.value = blank();
    await router.replace({ name: 'stand', params: { standId: s.id } });
  } catch (error) {
    failure.value = (error as Error).message;
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <StateNote v-if="stand.isError.value" state="failed" :text="stand.error.value?.message" @retry="stand.refetch()" />
  <StateNote v-else-if="!stand.data.value || !outlook || !allowance" state="loading" />
  <OverScreen
    v-else-if="holding"
    :place="`${stand.data.value.patchName} · ${words.text(stand.data.value.plantName)}`"
    :allowance="allowance"
    @back="holding = false"
    @more="overrule"
    @finish="holding = false" />
  <form v-else class="field-screen" @submit.prevent="keep">
    <div class="bar">
      {{ [stand.data.value.patchName, stand.data.value.where].filter(Boolean).join(', ')
      }}<RouterLink :to="{ name: 'stand', params: { standId } }">{{ words.t('common.cancel') }}</RouterLink>
    </div>
    <div class="body">
      <div class="name">
        <CoalMark
          :readiness="outlook.readiness"
          :thorns="outlook.thorns"
          :size="46"
          :label="words.coal(outlook.readiness, outlook.thorns)" />
        <h1>{{ words.text(stand.data.value.plantName) }} · {{ words.text(outlook.partName) }}</h1>
      </div>
      <ChoiceChips
        v-if="outlooks.length > 1"
        :model-value="tally.part"
        :label="words.t('take.which')"
        :options="outlooks.map((o) => ({ value: o.part, label: words.text(o.partName) }))"
        @update:model-value="tally = { ...tally, part: $event, amount: 0, overReason: '' }" />
      <details v-if="checks.length" class="checks" :open="outlook.thorns">
        <summary>{{ words.t('take.checks') }}</summary>
        <p v-for="l in checks" :key="l.scientific">
          <b>{{ words.text(l.name) }}</b
          >: {{ words.text(l.separatedBy) }}
        </p>
      </details>
      <div class="number" aria-live="polite">{{ words.format.number(tally.amount, 1) }}</div>
      <p class="soft middle">
        <template v-if="allowance.amount !== null && allowance.amountLeft !== null">{{
          words.t('take.of', {
            amount: words.amount(allowance.amount, allowance.unit),
            left: words.format.number(Math.max(0, allowance.amountLeft - tally.amount), 1),
          })
        }}</template>
        <template v-else-if="allowance.kind === 'all'">{{ words.t('take.noLimit') }}</template>
        <template v-else>{{ words.t('take.relative', { rule: words.allowance(allowance) }) }}</template>
      </p>
      <div v-if="dots" class="dots" aria-hidden="true">
        <i v-for="n in dots.all" :key="n" :class="{ on: n <= dots.filled }" />
      </div>
      <div class="steps">
        <button type="button" class="step" :aria-label="words.t('take.minus')" @click="add(-steps[0]!)">
          − {{ steps[0] }}
        </button>
        <button type="button" class="step big" :aria-label="words.t('take.plus')" @click="add(steps[0]!)">
          + {{ steps[0] }}
        </button>
        <button v-for="s in steps.slice(1)" :key="s" type="button" class="step" @click="add(s)">+ {{ s }}</button>
      </div>
      <div class="row">
        <span>{{ words.t('take.fromPlants') }}</span
        ><button
          type="button"
          class="step"
          :aria-label="words.t('take.minus')"
          @click="tally.plants = Math.max(0, tally.plants - 1)">
          −</button
        ><b>{{ tally.plants || '–' }}</b
        ><button type="button" class="step" :aria-label="words.t('take.plantDone')" @click="tally.plants++">+</button>
      </div>
      <p class="soft">{{ words.t('take.quality') }}</p>
      <ChoiceChips
        v-model="tally.quality"
        optional
        :label="words.t('take.quality')"
        :options="QUALITIES.map((q) => ({ value: q, label: words.t(`take.qualities.${q}`) }))" />
      <div class="row">
        <button type="button" class="chip" :aria-pressed="tally.eaten" @click="tally.eaten = !tally.eaten">
          {{ words.t('take.eaten') }}</button
        ><label class="day"
          ><span class="soft">{{ words.t('take.when') }}</span
          ><input
            type="date"
            :value="tally.day || today"
            :max="today"
            @input="tally.day = ($event.target as HTMLInputElement).value"
        /></label>
      </div>
      <p v-if="part" class="soft small">{{ words.text(part.method) }}</p>
      <p v-if="failure" class="warn" role="alert">{{ failure }}</p>
    </div>
    <div class="foot">
      <button type="button" class="btn" :disabled="tally.amount === 0" @click="add(-tally.amount)">
        {{ words.t('common.undo') }}</button
      ><button type="submit" class="btn main" :disabled="tally.amount === 0 || busy">
        {{ words.t('take.store') }}
      </button>
    </div>
  </form>
</template>

<style scoped>
.field-screen {
  max-width: 560px;
  margin: 0 auto;
  font-size: 18px;
  padding-bottom: 110px;
}
.bar {
  display: flex;
  justify-content: space-between;
  gap: 14px;
  background: #2b2622;
  color: #f7f3ec;
  padding: 12px 18px;
  font-size: 15px;
}
.bar a {
  color: #f0a03c;
  flex: none;
}
.body {
  padding: 14px 18px;
  display: grid;
  gap: 10px;
}
.body p {
  margin: 0;
}
.name {
  display: flex;
  gap: 12px;
  align-items: center;
}
h1 {
  font-size: 26px;
}
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
  min-width: 56px;
  border: 2px solid var(--edge);
  border-radius: 8px;
  background: var(--sheet);
  color: var(--char);
  font: 640 20px var(--sans);
  cursor: pointer;
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
.row {
  display: flex;
  gap: 12px;
  align-items: center;
  flex-wrap: wrap;
}
.row > span:first-child {
  flex: 1;
}
.row .step {
  flex: 0 0 56px;
  min-height: 52px;
}
.row b {
  min-width: 34px;
  text-align: center;
}
.day {
  margin-left: auto;
  display: flex;
  gap: 8px;
  align-items: center;
  font-size: 15px;
}
input[type='date'] {
  font: inherit;
  min-height: 48px;
  background: var(--sheet);
  color: var(--char);
  border: 1px solid var(--edge);
  border-radius: 4px;
  padding: 0 8px;
  color-scheme: light dark;
}
.checks {
  background: var(--band);
  border-left: 4px solid var(--ember);
  padding: 10px 14px;
  font-size: 16px;
}
.checks p {
  margin-top: 6px;
}
summary {
  font-weight: 640;
  cursor: pointer;
}
.foot {
  position: fixed;
  inset: auto 0 0;
  display: flex;
  gap: 10px;
  padding: 14px max(18px, calc(50vw - 262px)) 20px;
  background: var(--band);
  border-top: 1px solid var(--hair);
  z-index: 10;
}
.foot .btn {
  flex: 1;
  min-height: 60px;
  font-size: 19px;
  border-width: 2px;
}
</style>
