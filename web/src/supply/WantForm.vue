<script setup lang="ts">
import { Button, Checkbox, Form, Input } from 'ant-design-vue';
import { v7 as newId } from 'uuid';
import { computed } from 'vue';
import { MOST_WANTED_PLANTS, saveWantSchema, WANT_MEASURES, type SaveWant, type WantView } from '@emberfield/contract';
import FormFailure from '../form/FormFailure.vue';
import FormField from '../form/FormField.vue';
import { useForm } from '../form/use-form.ts';
import { useKept } from '../form/use-kept.ts';
import ChoiceChips from '../kit/ChoiceChips.vue';
import DayField from '../kit/DayField.vue';
import NumberField from '../kit/NumberField.vue';
import PickMany from '../kit/PickMany.vue';
import { usePlants } from '../plants/queries.ts';
import { usePatches } from '../session/queries.ts';
import { useDay } from '../session/use-day.ts';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { whatOf } from './season-task.ts';
import { useWantChanges } from './use-wants.ts';

/** Something that the season should bring. */
const props = defineProps<{ want: WantView | null; place: number }>();
const emit = defineEmits<{ stored: [] }>();
const words = useWords();
const { groupId } = useGroup();
const { today } = useDay();
const plants = usePlants(groupId);
const patches = usePatches(groupId);
type Values = { -readonly [K in keyof Omit<SaveWant, 'of' | 'amount'>]: SaveWant[K] } & {
  id: string;
  of: readonly string[];
  /** Of what is made: how much one of each gives. */
  gives: Record<string, number | null>;
  amount: number | null;
};
const begun = (): Values => {
  if (!props.want)
    return {
      ...{ id: newId(), revision: 0, name: '', of: [], gives: {}, measure: 'unit', madeUnit: '', amount: null },
      ...{ weekly: false, from: today.value, until: `${today.value.slice(0, 4)}-12-31`, place: props.place },
    };
  const { of, ...terms } = props.want.terms;
  const keys = of.map((o) => whatOf(o.plantKey, o.part));
  return { ...terms, id: props.want.id, of: keys, gives: Object.fromEntries(of.map((o, i) => [keys[i]!, o.gives])) };
};
const values = useDraft<Values>(`want-${props.want?.id ?? 'new'}-${props.want?.terms.revision ?? 0}`, begun());
/** What the group has stands of first: of what grows nowhere nothing can be planned. */
const parts = computed(() => {
  const here = new Set((patches.data.value ?? []).flatMap((p) => p.stands.map((s) => s.plantKey)));
  return (plants.data.value ?? [])
    .flatMap((plant) =>
      plant.parts.map((part) => ({
        value: whatOf(plant.key, part.key),
        label: `${words.value.text(plant.names)} · ${words.value.text(part.name)}`,
        unit: part.unit,
        plant,
        part: part.key,
        here: here.has(plant.key),
      })),
    )
    .sort((a, b) => Number(b.here) - Number(a.here) || a.label.localeCompare(b.label));
});
const chosen = computed(() => values.value.of.flatMap((what) => parts.value.find((p) => p.value === what) ?? []));
const unit = computed(() => {
  const { measure, madeUnit } = values.value;
  if (measure === 'made') return madeUnit;
  return words.value.unitName(measure === 'unit' ? (chosen.value[0]?.unit ?? 'leaf') : 'gram');
});
const form = useForm({
  schema: saveWantSchema,
  body: () => {
    const { id: _, gives, of, madeUnit, ...rest } = values.value;
    const made = rest.measure === 'made';
    return {
      ...rest,
      madeUnit: made ? madeUnit : '',
      of: of.map((what) => {
        const found = parts.value.find((p) => p.value === what);
        const [plantKey = '', part = ''] = found ? [found.plant.key, found.part] : what.split(':');
        return { plantKey, part, gives: made ? (gives[what] ?? null) : null };
      }),
    };
  },
});
const kept = useKept(useWantChanges());
async function keep(): Promise<void> {
  const row = { id: values.value.id, before: props.want?.terms };
  if (!(await kept.keep(form, row, ({ name }) => words.value.t('season.saved', { name })))) return;
  values.value = begun();
  emit('stored');
}
</script>

<template>
  <Form layout="vertical" @submit="keep">
    <FormField :form="form" at="name" :label="words.t('season.name')">
      <Input v-model:value="values.name" :maxlength="80" :placeholder="words.t('season.nameHint')" />
    </FormField>
    <FormField
      :form="form"
      :at="['of', ...Array.from({ length: MOST_WANTED_PLANTS }, (_, i) => `of.${i}`)]"
      :label="words.t('season.of')">
      <PickMany
        v-model="values.of"
        :label="words.t('season.of')"
        :options="parts"
        :placeholder="words.t('season.ofText')" />
    </FormField>
    <FormField :form="form" at="measure" :label="words.t('season.measure')">
      <ChoiceChips
        v-model="values.measure"
        :label="words.t('season.measure')"
        :options="WANT_MEASURES.map((value) => ({ value, label: words.t(`season.measures.${value}`) }))" />
    </FormField>
    <template v-if="values.measure === 'made'">
      <FormField :form="form" :at="['madeUnit', '']" :label="words.t('season.madeUnit')">
        <Input v-model:value="values.madeUnit" :maxlength="30" :placeholder="words.t('season.madeUnitHint')" />
      </FormField>
      <FormField
        v-for="(c, i) in chosen"
        :key="c.value"
        :form="form"
        :at="`of.${i}.gives`"
        :label="words.t('season.gives', { plant: c.label })"
        :unit="values.madeUnit">
        <NumberField
          :model-value="values.gives[c.value] ?? null"
          :label="words.t('season.gives', { plant: c.label })"
          @update:model-value="values.gives = { ...values.gives, [c.value]: $event ?? null }" />
      </FormField>
    </template>
    <FormField :form="form" at="amount" :label="words.t('season.amount')">
      <NumberField v-model="values.amount" :label="words.t('season.amount')" :unit="unit" />
    </FormField>
    <Checkbox v-model:checked="values.weekly">{{ words.t('season.weekly') }}</Checkbox>
    <FormField :form="form" at="from" :label="words.t('season.from')"><DayField v-model="values.from" /></FormField>
    <FormField :form="form" at="until" :label="words.t('season.until')">
      <DayField v-model="values.until" :min="values.from" />
    </FormField>
    <FormFailure :said="form.failure.value" />
    <Button type="primary" html-type="submit" :loading="form.busy.value">{{ words.t('common.save') }}</Button>
  </Form>
</template>
