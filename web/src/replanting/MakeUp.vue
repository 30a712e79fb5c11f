<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { dayNumber, yearOf } from '@emberfield/core/measure';
import type { Range } from '@emberfield/core/population';
import { putInToReach, WAY_GUIDES, yearsUntilBack, type PlantingWay, type PutIn } from '@emberfield/core/replanting';
import type { PuttingBack } from '@emberfield/core/stand';
import ChoiceChips from '../kit/ChoiceChips.vue';
import FoldUp from '../kit/FoldUp.vue';
import NumberField from '../kit/NumberField.vue';
import { useWords } from '../session/words.ts';
import CountStepper from '../kit/CountStepper.vue';
import { roughly, sayWhen, sayWork, sayYears } from './say-put-back.ts';

/** By which way, how many, and what comes of it: when it is back, when and how to put them in, and the work. */
const props = defineProps<{ told: PuttingBack; day: string; latitudeDeg: number }>();
const way = defineModel<PlantingWay>('way', { required: true });
const number = defineModel<number | null>('number', { required: true });
const words = useWords();
const advice = computed(() => props.told.ways.find((w) => w.way === way.value) ?? props.told.ways[0]!);
const guide = computed(() => WAY_GUIDES[advice.value.way]);
const many = (n: number): string => words.value.format.number(roughly(n));
const range = (r: Range, times = 1) => ({
  n: many(r.value * times),
  low: many(r.low * times),
  high: many(r.high * times),
});
// Of each way as many as make up for what is owed, until somebody says another number.
const suggested = computed(() => Math.max(1, roughly(props.told.owed * advice.value.perKilled.value)));
watch(advice, () => (number.value = suggested.value), { immediate: true });
const percent = (share: number): string => words.value.format.percent(share);
const lives = computed(() => {
  const { value, low, high } = advice.value.survival;
  return words.value.t('putBack.live', { n: percent(value), low: percent(low), high: percent(high) });
});
const basis = computed(() =>
  advice.value.cohorts === 0
    ? words.value.t('putBack.liveEstimate')
    : words.value.t('putBack.liveSeen', { n: advice.value.cohorts }),
);
const back = computed(() => {
  const { grown, owed, from, lives: drawn } = props.told;
  if (grown === null) return null;
  const ask = (putIn: readonly PutIn[]) => yearsUntilBack(drawn, { grown: grown + owed, killed: owed, from, putIn });
  const { into, drawn: survival } = advice.value;
  return { alone: ask([]), with: ask([{ number: number.value || 0, into, survival }]) };
});
const how = computed(() =>
  words.value.t('putBack.howText', {
    depth: guide.value.depthCm.join('–'),
    apart: guide.value.apartCm.join('–'),
    minutes: sayWork(guide.value.minutes * (number.value || 0), words.value),
  }),
);
const thisYear = computed(() => yearOf(dayNumber(props.day)));
const target = ref<number | null>(null);
const targetYear = ref<number | null>(null);
const MOST_AHEAD = 50;
/** Nobody sets more than this: then it cannot be reached. */
const MOST_SET = 1e5;
const needed = computed(() => {
  const years = (targetYear.value ?? NaN) - thisYear.value;
  const { grown, lives: drawn, from } = props.told;
  if (grown === null || !(target.value! > 0) || !(years >= 1 && years <= MOST_AHEAD)) return null;
  const { into, drawn: survival } = advice.value;
  const set = putInToReach(drawn, { grown, target: target.value!, years, from, into, survival });
  if (set.value === 0) return words.value.t('putBack.targetAlone');
  return set.value > MOST_SET
    ? words.value.t('putBack.targetTooMany')
    : words.value.t('putBack.targetNeeds', range({ ...set, high: Math.min(set.high, MOST_SET) }));
});
</script>

<template>
  <section>
    <h2>{{ words.t('putBack.plan') }}</h2>
    <p class="soft small">{{ words.t('putBack.planLead') }}</p>
    <ChoiceChips
      :model-value="advice.way"
      :label="words.t('putBack.plan')"
      :options="told.ways.map((w) => ({ value: w.way, label: words.t(`putBack.way.${w.way}`) }))"
      @update:model-value="$event && (way = $event)" />
    <div class="how-many">
      <span>{{ words.t('putBack.number') }}</span>
      <CountStepper v-model="number" :label="words.t('putBack.number')" />
    </div>
    <p>
      <b v-if="told.owed >= 0.5">{{ words.t('putBack.enough', range(advice.perKilled, told.owed)) }}</b>
      <template v-else>{{ words.t('putBack.each', range(advice.perKilled)) }}</template>
    </p>
    <dl>
      <dt>{{ words.t('putBack.back') }}</dt>
      <dd v-if="!back">{{ words.t('putBack.backUncounted') }}</dd>
      <dd v-else-if="told.owed < 0.5">{{ words.t('putBack.backNow') }}</dd>
      <dd v-else>
        <b>{{ words.t('putBack.backWith', { n: sayYears(back.with, words) }) }}</b><br />{{
          words.t('putBack.backAlone', { n: sayYears(back.alone, words) })
        }}
      </dd>
      <dt>{{ words.t('putBack.from') }}</dt>
      <dd>{{ words.t(`putBack.fromOf.${advice.way}`) }}</dd>
      <dt>{{ words.t('putBack.when') }}</dt>
      <dd>{{ sayWhen(guide.when, day, latitudeDeg, words) }}</dd>
      <dt>{{ words.t('putBack.how') }}</dt>
      <dd>{{ how }}</dd>
      <dt>{{ words.t('putBack.aliveTitle') }}</dt>
      <dd>
        {{ lives }}, {{ basis }}.
        {{
          advice.yearsToFlower === null
            ? words.t('putBack.flowerNever')
            : words.t('putBack.flower', { n: advice.yearsToFlower })
        }}
      </dd>
    </dl>
    <div v-if="told.grown !== null" class="target no-print">
      <span>{{ words.t('putBack.target') }}</span>
      <NumberField v-model="target" whole :label="words.t('putBack.targetGrown')" />
      <span>{{ words.t('putBack.targetGrown') }} {{ words.t('putBack.targetYear') }}</span>
      <NumberField
        v-model="targetYear"
        whole
        :label="words.t('putBack.targetYear')"
        :placeholder="String(thisYear + 8)" />
      <b v-if="needed" role="status">{{ needed }}</b>
    </div>
    <FoldUp :title="words.t('putBack.reckoned')">
      <p>{{ words.t('putBack.weight') }}</p>
      <p class="soft">{{ words.t('putBack.estimates') }}</p>
    </FoldUp>
  </section>
</template>

<style scoped>
.how-many,
.target {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  margin: 10px 0;
}
.target > .ant-input {
  width: 90px;
}
dl {
  display: grid;
  grid-template-columns: minmax(90px, max-content) minmax(0, 1fr);
  gap: 6px 14px;
}
dt {
  color: var(--soft);
}
dd {
  margin: 0;
}
</style>
