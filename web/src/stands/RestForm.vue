<script setup lang="ts">
import { reactive, watch } from 'vue';
import { ROUTES, type StandView } from '@emberfield/contract';
import { useChange } from '../people/queries.ts';
import { useGroup } from '../people/use-group.ts';
import { call } from '../platform/api.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../platform/words.ts';

const props = defineProps<{ stand: StandView }>();
const words = useWords();
const undo = useUndo();
const { groupId } = useGroup();
/** Of a stand what is set here. */
const valuesOf = (stand: StandView) => ({
  restUntil: stand.restUntil ?? '',
  restReason: stand.restReason,
  since: stand.since === null ? '' : String(stand.since),
  where: stand.where,
});
type Values = ReturnType<typeof valuesOf>;
const form = reactive(valuesOf(props.stand));
/** What the form was begun on: somebody else's change meanwhile does not overwrite what is being typed. */
let base = valuesOf(props.stand);
watch(
  () => props.stand.version,
  () => {
    const now = valuesOf(props.stand);
    for (const key of Object.keys(now) as (keyof Values)[]) if (form[key] === base[key]) form[key] = now[key];
    base = now;
  },
);
const change = useChange((values: Values) =>
  call(ROUTES.changeStand, {
    params: { groupId: groupId.value!, standId: props.stand.id },
    body: {
      version: props.stand.version,
      where: values.where,
      since: values.since === '' ? null : Number(values.since),
      restUntil: values.restUntil === '' ? null : values.restUntil,
      restReason: values.restReason,
    },
  }),
);
async function keep(): Promise<void> {
  const before = { ...base };
  await change.mutateAsync({ ...form }).then(
    () =>
      undo.say(words.value.t('common.stored'), async () => {
        Object.assign(form, before);
        await change.mutateAsync(before);
      }),
    () => undefined,
  );
}
</script>

<template>
  <form class="rest" @submit.prevent="keep">
    <label class="field"
      ><span>{{ words.t('stand.restUntil') }}</span
      ><input v-model="form.restUntil" type="date"
    /></label>
    <label class="field"
      ><span>{{ words.t('stand.restReason') }}</span
      ><input v-model="form.restReason" maxlength="200"
    /></label>
    <label class="field"
      ><span>{{ words.t('stand.since') }}</span
      ><input v-model="form.since" type="number" min="1800" max="2200"
    /></label>
    <label class="field"
      ><span>{{ words.t('stand.where') }}</span
      ><input v-model="form.where" maxlength="80"
    /></label>
    <p v-if="change.error.value" class="warn" role="alert">{{ change.error.value.message }}</p>
    <button type="submit" class="btn" :disabled="change.isPending.value">{{ words.t('common.save') }}</button>
  </form>
</template>

<style scoped>
.rest {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 12px;
}
.rest .btn,
.rest p {
  grid-column: 1 / -1;
  justify-self: start;
}
</style>
