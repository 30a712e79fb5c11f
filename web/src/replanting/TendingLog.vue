<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { ref, toRef } from 'vue';
import type { StandView } from '@emberfield/contract';
import { TENDING_WORKS, type TendingWork } from '@emberfield/core/stand';
import { newKey } from '../entries/draft-key.ts';
import FormFailure from '../form/FormFailure.vue';
import ChoiceChips from '../kit/ChoiceChips.vue';
import NumberField from '../kit/NumberField.vue';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import { usePlantings } from './use-plantings.ts';

/** Work on the plants of a garden, noted by a press. */
const props = defineProps<{ stand: StandView }>();
const words = useWords();
const { today } = useDay();
const { tryNote, busy, failure } = usePlantings(toRef(props, 'stand'));
const work = ref<TendingWork | null>(null);
const minutes = ref<number | null>(null);
const key = ref(newKey());
async function keep(): Promise<void> {
  if (!work.value) return;
  if (Number.isNaN(minutes.value)) return void (failure.value = words.value.t('reasons.notANumber'));
  const body = { work: work.value, minutes: minutes.value, note: '' };
  const said = words.value.t('putBack.storedTending');
  if (await tryNote({ kind: 'tending', day: today.value, body }, key.value, said))
    [work.value, minutes.value, key.value] = [null, null, newKey()];
}
</script>

<template>
  <section class="no-print">
    <h2>{{ words.t('putBack.tending') }}</h2>
    <p class="soft small">{{ words.t('putBack.tendingLead') }}</p>
    <ChoiceChips
      v-model="work"
      optional
      :label="words.t('putBack.tending')"
      :options="TENDING_WORKS.map((w) => ({ value: w, label: words.t(`putBack.works.${w}`) }))" />
    <div v-if="work" class="row">
      <NumberField v-model="minutes" whole :label="words.t('putBack.took')" :placeholder="words.t('putBack.took')" />
      <Button type="primary" :loading="busy" @click="keep">{{ words.t('putBack.storeTending') }}</Button>
    </div>
    <FormFailure :said="failure" />
  </section>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-top: 10px;
}
.row > .ant-input {
  width: 190px;
}
.row > * {
  min-height: 48px;
}
</style>
