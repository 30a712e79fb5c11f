<script setup lang="ts">
import { Input } from 'ant-design-vue';
import { computed } from 'vue';
import type { OpenTake } from '@emberfield/contract';
import { DRYING_FORMS, dryingPrior, isOddMass, KEEPING_WAYS, type KeepingWay } from '@emberfield/core/larder';
import ChoiceChips from '../kit/ChoiceChips.vue';
import NumberField from '../kit/NumberField.vue';
import PickOne from '../kit/PickOne.vue';
import WeighIt from '../scale/WeighIt.vue';
import { useWords } from '../session/words.ts';
import type { Lot } from './sort-draft.ts';

/** What goes into one jar: how heavy, how it is kept, what is written on it. */
const props = defineProps<{
  /** What one unit of it weighs, and so many units as lie there; where either is not known nothing is said. */
  each: OpenTake['each'];
  units: number | null;
  washed: boolean;
  part: OpenTake['part'];
}>();
const lot = defineModel<Lot>({ required: true });
const words = useWords();
const set = (over: Partial<Lot>): void => void (lot.value = { ...lot.value, ...over });
const ways = computed(() =>
  KEEPING_WAYS.map((value) => ({ value: value as KeepingWay, label: words.value.t(`larder.ways.${value}`) })),
);
const usual = computed(() => {
  const { each, units } = props;
  if (!each || !units || units <= 0) return null;
  const mass = (g: number): string => words.value.format.mass(g * units);
  return {
    text: words.value.t('larder.usual', { mass: mass(each.value), low: mass(each.low), high: mass(each.high) }),
    isOdd:
      lot.value.massG !== null &&
      lot.value.massG > 0 &&
      isOddMass(each, { massG: lot.value.massG, amount: units, washed: props.washed }),
  };
});
/** Either way of drying, in days, beside the other. */
const sideBySide = computed(() => {
  const [mesh, bundle] = (['mesh', 'bundle'] as const).map((form) => {
    const { value, low, high } = dryingPrior(props.part, form, lot.value.humidityPct).dryHours;
    return [value, low, high].map((h) => words.value.format.number(h / 24, 0));
  });
  const [[m, ml, mh], [b, bl, bh]] = [mesh!, bundle!];
  return words.value.t('larder.sideBySide', {
    ...{ mesh: m!, meshLow: ml!, meshHigh: mh!, bundle: b!, bundleLow: bl!, bundleHigh: bh! },
  });
});
</script>

<template>
  <label class="line"
    >{{ words.t('larder.mass') }}
    <NumberField
      :model-value="lot.massG"
      unit="g"
      :label="words.t('larder.mass')"
      @update:model-value="set({ massG: $event ?? null })"
  /></label>
  <WeighIt @weighed="set({ massG: $event })" />
  <p v-if="usual?.isOdd" class="warn" role="status">{{ usual.text }} {{ words.t('larder.odd') }}</p>
  <p v-else-if="usual" class="soft small">{{ usual.text }}</p>
  <label class="line"
    >{{ words.t('larder.way') }}
    <PickOne
      :model-value="lot.way"
      :label="words.t('larder.way')"
      :options="ways"
      @update:model-value="$event && set({ way: $event })"
  /></label>
  <template v-if="lot.way === 'dry'">
    <ChoiceChips
      :model-value="lot.form"
      :label="words.t('larder.form')"
      :options="DRYING_FORMS.map((value) => ({ value, label: words.t(`larder.forms.${value}`) }))"
      @update:model-value="$event && set({ form: $event })" />
    <p class="soft small">{{ sideBySide }}</p>
    <label class="line"
      >{{ words.t(`larder.across.${lot.form}`) }}
      <NumberField
        :model-value="lot.acrossCm"
        :label="words.t(`larder.across.${lot.form}`)"
        @update:model-value="set({ acrossCm: $event ?? null })"
    /></label>
    <label class="line"
      >{{ words.t('larder.humidity') }}
      <NumberField
        whole
        :model-value="lot.humidityPct"
        :label="words.t('larder.humidity')"
        @update:model-value="set({ humidityPct: $event ?? null })"
    /></label>
  </template>
  <label class="line"
    >{{ words.t('larder.name') }} <Input :value="lot.name" :maxlength="80" @update:value="set({ name: $event })"
  /></label>
</template>
