<script setup lang="ts">
import { Button, Form, Input, Space } from 'ant-design-vue';
import { computed, reactive, ref } from 'vue';
import type { Entry, EntryView, PlantProfile } from '@emberfield/contract';
import FormFailure from '../form/FormFailure.vue';
import FormField from '../form/FormField.vue';
import { useForm } from '../form/use-form.ts';
import DayField from '../kit/DayField.vue';
import ChoiceChips from '../kit/ChoiceChips.vue';
import NumberField from '../kit/NumberField.vue';
import { useEscape } from '../kit/use-escape.ts';
import { useDay } from '../session/use-day.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import { entriesSchema } from '../entries/entries-schema.ts';
import { newKey } from '../entries/draft-key.ts';
import { useEntries } from '../entries/use-entries.ts';
import { correctedBody, fieldsOf, valuesOf } from './entry-correction.ts';

/** Something noted, put right: what it was stays readable beside it, and the allowance is reckoned anew. */
const props = defineProps<{ entry: EntryView; profile: Pick<PlantProfile, 'parts'> }>();
const emit = defineEmits<{ close: [] }>();
const words = useWords();
const undo = useUndo();
const { today } = useDay();
const { make, sendOne } = useEntries();
useEscape(() => emit('close'));
const key = newKey();
const fields = computed(() => fieldsOf(props.entry, words.value, props.profile));
const values = reactive(valuesOf(fields.value, props.entry));
const day = ref(props.entry.day);
const body = computed(() => correctedBody(fields.value, props.entry, values));
const differs = computed(() => body.value !== null || day.value !== props.entry.day);
const corrected = (): Entry => {
  const { kind, patchId, standId, visitId, body: before, id } = props.entry;
  const entry = make({ kind, patchId, standId, visitId, day: day.value, body: {} as never, replaces: id }, key);
  return { ...entry, body: body.value ?? before } as Entry;
};
const form = useForm({
  schema: entriesSchema,
  body: () => ({ entries: [corrected()] }),
  limit: (path, bound) =>
    fields.value.some((f) => f.kind === 'percent' && path.endsWith(f.key)) ? bound * 100 : bound,
});
const textOf = (key: string): string | null => (values[key] as string | null) ?? null;
const numberOf = (key: string): number | null => (values[key] as number | null) ?? null;
const AT = 'entries[0]';
async function keep(): Promise<void> {
  if (!differs.value) return emit('close');
  const label = words.value.t('outbox.correction');
  const done = await form.send(async ({ entries }) => {
    await sendOne(entries[0]!, label);
    return entries[0]!;
  });
  if (!done) return;
  const { kind, patchId, standId, visitId, day: dayBefore, body: bodyBefore } = props.entry;
  undo.say(words.value.t('correct.done'), async () => {
    await sendOne(
      make({ kind, patchId, standId, visitId, day: dayBefore, body: bodyBefore, replaces: done.id }),
      label,
    );
  });
  emit('close');
}
</script>

<template>
  <Form layout="vertical" class="correction" @submit="keep">
    <FormField :form="form" :at="`${AT}.day`" :label="words.t('correct.day')" class="one">
      <DayField v-model="day" :max="today" :label="words.t('correct.day')" />
    </FormField>
    <FormField
      v-for="f in fields"
      :key="f.key"
      :form="form"
      :at="`${AT}.body.${f.key}`"
      :label="f.label"
      :optional="f.optional"
      class="one">
      <ChoiceChips
        v-if="f.kind === 'choice'"
        :model-value="textOf(f.key)"
        :options="f.options ?? []"
        :optional="f.optional"
        :label="f.label"
        @update:model-value="values[f.key] = $event" />
      <NumberField
        v-else-if="f.kind === 'number' || f.kind === 'whole' || f.kind === 'percent'"
        :model-value="numberOf(f.key)"
        :unit="f.kind === 'percent' ? '%' : undefined"
        :whole="f.kind === 'whole'"
        :label="f.label"
        @update:model-value="values[f.key] = $event ?? null" />
      <Input
        v-else
        :value="String(values[f.key] ?? '')"
        :inputmode="f.kind === 'numbers' ? 'decimal' : undefined"
        :maxlength="600"
        :aria-label="f.label"
        @update:value="values[f.key] = $event" />
    </FormField>
    <FormFailure :said="form.failure.value" />
    <Space wrap>
      <Button type="primary" html-type="submit" :loading="form.busy.value">{{ words.t('correct.keep') }}</Button>
      <Button @click="emit('close')">{{ words.t('common.cancel') }}</Button>
    </Space>
  </Form>
</template>

<style scoped>
.correction {
  display: flex;
  flex-wrap: wrap;
  gap: 0 16px;
  align-items: flex-end;
  padding: 8px 0 12px;
}
.one {
  min-width: 150px;
  margin-bottom: 12px;
}
</style>
