<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import { reactive, watch } from 'vue';
import type { StandView } from '@emberfield/contract';
import { useOutbox } from '../offline/use-outbox.ts';
import { useChange } from '../session/queries.ts';
import { useDraft } from '../session/use-draft.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import NumberField from '../kit/NumberField.vue';
import DayField from '../kit/DayField.vue';

const props = defineProps<{ stand: StandView }>();
const words = useWords();
const undo = useUndo();
/** Of a stand what is set here. */
const valuesOf = (stand: StandView) => ({
  restUntil: stand.restUntil ?? '',
  restReason: stand.restReason,
  since: stand.since === null ? '' : String(stand.since),
  where: stand.where,
});
type Values = ReturnType<typeof valuesOf>;
/** What was typed and is not saved; it survives a reload. */
const typed = useDraft<Partial<Values>>(() => `rest-${props.stand.id}`, {});
const form = reactive({ ...valuesOf(props.stand), ...typed.value });
/** What the form was begun on: somebody else's change meanwhile does not overwrite what is being typed. */
let base = valuesOf(props.stand);
const changed = (): Partial<Values> =>
  Object.fromEntries(Object.entries(form).filter(([key, value]) => value !== base[key as keyof Values]));
watch(form, () => (typed.value = changed()));
watch(
  () => props.stand.version,
  () => {
    const now = valuesOf(props.stand);
    for (const key of Object.keys(now) as (keyof Values)[]) if (form[key] === base[key]) form[key] = now[key];
    base = now;
    typed.value = changed();
  },
);
const thisYear = new Date().getUTCFullYear();
const outbox = useOutbox();
const change = useChange(async (values: Values) => {
  const { id: standId, version, plantName, patchName } = props.stand;
  const body = {
    version,
    where: values.where,
    since: values.since === '' ? null : Number(values.since),
    restUntil: values.restUntil === '' ? null : values.restUntil,
    restReason: values.restReason,
  };
  const sent = await outbox.send([{ route: 'changeStand', params: { standId }, body }], {
    id: changeKey(),
    label: words.value.t('outbox.changedStand', { plant: words.value.text(plantName), place: patchName }),
  });
  if (sent.kind === 'refused') throw new Error(sent.message);
  return sent.kind;
});
/** One waits at a time: a stand that is changed again goes as it is then. */
const changeKey = (): string => `stand:${props.stand.id}`;
async function keep(): Promise<void> {
  const before = { ...base };
  const done = await change.mutateAsync({ ...form }).catch(() => null);
  if (done === null) return;
  undo.say(words.value.t(done === 'waiting' ? 'outbox.keptWord' : 'common.stored'), async () => {
    Object.assign(form, before);
    if (done === 'waiting') await outbox.forget(changeKey());
    else await change.mutateAsync(before);
  });
}
</script>

<template>
  <form class="rest" @submit.prevent="keep">
    <label class="field"
      ><span>{{ words.t('stand.restUntil') }}</span
      ><DayField v-model="form.restUntil" optional
    /></label>
    <label class="field"
      ><span>{{ words.t('stand.restReason') }}</span
      ><Input v-model:value="form.restReason" :maxlength="200"
    /></label>
    <label class="field"
      ><span>{{ words.t('stand.since') }}</span
      ><NumberField
        :model-value="form.since === '' ? null : Number(form.since)"
        :min="1800"
        :max="thisYear"
        whole
        @update:model-value="form.since = $event == null ? '' : String($event)"
    /></label>
    <label class="field"
      ><span>{{ words.t('stand.where') }}</span
      ><Input v-model:value="form.where" :maxlength="80"
    /></label>
    <p v-if="change.error.value" class="warn" role="alert">{{ change.error.value.message }}</p>
    <Button html-type="submit" :disabled="change.isPending.value">{{ words.t('common.save') }}</Button>
  </form>
</template>

<style scoped>
.rest {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 12px;
}
.rest .ant-btn,
.rest p {
  grid-column: 1 / -1;
  justify-self: start;
}
</style>
