<script setup lang="ts">
import { CloseOutlined } from '@ant-design/icons-vue';
import { Button, Input } from 'ant-design-vue';
import { MOST_NUMBERS, type CallNumber } from '@emberfield/contract';
import FormField from '../form/FormField.vue';
import type { FieldsForm } from '../form/use-form.ts';
import { useWords } from '../session/words.ts';

/** Whom to call in need: read by everyone of the group, without signal as well. */
defineProps<{ form: FieldsForm }>();
const numbers = defineModel<readonly CallNumber[]>({ required: true });
const words = useWords();
const set = (at: number, over: Partial<CallNumber>): void =>
  void (numbers.value = numbers.value.map((n, i) => (i === at ? { ...n, ...over } : n)));
</script>

<template>
  <fieldset>
    <legend>{{ words.t('need.numbers') }}</legend>
    <p class="soft small">{{ words.t('need.numbersLead') }}</p>
    <div v-for="(n, i) in numbers" :key="i" class="line">
      <FormField :form="form" :at="`numbers[${i}].who`" :label="words.t('need.who')">
        <Input :value="n.who" :maxlength="60" @update:value="set(i, { who: String($event) })" />
      </FormField>
      <FormField :form="form" :at="`numbers[${i}].number`" :label="words.t('need.number')">
        <Input :value="n.number" type="tel" :maxlength="30" @update:value="set(i, { number: String($event) })" />
      </FormField>
      <Button
        type="text"
        :aria-label="words.t('need.drop', { who: n.who })"
        :title="words.t('need.drop', { who: n.who })"
        @click="numbers = numbers.filter((_, k) => k !== i)"
        ><template #icon><CloseOutlined aria-hidden="true" /></template
      ></Button>
    </div>
    <Button v-if="numbers.length < MOST_NUMBERS" @click="numbers = [...numbers, { who: '', number: '' }]">{{
      words.t('need.add')
    }}</Button>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  margin: 0 0 14px;
  padding: 0;
}
legend {
  font-weight: 640;
}
.line {
  display: grid;
  grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr) auto;
  gap: 10px;
  align-items: end;
}
.line > .ant-btn {
  margin-bottom: 12px;
}
</style>
