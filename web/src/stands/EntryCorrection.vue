<script setup lang="ts">
import { Button, Form, FormItem, Input, InputNumber, Space } from 'ant-design-vue';
import { computed, reactive, ref } from 'vue';
import type { EntryView } from '@emberfield/contract';
import { isIsoDay } from '@emberfield/core/measure';
import DayField from '../kit/DayField.vue';
import ChoiceChips from '../kit/ChoiceChips.vue';
import { useEscape } from '../kit/use-escape.ts';
import { useDay } from '../session/use-day.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import { newKey } from '../entries/draft-key.ts';
import { useEntries } from '../entries/use-entries.ts';
import { correctedBody, fieldsOf, valuesOf } from './entry-correction.ts';

/** Something noted, put right: what it was stays readable beside it, and the allowance is reckoned anew. */
const props = defineProps<{ entry: EntryView }>();
const emit = defineEmits<{ close: [] }>();
const words = useWords();
const undo = useUndo();
const { today } = useDay();
const { make, sendOne } = useEntries();
useEscape(() => emit('close'));
const key = newKey();
const fields = computed(() => fieldsOf(props.entry, words.value));
const values = reactive(valuesOf(fields.value, props.entry));
const day = ref(props.entry.day);
const busy = ref(false);
const failure = ref('');
const body = computed(() => correctedBody(fields.value, props.entry, values));
const ready = computed(
  () => isIsoDay(day.value) && day.value <= today.value && (body.value !== null || day.value !== props.entry.day),
);
async function keep(): Promise<void> {
  busy.value = true;
  failure.value = '';
  const { kind, patchId, standId, visitId, day: dayBefore, body: bodyBefore, id } = props.entry;
  const label = words.value.t('outbox.correction');
  const common = { kind, patchId, standId, visitId };
  try {
    const entry = make({ ...common, day: day.value, body: body.value ?? bodyBefore, replaces: id }, key);
    await sendOne(entry, label);
    undo.say(words.value.t('correct.done'), async () => {
      await sendOne(make({ ...common, day: dayBefore, body: bodyBefore, replaces: entry.id }), label);
    });
    emit('close');
  } catch (error) {
    failure.value = (error as Error).message;
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <Form :model="values" layout="vertical" class="correction" @finish="keep">
    <FormItem :label="words.t('correct.day')" class="one">
      <DayField v-model="day" :max="today" :label="words.t('correct.day')" />
    </FormItem>
    <FormItem
      v-for="f in fields"
      :key="f.key"
      :label="f.optional ? `${f.label} (${words.t('common.optional')})` : f.label"
      class="one">
      <ChoiceChips
        v-if="f.kind === 'choice'"
        :model-value="(values[f.key] as string | null) ?? null"
        :options="f.options ?? []"
        :optional="f.optional"
        :label="f.label"
        @update:model-value="values[f.key] = $event" />
      <InputNumber
        v-else-if="f.kind === 'number' || f.kind === 'whole' || f.kind === 'percent'"
        :value="(values[f.key] as number | null) ?? undefined"
        :min="0"
        :max="f.kind === 'percent' ? 100 : undefined"
        :precision="f.kind === 'whole' ? 0 : undefined"
        :addon-after="f.kind === 'percent' ? '%' : undefined"
        :inputmode="f.kind === 'whole' ? 'numeric' : 'decimal'"
        :aria-label="f.label"
        @update:value="values[f.key] = typeof $event === 'number' ? $event : null" />
      <Input
        v-else
        :value="String(values[f.key] ?? '')"
        :inputmode="f.kind === 'numbers' ? 'decimal' : undefined"
        :maxlength="600"
        :aria-label="f.label"
        @update:value="values[f.key] = $event" />
    </FormItem>
    <p v-if="failure" class="warn" role="alert">{{ failure }}</p>
    <Space wrap>
      <Button type="primary" html-type="submit" :loading="busy" :disabled="!ready">{{
        words.t('correct.keep')
      }}</Button>
      <Button :disabled="busy" @click="emit('close')">{{ words.t('common.cancel') }}</Button>
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
