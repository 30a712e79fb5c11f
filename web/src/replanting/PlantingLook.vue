<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { ref, toRef } from 'vue';
import type { StandView } from '@emberfield/contract';
import type { Cohort } from '@emberfield/core/stand';
import { newKey } from '../entries/draft-key.ts';
import FormFailure from '../form/FormFailure.vue';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import CountStepper from '../kit/CountStepper.vue';
import { usePlantings } from './use-plantings.ts';

/** A look at what was planted: how many live, and how many of these flower. */
const props = defineProps<{ stand: StandView; cohort: Cohort }>();
const emit = defineEmits<{ done: [] }>();
const words = useWords();
const { today } = useDay();
const { tryNote, busy, failure } = usePlantings(toRef(props, 'stand'));
const key = newKey();
const alive = ref<number | null>(props.cohort.alive ?? props.cohort.number);
const flowering = ref<number | null>(0);
const wrong = (): string => {
  if (alive.value === null || Number.isNaN(alive.value)) return words.value.t('reasons.missing');
  if (alive.value > props.cohort.number) return words.value.t('reasons.moreThanPlanted');
  return (flowering.value ?? 0) > alive.value ? words.value.t('reasons.moreFlowerThanLive') : '';
};
async function keep(): Promise<void> {
  failure.value = wrong();
  if (failure.value) return;
  const body = { plantingId: props.cohort.id, alive: alive.value!, flowering: flowering.value, note: '' };
  const said = words.value.t('putBack.storedCheck');
  if (await tryNote({ kind: 'plantingCheck', day: today.value, body }, key, said)) emit('done');
}
</script>

<template>
  <div class="look">
    <div>
      <span>{{ words.t('putBack.alive') }}</span>
      <CountStepper v-model="alive" :most="cohort.number" :label="words.t('putBack.alive')" />
    </div>
    <div>
      <span>{{ words.t('putBack.flowering') }}</span>
      <CountStepper v-model="flowering" :most="alive ?? 0" :label="words.t('putBack.flowering')" />
    </div>
    <FormFailure :said="failure" />
    <Button type="primary" :loading="busy" @click="keep">{{ words.t('putBack.storeCheck') }}</Button>
    <Button type="text" @click="emit('done')">{{ words.t('common.cancel') }}</Button>
  </div>
</template>

<style scoped>
.look {
  display: grid;
  gap: 10px;
  padding: 8px 0 12px;
}
.look > .ant-btn {
  min-height: 48px;
  justify-self: start;
}
.look > div {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
  justify-content: space-between;
  max-width: 420px;
}
</style>
