<script setup lang="ts">
import { Button, Form, Input } from 'ant-design-vue';
import { reactive, watch } from 'vue';
import { type ChangeStand, type StandView, changeStandSchema } from '@emberfield/contract';
import FormFailure from '../form/FormFailure.vue';
import FormField from '../form/FormField.vue';
import { useForm } from '../form/use-form.ts';
import { refusal, useOutbox } from '../offline/use-outbox.ts';
import { useChange } from '../session/queries.ts';
import { useDraft } from '../session/use-draft.ts';
import { useDay } from '../session/use-day.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import NumberField from '../kit/NumberField.vue';
import DayField from '../kit/DayField.vue';

const props = defineProps<{ stand: StandView }>();
const words = useWords();
const undo = useUndo();
const { today } = useDay();
/** Of a stand what is set here. */
const valuesOf = ({ restUntil, restReason, since, where }: StandView) => ({ restUntil, restReason, since, where });
type Values = ReturnType<typeof valuesOf>;
/** What was typed and is not saved; it survives a reload. */
const typed = useDraft<Partial<Values>>(() => `rest-${props.stand.id}`, {});
const values = reactive({ ...valuesOf(props.stand), ...typed.value });
/** What the form was begun on: somebody else's change meanwhile does not overwrite what is being typed. */
let base = valuesOf(props.stand);
const changed = (): Partial<Values> =>
  Object.fromEntries(Object.entries(values).filter(([key, value]) => value !== base[key as keyof Values]));
watch(values, () => (typed.value = changed()));
watch(
  () => props.stand.version,
  () => {
    const now = valuesOf(props.stand);
    for (const key of Object.keys(now) as (keyof Values)[])
      if (values[key] === base[key]) Object.assign(values, { [key]: now[key] });
    base = now;
    typed.value = changed();
  },
);
const bodyOf = (of: Values): unknown => ({ version: props.stand.version, ...of });
const form = useForm({ schema: changeStandSchema, body: () => bodyOf(values) });
const outbox = useOutbox();
const change = useChange(async (body: ChangeStand) => {
  const { id: standId, plantName, patchName } = props.stand;
  const sent = await outbox.send([{ route: 'changeStand', params: { standId }, body }], {
    id: changeKey(),
    label: words.value.t('outbox.changedStand', { plant: words.value.text(plantName), place: patchName }),
  });
  if (sent.kind === 'refused') throw refusal(sent);
  return sent.kind;
});
/** One waits at a time: a stand that is changed again goes as it is then. */
const changeKey = (): string => `stand:${props.stand.id}`;
async function keep(): Promise<void> {
  const before = { ...base };
  const done = await form.send(change.mutateAsync);
  if (done === undefined) return;
  undo.say(words.value.t(done === 'waiting' ? 'outbox.keptWord' : 'common.stored'), async () => {
    Object.assign(values, before);
    if (done === 'waiting') await outbox.forget(changeKey());
    else await change.mutateAsync({ version: props.stand.version, ...before });
  });
}
</script>

<template>
  <Form layout="vertical" class="rest" @submit="keep">
    <FormField :form="form" at="restUntil" optional :label="words.t('stand.restUntil')">
      <DayField
        :model-value="values.restUntil ?? ''"
        :min="today"
        optional
        @update:model-value="values.restUntil = $event || null" />
    </FormField>
    <FormField :form="form" at="restReason" optional :label="words.t('stand.restReason')">
      <Input v-model:value="values.restReason" :maxlength="200" />
    </FormField>
    <FormField :form="form" at="since" optional :label="words.t('stand.since')">
      <NumberField :model-value="values.since" whole @update:model-value="values.since = $event ?? null" />
    </FormField>
    <FormField :form="form" at="where" optional :label="words.t('stand.where')">
      <Input v-model:value="values.where" :maxlength="80" />
    </FormField>
    <FormFailure class="whole" :said="form.failure.value" />
    <Button html-type="submit" :loading="form.busy.value">{{ words.t('common.save') }}</Button>
  </Form>
</template>

<style scoped>
.rest {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 12px;
  max-width: 640px;
}
.rest > .ant-btn {
  justify-self: start;
}
.whole {
  grid-column: 1 / -1;
}
</style>
