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
const form = reactive({ restUntil: '', restReason: '', since: '', where: '' });
watch(
  () => props.stand.version,
  () =>
    Object.assign(form, {
      restUntil: props.stand.restUntil ?? '',
      restReason: props.stand.restReason,
      since: props.stand.since === null ? '' : String(props.stand.since),
      where: props.stand.where,
    }),
  { immediate: true },
);
const change = useChange(() =>
  call(ROUTES.changeStand, {
    params: { groupId: groupId.value!, standId: props.stand.id },
    body: {
      version: props.stand.version,
      where: form.where,
      since: form.since === '' ? null : Number(form.since),
      restUntil: form.restUntil === '' ? null : form.restUntil,
      restReason: form.restReason,
    },
  }),
);
async function keep(): Promise<void> {
  await change.mutateAsync(undefined).then(
    () => undo.say(words.value.t('common.stored')),
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
