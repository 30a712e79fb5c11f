<script setup lang="ts">
import { Button, Form, Textarea } from 'ant-design-vue';
import { computed, ref, toRef } from 'vue';
import { entriesSchema } from '../entries/entries-schema.ts';
import { newKey } from '../entries/draft-key.ts';
import type { EntryBodies, PlantingWay, StandView } from '@emberfield/contract';
import { PLANTING_SOURCES } from '@emberfield/core/stand';
import FormFailure from '../form/FormFailure.vue';
import FormField from '../form/FormField.vue';
import { useForm } from '../form/use-form.ts';
import ChoiceChips from '../kit/ChoiceChips.vue';
import DayField from '../kit/DayField.vue';
import NumberField from '../kit/NumberField.vue';
import { useDay } from '../session/use-day.ts';
import { useDraft } from '../session/use-draft.ts';
import { useWords } from '../session/words.ts';
import CountStepper from '../kit/CountStepper.vue';
import OtherStand from './OtherStand.vue';
import { usePlantings } from './use-plantings.ts';
import { useEntries } from '../entries/use-entries.ts';

/** Notes what was put in, by the way that is chosen above unless another is. */
const props = defineProps<{
  stand: StandView;
  ways: readonly PlantingWay[];
  way: PlantingWay;
}>();
const words = useWords();
const { today } = useDay();
const { make } = useEntries();
const { note } = usePlantings(toRef(props, 'stand'));
type Typed = Pick<EntryBodies['planting'], 'source' | 'fromStandId' | 'minutes' | 'note'> & {
  readonly key: ReturnType<typeof newKey>;
  readonly day: string;
  /** `null`: as chosen above. */
  readonly way: PlantingWay | null;
  readonly number: number | null;
};
const blank = (): Typed => ({
  key: newKey(),
  day: '',
  way: null,
  number: null,
  source: 'here',
  fromStandId: null,
  minutes: null,
  note: '',
});
const typed = useDraft<Typed>(() => `planting-${props.stand.id}`, blank());
const set = (over: Partial<Typed>): void => void (typed.value = { ...typed.value, ...over });
const way = computed(() => typed.value.way ?? props.way);
const open = ref(false);
const body = computed((): EntryBodies['planting'] => ({
  way: way.value,
  number: typed.value.number ?? NaN,
  source: typed.value.source,
  fromStandId: typed.value.source === 'otherStand' ? typed.value.fromStandId : null,
  takeId: null,
  minutes: typed.value.minutes,
  note: typed.value.note.trim(),
}));
const planted = () => ({ kind: 'planting' as const, day: typed.value.day || today.value, body: body.value });
const form = useForm({
  schema: entriesSchema,
  body: () => {
    const { patchId, id: standId } = props.stand;
    // What is no number yet is for the form to say, and for no entry to carry.
    const entry = make({ ...planted(), patchId, standId, body: {} as never }, typed.value.key);
    return { entries: [{ ...entry, body: body.value }] };
  },
});
const AT = 'entries[0]';
async function keep(): Promise<void> {
  const what = words.value.t(`putBack.many.${way.value}`, { n: typed.value.number ?? 0 });
  const done = await form.send(async () => {
    await note(planted(), typed.value.key, words.value.t('putBack.stored', { what }));
    return true;
  });
  if (!done) return;
  typed.value = blank();
  open.value = false;
}
</script>

<template>
  <Button v-if="!open" class="no-print big" type="primary" @click="open = true">{{ words.t('putBack.note') }}</Button>
  <Form v-else layout="vertical" class="no-print" :aria-label="words.t('putBack.note')" @submit="keep">
    <h2>{{ words.t('putBack.note') }}</h2>
    <FormField :form="form" :at="`${AT}.body.way`" :label="words.t('putBack.wayTitle')">
      <ChoiceChips
        :model-value="way"
        :label="words.t('putBack.wayTitle')"
        :options="ways.map((w) => ({ value: w, label: words.t(`putBack.way.${w}`) }))"
        @update:model-value="set({ way: $event })" />
    </FormField>
    <FormField :form="form" :at="`${AT}.body.number`" :label="words.t('putBack.number')">
      <CountStepper
        :model-value="typed.number"
        :label="words.t('putBack.number')"
        @update:model-value="set({ number: $event })" />
    </FormField>
    <FormField :form="form" :at="[`${AT}.body.source`, `${AT}.body`]" :label="words.t('putBack.source')">
      <ChoiceChips
        :model-value="typed.source"
        :label="words.t('putBack.source')"
        :options="PLANTING_SOURCES.map((s) => ({ value: s, label: words.t(`putBack.sources.${s}`) }))"
        @update:model-value="$event && set({ source: $event })" />
    </FormField>
    <FormField
      v-if="typed.source === 'otherStand'"
      :form="form"
      :at="`${AT}.body.fromStandId`"
      :label="words.t('putBack.fromStand')">
      <OtherStand :model-value="typed.fromStandId" :stand="stand" @update:model-value="set({ fromStandId: $event })" />
    </FormField>
    <FormField :form="form" :at="`${AT}.day`" :label="words.t('putBack.day')">
      <DayField :model-value="typed.day || today" :max="today" @update:model-value="set({ day: $event })" />
    </FormField>
    <FormField :form="form" :at="`${AT}.body.minutes`" optional :label="words.t('putBack.took')">
      <NumberField :model-value="typed.minutes" whole @update:model-value="set({ minutes: $event ?? null })" />
    </FormField>
    <FormField :form="form" :at="`${AT}.body.note`" optional :label="words.t('putBack.words')">
      <Textarea
        :value="typed.note"
        :auto-size="{ minRows: 1, maxRows: 5 }"
        :maxlength="600"
        @update:value="set({ note: $event })" />
    </FormField>
    <FormFailure :said="form.failure.value" />
    <Button html-type="submit" type="primary" class="big" :loading="form.busy.value">{{
      words.t('putBack.store')
    }}</Button>
    <Button type="text" class="big" @click="open = false">{{ words.t('common.cancel') }}</Button>
  </Form>
</template>

<style scoped>
.big {
  min-height: 48px;
  margin: 6px 8px 6px 0;
}
</style>
