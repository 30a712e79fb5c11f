<script setup lang="ts">
import { computed } from 'vue';
import type { FutureTold } from '@emberfield/core/population';
import HouseChart from '../charts/HouseChart.vue';
import { useWords } from '../session/words.ts';
import { fanOption } from './fan-option.ts';
import { sayWorkRange } from '../replanting/say-put-back.ts';
import { ofHundred, type PlanKey } from './plans.ts';

/** One plan: its fan, and what came of it in figures. */
const props = defineProps<{
  plan: PlanKey;
  about: string;
  told: FutureTold | undefined;
  began: number;
  firstYear: number;
  floor: number;
  most: number;
  /** Work for each plant taken from; `null`: nobody knows. */
  minutesEach: number | null;
  unit: string;
}>();
const words = useWords();
const lastYear = computed(() => props.firstYear + (props.told?.fan.length ?? 0));
const below = computed(() => props.told?.below.at(-1) ?? 0);
const shareText = (share: number): string =>
  share > 0 && share < 0.01
    ? words.value.t('bench.lessThanOne')
    : words.value.t('bench.ofHundred', { n: words.value.format.number(Math.round(100 * share)) });
const range = (quantiles: readonly number[]): string => {
  if (quantiles.every((n) => n === 0)) return words.value.t('bench.none');
  const [low, , middle, , high] = quantiles.map((n) => words.value.format.number(Math.round(n)));
  return words.value.t('bench.range', { low: low!, middle: middle!, high: high! });
};
const back = computed(() => {
  const { t } = words.value;
  if (!props.told) return '';
  if (props.told.recoveredIn !== null) return t('bench.backYears', { n: props.told.recoveredIn });
  return props.told.fan.every((q) => q[2]! >= props.began) ? t('bench.neverDown') : t('bench.notBack');
});
/** In all the years, as the plants are that are taken from. */
const work = computed(() => {
  const { t } = words.value;
  const { told, minutesEach } = props;
  if (!told) return '';
  if (told.touched.every((n) => n === 0)) return t('bench.none');
  if (minutesEach === null) return t('bench.workUnknown');
  const [low, , middle, , high] = told.touched.map((n) => n * minutesEach);
  return sayWorkRange([low!, middle!, high!], words.value);
});
const rows = computed(() => {
  const { t } = words.value;
  const { told } = props;
  if (!told) return [];
  return [
    { name: t('bench.row.below', { year: lastYear.value }), value: shareText(below.value), warn: below.value > 0.5 },
    { name: t('bench.row.ever'), value: shareText(told.everBelow), warn: false },
    { name: t('bench.row.touched'), value: range(told.touched), warn: false },
    { name: t('bench.row.now'), value: range(told.touchedNow), warn: false },
    { name: t('bench.row.work'), value: work.value, warn: false },
    { name: t('bench.row.back'), value: back.value, warn: false },
  ];
});
const said = computed(() => {
  if (!props.told) return '';
  const [low, lower, middle, upper, high] = props.told.fan.at(-1)!.map((n) => words.value.format.number(Math.round(n)));
  return words.value.t('bench.fan', {
    plan: words.value.t(`bench.plan.${props.plan}`),
    year: lastYear.value,
    low: low!,
    lower: lower!,
    middle: middle!,
    upper: upper!,
    high: high!,
    below: words.value.format.number(ofHundred(below.value), 1),
  });
});
const option = computed(
  () =>
    props.told &&
    fanOption({
      told: props.told,
      began: props.began,
      firstYear: props.firstYear,
      floor: props.floor,
      most: props.most,
      floorName: words.value.t('bench.floorLine'),
      number: (n) => words.value.format.number(n),
      falls: below.value > 0.5,
    }),
);
</script>

<template>
  <section class="plan" :aria-label="words.t(`bench.plan.${plan}`)">
    <h2>{{ words.t(`bench.plan.${plan}`) }}</h2>
    <p class="soft about">{{ about }}</p>
    <HouseChart v-if="option" :option="option" :label="said" :height="210" :file="`${unit}-${plan}`" />
    <div v-else class="waiting" aria-hidden="true" />
    <dl v-if="told">
      <div v-for="r in rows" :key="r.name">
        <dt>{{ r.name }}</dt>
        <dd :class="{ warn: r.warn }">{{ r.value }}</dd>
      </div>
    </dl>
    <slot />
  </section>
</template>

<style scoped>
.plan {
  padding: 0 14px 14px 0;
}
h2 {
  margin: 8px 0 0;
}
.about {
  margin: 0 0 4px;
  min-height: 2.8em;
}
.waiting {
  height: 210px;
}
dl {
  margin: 4px 0 10px;
}
dl > div {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  border-top: 1px solid var(--hair);
  padding: 5px 0;
}
dd {
  margin: 0;
  font-weight: 640;
  text-align: right;
}
</style>
