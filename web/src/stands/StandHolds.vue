<script setup lang="ts">
import { Button, Form } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { PartOutlook, StandView } from '@emberfield/contract';
import { newKey } from '../entries/draft-key.ts';
import { entriesSchema } from '../entries/entries-schema.ts';
import { useEntries } from '../entries/use-entries.ts';
import { useHolds } from '../entries/use-holds.ts';
import FormFailure from '../form/FormFailure.vue';
import FormField from '../form/FormField.vue';
import { useForm } from '../form/use-form.ts';
import CountStepper from '../kit/CountStepper.vue';
import { useUndo } from '../platform/use-undo.ts';
import { signal } from '../platform/signal.ts';
import { useDay } from '../session/use-day.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';

/** What people going out have set aside of the part for today, and setting some aside oneself. */
const props = defineProps<{ stand: StandView; outlook: PartOutlook }>();
const words = useWords();
const undo = useUndo();
const { mayPick } = useGroup();
const { today } = useDay();
const { make } = useEntries();
const { setAside, giveBack } = useHolds();
const open = ref(false);
const key = ref(newKey());
const amount = ref<number | null>(null);
const said = (n: number): string => words.value.amount(n, props.outlook.allowance.unit);
const holds = computed(() => props.stand.holds.filter((h) => h.part === props.outlook.part));
const own = computed(() => holds.value.find((h) => h.ownIds.length > 0));
/** What is left for the reader counts what they hold already. */
const most = computed(() => Math.floor((props.outlook.allowance.amountLeft ?? 0) - (own.value?.amount ?? 0)));
const may = computed(
  () =>
    mayPick.value && props.stand.day === today.value && props.outlook.allowance.kind === 'counted' && most.value > 0,
);
const form = useForm({
  schema: entriesSchema,
  body: () => ({
    entries: [
      {
        ...make(
          { kind: 'hold', patchId: props.stand.patchId, standId: props.stand.id, day: today.value, body: {} as never },
          key.value,
        ),
        body: { part: props.outlook.part, amount: amount.value ?? undefined } as never,
      },
    ],
  }),
});
function begin(): void {
  amount.value = most.value;
  open.value = true;
}
async function keep(): Promise<void> {
  const done = await form.send(({ entries }) => setAside(entries));
  if (!done) return;
  open.value = false;
  key.value = newKey();
  undo.say(words.value.t('hold.saved', { what: said(amount.value ?? 0) }), () => giveBack(done.kept));
}
async function letGo(): Promise<void> {
  const { id: standId, patchId } = props.stand;
  try {
    await giveBack((own.value?.ownIds ?? []).map((id) => ({ id, patchId, standId })));
    undo.say(words.value.t('hold.gone'));
  } catch (error) {
    undo.say((error as Error).message, null, true);
  }
}
</script>

<template>
  <div v-if="holds.length || may" class="holds">
    <p v-for="h in holds" :key="h.by" class="small">
      <template v-if="h.ownIds.length">
        {{ words.t('hold.own', { what: said(h.amount) }) }}
        <Button type="link" @click="letGo">{{ words.t('hold.letGo') }}</Button>
      </template>
      <template v-else>{{ words.t('hold.other', { who: h.by, what: said(h.amount) }) }}</template>
    </p>
    <Button v-if="may && !open" class="no-print" :disabled="!signal.reached.value" @click="begin">{{
      words.t('hold.set')
    }}</Button>
    <Form v-else-if="may" layout="vertical" class="no-print" :aria-label="words.t('hold.set')" @submit="keep">
      <p class="soft small">{{ words.t('hold.setLead') }}</p>
      <FormField :form="form" at="entries[0].body.amount" :label="words.t('hold.amount')">
        <CountStepper v-model="amount" :most="most" :label="words.t('hold.amount')" />
      </FormField>
      <FormFailure :said="form.failure.value" />
      <Button html-type="submit" type="primary" :loading="form.busy.value">{{ words.t('hold.save') }}</Button>
      <Button type="text" @click="open = false">{{ words.t('common.cancel') }}</Button>
    </Form>
  </div>
</template>

<style scoped>
.holds {
  margin-top: 10px;
}
</style>
