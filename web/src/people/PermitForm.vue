<script setup lang="ts">
import { Button, Form, Input } from 'ant-design-vue';
import { v7 as newId } from 'uuid';
import { computed } from 'vue';
import {
  PERMIT_KINDS,
  PERMIT_MEASURES,
  savePermitSchema,
  type PermitView,
  type SavePermit,
} from '@emberfield/contract';
import FormFailure from '../form/FormFailure.vue';
import FormField from '../form/FormField.vue';
import { useForm } from '../form/use-form.ts';
import { useKept } from '../form/use-kept.ts';
import ChoiceChips from '../kit/ChoiceChips.vue';
import DayField from '../kit/DayField.vue';
import NumberField from '../kit/NumberField.vue';
import PickMany from '../kit/PickMany.vue';
import PickOne from '../kit/PickOne.vue';
import { usePlants } from '../plants/queries.ts';
import { usePatches } from '../session/queries.ts';
import { useDay } from '../session/use-day.ts';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { usePermitChanges } from './use-permits.ts';

const props = defineProps<{ permit: PermitView | null }>();
const emit = defineEmits<{ stored: [] }>();
const words = useWords();
const { groupId } = useGroup();
const { today } = useDay();
const plants = usePlants(groupId);
const patches = usePatches(groupId);
type Values = {
  -readonly [K in keyof Omit<SavePermit, 'plantKey' | 'part' | 'amount' | 'patchIds'>]: SavePermit[K];
} & {
  id: string;
  plantKey: string | null;
  part: SavePermit['part'] | null;
  amount: number | null;
  patchIds: readonly string[];
};
const begun = (): Values =>
  props.permit
    ? { ...props.permit.terms, id: props.permit.id, patchIds: props.permit.terms.patchIds ?? [] }
    : {
        ...{ id: newId(), revision: 0, kind: 'permit', measure: 'unit', name: '', note: '' },
        ...{ plantKey: null, part: null, amount: null, from: today.value, until: '', patchIds: [] },
      };
/** What was typed of one somebody has changed since is let go: it was typed on another. */
const values = useDraft<Values>(`permit-${props.permit?.id ?? 'new'}-${props.permit?.terms.revision ?? 0}`, begun());
const parts = computed(() => plants.data.value?.find((p) => p.key === values.value.plantKey)?.parts ?? []);
const unit = computed(() => parts.value.find((p) => p.key === values.value.part)?.unit ?? null);
function pickPlant(key: string | null): void {
  const own = plants.data.value?.find((p) => p.key === key)?.parts ?? [];
  Object.assign(values.value, { plantKey: key, part: own.length === 1 ? own[0]!.key : null, patchIds: [] });
}
/** Where it grows: of elsewhere nothing is taken. */
const places = computed(() =>
  (patches.data.value ?? [])
    .filter((p) => p.stands.some((s) => s.plantKey === values.value.plantKey))
    .map((p) => ({ value: p.id, label: p.name })),
);
const measures = computed(() =>
  PERMIT_MEASURES.filter((m) => m === 'unit' || unit.value !== 'gram').map((value) => ({
    value,
    label: words.value.unitName(value === 'gram' ? 'gram' : (unit.value ?? 'gram')),
  })),
);
const form = useForm({
  schema: savePermitSchema,
  body: () => {
    const { id: _, plantKey, part, patchIds, ...rest } = values.value;
    // A part that is weighed anyhow has one measure only.
    const measure = unit.value === 'gram' ? 'unit' : rest.measure;
    return {
      ...rest,
      ...{ measure, plantKey: plantKey ?? '', part: part ?? '' },
      patchIds: patchIds.length > 0 ? [...patchIds] : null,
    };
  },
});
const kept = useKept(usePermitChanges());
async function keep(): Promise<void> {
  const row = { id: values.value.id, before: props.permit?.terms };
  if (!(await kept.keep(form, row, ({ name }) => words.value.t('permit.saved', { name })))) return;
  values.value = begun();
  emit('stored');
}
</script>

<template>
  <Form layout="vertical" @submit="keep">
    <FormField :form="form" at="kind" :label="words.t('permit.kind')">
      <ChoiceChips
        v-model="values.kind"
        :label="words.t('permit.kind')"
        :options="PERMIT_KINDS.map((value) => ({ value, label: words.t(`permit.kinds.${value}`) }))" />
    </FormField>
    <FormField :form="form" at="name" :label="words.t('permit.name')">
      <Input v-model:value="values.name" :maxlength="80" :placeholder="words.t('permit.nameHint')" />
    </FormField>
    <FormField :form="form" at="plantKey" :label="words.t('permit.plant')">
      <PickOne
        :model-value="values.plantKey"
        :label="words.t('permit.plant')"
        :options="(plants.data.value ?? []).map((p) => ({ value: p.key, label: words.text(p.names) }))"
        @update:model-value="pickPlant($event as string | null)" />
    </FormField>
    <FormField v-if="parts.length" :form="form" at="part" :label="words.t('permit.part')">
      <ChoiceChips
        v-model="values.part"
        :label="words.t('permit.part')"
        :options="parts.map((p) => ({ value: p.key, label: words.text(p.name) }))" />
    </FormField>
    <FormField :form="form" at="amount" :label="words.t('permit.amount')">
      <NumberField
        v-model="values.amount"
        :label="words.t('permit.amount')"
        :unit="unit ? words.unitName(values.measure === 'gram' ? 'gram' : unit) : ''" />
    </FormField>
    <FormField v-if="unit && measures.length > 1" :form="form" at="measure" :label="words.t('permit.measure')">
      <ChoiceChips v-model="values.measure" :label="words.t('permit.measure')" :options="measures" />
    </FormField>
    <FormField :form="form" at="from" :label="words.t('permit.from')"><DayField v-model="values.from" /></FormField>
    <FormField :form="form" at="until" :label="words.t('permit.until')">
      <DayField v-model="values.until" :min="values.from" />
    </FormField>
    <FormField :form="form" at="patchIds" optional :label="words.t('permit.places')">
      <PickMany
        v-model="values.patchIds"
        :label="words.t('permit.places')"
        :options="places"
        :placeholder="words.t('permit.allPlaces')" />
    </FormField>
    <FormField :form="form" at="note" optional :label="words.t('permit.note')">
      <Input v-model:value="values.note" :maxlength="400" />
    </FormField>
    <FormFailure :said="form.failure.value" />
    <Button html-type="submit" type="primary" :loading="form.busy.value">{{ words.t('common.save') }}</Button>
  </Form>
</template>
