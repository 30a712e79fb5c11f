<script setup lang="ts">
import { Button, Form } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { PartOutlook, StandView } from '@emberfield/contract';
import { lengthLimits, wishFault } from '@emberfield/core/stand';
import { newKey } from '../entries/draft-key.ts';
import { entriesSchema } from '../entries/entries-schema.ts';
import { useEntries } from '../entries/use-entries.ts';
import FormFailure from '../form/FormFailure.vue';
import FormField from '../form/FormField.vue';
import { useForm } from '../form/use-form.ts';
import NumberField from '../kit/NumberField.vue';
import { useLengthUnit } from '../kit/use-length-unit.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useDay } from '../session/use-day.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';

/** Between which lengths of one's own the part is wanted at this stand: its window keeps the days on which it has them. */
const props = defineProps<{ stand: StandView; outlook: PartOutlook }>();
const emit = defineEmits<{ begin: [] }>();
const words = useWords();
const undo = useUndo();
const { mayPick } = useGroup();
const { today } = useDay();
const { unit, shown, stored } = useLengthUnit();
const { make, sendOne, withdraw } = useEntries();
const open = ref(false);
const key = ref(newKey());
const from = ref<number | null>(null);
const to = ref<number | null>(null);
const grows = computed(() => props.stand.profile.parts.some((p) => p.key === props.outlook.part && p.growth));
const body = computed(() => ({ part: props.outlook.part, fromCm: from.value, toCm: to.value }));
const entryOf = (of: typeof body.value) =>
  make({ kind: 'wish', patchId: props.stand.patchId, standId: props.stand.id, day: today.value, body: of }, key.value);
const form = useForm({
  schema: entriesSchema,
  body: () => ({ entries: [entryOf(body.value)] }),
  limit: (_, bound) => shown(bound)!,
});
/** Outside of what the profile says it is not taken at all: said here, since without a signal nobody else would. */
const outside = computed(() => form.fits.value && wishFault(props.stand.profile, body.value));
const limits = computed(() => lengthLimits(props.stand.profile, props.outlook.part));

function begin(): void {
  from.value = props.outlook.wished?.fromCm ?? null;
  to.value = props.outlook.wished?.toCm ?? null;
  open.value = true;
  emit('begin');
}
async function keep(): Promise<void> {
  if (outside.value) return;
  const done = await form.send(async ({ entries: [entry] }) => ({
    entry: entry!,
    sent: await sendOne(entry!, words.value.t('wish.title')),
  }));
  if (!done) return;
  open.value = false;
  key.value = newKey();
  undo.say(words.value.t(done.sent.kind === 'waiting' ? 'outbox.keptWord' : 'common.stored'), () =>
    withdraw(done.entry, today.value),
  );
}
async function drop(): Promise<void> {
  from.value = to.value = null;
  await keep();
}
</script>

<template>
  <div v-if="grows && mayPick" class="no-print">
    <Button v-if="!open" type="link" class="begin" @click="begin">
      {{ words.t(outlook.wished ? 'wish.change' : 'wish.begin') }}
    </Button>
    <Form v-else layout="vertical" class="wish" :aria-label="words.t('wish.title')" @submit="keep">
      <p class="soft small">
        {{ words.t('wish.lead') }}
        {{ limits.fromCm || limits.toCm ? words.t('wish.limits', { lengths: words.wish(limits) }) : '' }}
      </p>
      <div class="lengths">
        <FormField :form="form" at="entries[0].body.fromCm" optional :label="words.t('wish.from')">
          <NumberField :model-value="shown(from)" :unit="unit" @update:model-value="from = stored($event)" />
        </FormField>
        <FormField :form="form" at="entries[0].body.toCm" optional :label="words.t('wish.to')">
          <NumberField :model-value="shown(to)" :unit="unit" @update:model-value="to = stored($event)" />
        </FormField>
      </div>
      <p v-if="outside" class="warn small" role="alert">{{ words.t(`reasons.${outside}`) }}</p>
      <FormFailure :said="form.failure.value" />
      <div class="acts">
        <Button html-type="submit" type="primary" :loading="form.busy.value">{{ words.t('common.save') }}</Button>
        <Button v-if="outlook.wished" :disabled="form.busy.value" @click="drop">{{ words.t('wish.drop') }}</Button>
        <Button type="text" @click="open = false">{{ words.t('common.cancel') }}</Button>
      </div>
    </Form>
  </div>
</template>

<style scoped>
.begin {
  padding: 0;
}
.wish {
  max-width: 420px;
  margin: 6px 0 10px;
}
.lengths {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 12px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
