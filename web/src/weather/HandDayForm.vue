<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import { computed, reactive, watch } from 'vue';
import { celsiusToFahrenheit } from '@emberfield/core/measure';
import type { StationView } from '@emberfield/contract';
import { typedNumber } from '../patches/new-patch.ts';
import { useChange } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { useOutbox } from '../offline/use-outbox.ts';
import { useDay } from '../session/use-day.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import { handDay } from './hand-day.ts';
import DayField from '../kit/DayField.vue';

/** One's own thermometer, read once a day: lowest and highest, and rain if there is a gauge. */
const props = defineProps<{ station: StationView }>();
const words = useWords();
const undo = useUndo();
const { group } = useGroup();
const { today } = useDay();
const imperial = computed(() => group.value?.units === 'imperial');
const form = reactive({ day: today.value, min: '', max: '', rain: '' });
watch(
  () => props.station.id,
  () => Object.assign(form, { day: today.value, min: '', max: '', rain: '' }),
);
const typed = computed(() =>
  handDay(
    { day: form.day, min: typedNumber(form.min), max: typedNumber(form.max), rain: typedNumber(form.rain) },
    imperial.value,
  ),
);
const upsideDown = computed(() => typed.value !== null && typed.value.minC > typed.value.maxC);
const outbox = useOutbox();
const save = useChange(async () => {
  const { id: stationId, name } = props.station;
  const day = typed.value!;
  const sent = await outbox.send([{ route: 'putHandDays', params: { stationId }, body: { days: [day] } }], {
    // Read again on the same day it is the same reading, as it was read last.
    id: `reading:${stationId}:${day.day}`,
    label: words.value.t('outbox.reading', { station: name, day: words.value.format.day(day.day) }),
  });
  if (sent.kind === 'refused') throw new Error(sent.message);
  return sent.kind;
});
async function keep(): Promise<void> {
  await save.mutateAsync(undefined).then(
    (done) => {
      undo.say(words.value.t(done === 'waiting' ? 'outbox.keptWord' : 'common.stored'));
      Object.assign(form, { min: '', max: '', rain: '' });
    },
    () => undefined,
  );
}
const degree = computed(() => (imperial.value ? '°F' : '°C'));
const usual = (c: number): string => String(imperial.value ? Math.round(celsiusToFahrenheit(c)) : c);
</script>

<template>
  <section class="section">
    <h2>{{ words.t('weather.hand.title') }}</h2>
    <p class="soft small">{{ words.t('weather.hand.lead') }}</p>
    <form class="hand" @submit.prevent="keep">
      <label class="field"
        ><span>{{ words.t('weather.hand.day') }}</span
        ><DayField v-model="form.day" :max="today"
      /></label>
      <label class="field"
        ><span>{{ words.t('weather.lowest') }}, {{ degree }}</span
        ><Input v-model:value="form.min" inputmode="decimal" required :placeholder="usual(4)"
      /></label>
      <label class="field"
        ><span>{{ words.t('weather.highest') }}, {{ degree }}</span
        ><Input v-model:value="form.max" inputmode="decimal" required :placeholder="usual(15)"
      /></label>
      <label class="field"
        ><span>{{ words.t('weather.rain') }}, {{ imperial ? 'in' : 'mm' }}</span
        ><Input v-model:value="form.rain" inputmode="decimal" :placeholder="words.t('common.optional')"
      /></label>
      <Button html-type="submit" type="primary" :disabled="!typed || upsideDown || save.isPending.value">
        {{ words.t('common.save') }}
      </Button>
    </form>
    <p v-if="upsideDown" class="warn" role="alert">{{ words.t('weather.hand.upsideDown') }}</p>
    <p v-if="save.error.value" class="warn" role="alert">{{ save.error.value.message }}</p>
  </section>
</template>

<style scoped>
.hand {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 150px)) auto;
  gap: 0 12px;
  align-items: end;
}
.hand .ant-btn {
  margin-bottom: 12px;
  justify-self: start;
}
@media (max-width: 900px) {
  .hand {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
