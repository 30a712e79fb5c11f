<script setup lang="ts">
import { Button, Checkbox, Input } from 'ant-design-vue';
import { computed } from 'vue';
import { EATINGS, PART_KEYS, UNIT_KEYS, type PartKey } from '@emberfield/contract';
import FormField from '../form/FormField.vue';
import type { FieldsForm } from '../form/use-form.ts';
import ChoiceChips from '../kit/ChoiceChips.vue';
import NumberField from '../kit/NumberField.vue';
import PickOne from '../kit/PickOne.vue';
import YearDayField from '../kit/YearDayField.vue';
import { useWords } from '../session/words.ts';
import { blankPart, type PartForm } from './plain-form.ts';

/** What is taken of it: each part with its times of the year, what it is counted in, and the most of it. */
defineProps<{ form: FieldsForm }>();
const parts = defineModel<PartForm[]>({ required: true });
const words = useWords();
const left = computed(() =>
  PART_KEYS.filter((k) => !parts.value.some((p) => p.part === k)).map((k) => ({
    value: k,
    label: words.value.t(`plants.partName.${k}`),
  })),
);
const nameOf = (part: PartKey): string => words.value.t(`plants.partName.${part}`);
/** "12 leaves" without the number. */
</script>

<template>
  <FormField bare :form="form" at="parts$" :label="words.t('ownPlant.parts')">
    <fieldset v-for="(p, i) in parts" :key="p.part" class="one">
      <legend>{{ nameOf(p.part) }}</legend>
      <div v-for="(period, n) in p.periods" :key="n" class="period">
        <FormField
          v-for="end in ['from', 'to'] as const"
          :key="end"
          :form="form"
          :at="`parts[${i}].periods[${n}].${end}`"
          :label="words.t(`ownPlant.${end}`)">
          <YearDayField v-model="period[end]" :label="`${nameOf(p.part)}, ${words.t(`ownPlant.${end}`)}`" />
        </FormField>
        <Button v-if="n === 1" type="text" @click="p.periods.pop()">{{ words.t('ownPlant.once') }}</Button>
      </div>
      <Button v-if="p.periods.length === 1" @click="p.periods.push({ from: NaN, to: NaN })">{{
        words.t('ownPlant.again')
      }}</Button>
      <div class="own-grid">
        <FormField :form="form" :at="`parts[${i}].use`" :label="words.t('ownPlant.use')">
          <Input v-model:value="p.use" :maxlength="36" />
        </FormField>
        <FormField :form="form" :at="`parts[${i}].method`" optional :label="words.t('ownPlant.method')">
          <Input v-model:value="p.method" :maxlength="600" />
        </FormField>
        <FormField :form="form" :at="`parts[${i}].unit`" :label="words.t('ownPlant.unit')">
          <PickOne
            :model-value="p.unit"
            :label="words.t('ownPlant.unit')"
            :options="UNIT_KEYS.map((u) => ({ value: u, label: words.unitName(u) }))"
            @update:model-value="$event && (p.unit = $event)" />
        </FormField>
        <FormField
          :form="form"
          :at="`parts[${i}].perPlant`"
          :label="words.t('ownPlant.perPlant')"
          :unit="words.unitName(p.unit)">
          <NumberField v-model="p.perPlant" />
        </FormField>
        <FormField
          :form="form"
          :at="`parts[${i}].cap`"
          optional
          :label="words.t('ownPlant.cap')"
          :unit="words.unitName(p.unit)">
          <NumberField v-model="p.cap" />
        </FormField>
        <FormField :form="form" :at="`parts[${i}].sharePct`" optional :label="words.t('ownPlant.share')" unit="%">
          <NumberField v-model="p.sharePct" />
        </FormField>
      </div>
      <h3>{{ words.t('ownPlant.eating') }}</h3>
      <ChoiceChips
        :model-value="p.eating"
        :label="`${nameOf(p.part)}, ${words.t('ownPlant.eating')}`"
        :options="EATINGS.map((e) => ({ value: e, label: words.t(`plants.eating.${e}`) }))"
        @update:model-value="$event && (p.eating = $event)" />
      <p class="ticks">
        <Checkbox v-model:checked="p.kills">{{ words.t('ownPlant.kills') }}</Checkbox>
        <Checkbox v-model:checked="p.costsSeed">{{ words.t('ownPlant.costsSeed') }}</Checkbox>
      </p>
      <Button type="text" @click="parts = parts.filter((x) => x !== p)">{{
        words.t('ownPlant.dropPart', { part: nameOf(p.part) })
      }}</Button>
    </fieldset>
  </FormField>
  <PickOne
    v-if="left.length"
    :key="parts.length"
    :model-value="null"
    class="add"
    :label="words.t('ownPlant.addPart')"
    :placeholder="words.t('ownPlant.addPart')"
    :options="left"
    @update:model-value="$event && (parts = [...parts, blankPart($event)])" />
</template>

<style scoped>
.period {
  display: flex;
  flex-wrap: wrap;
  gap: 0 16px;
  align-items: center;
}
.own-grid {
  margin-top: 12px;
}
.add {
  width: 260px;
  max-width: 100%;
}
</style>
