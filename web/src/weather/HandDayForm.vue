<script setup lang="ts">
import { Button, Form, Input } from 'ant-design-vue';
import { computed, reactive, watch } from 'vue';
import { celsiusToFahrenheit } from '@emberfield/core/measure';
import { type HandDays, type StationView, handDaysSchema } from '@emberfield/contract';
import FormFailure from '../form/FormFailure.vue';
import FormField from '../form/FormField.vue';
import { useForm } from '../form/use-form.ts';
import { useChange } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { refusal, useOutbox } from '../offline/use-outbox.ts';
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
const values = reactive({ day: today.value, min: '', max: '', rain: '' });
watch(
  () => props.station.id,
  () => Object.assign(values, { day: today.value, min: '', max: '', rain: '' }),
);
const form = useForm({
  schema: handDaysSchema,
  body: () => ({ days: [handDay(values, imperial.value)] }),
  limit: (path, bound) => {
    if (!imperial.value) return bound;
    return path.endsWith('C') ? Math.round(celsiusToFahrenheit(bound)) : Math.round(bound / 2.54) / 10;
  },
});
const outbox = useOutbox();
const save = useChange(async (body: HandDays) => {
  const { id: stationId, name } = props.station;
  const { day } = body.days[0]!;
  const sent = await outbox.send([{ route: 'putHandDays', params: { stationId }, body }], {
    // Read again on the same day it is the same reading, as it was read last.
    id: `reading:${stationId}:${day}`,
    label: words.value.t('outbox.reading', { station: name, day: words.value.format.day(day) }),
  });
  if (sent.kind === 'refused') throw refusal(sent);
  return sent.kind;
});
async function keep(): Promise<void> {
  const done = await form.send(save.mutateAsync);
  if (done === undefined) return;
  undo.say(words.value.t(done === 'waiting' ? 'outbox.keptWord' : 'common.stored'));
  Object.assign(values, { min: '', max: '', rain: '' });
}
const degree = computed(() => (imperial.value ? '°F' : '°C'));
const usual = (c: number): string => String(imperial.value ? Math.round(celsiusToFahrenheit(c)) : c);
</script>

<template>
  <section class="section">
    <h2>{{ words.t('weather.hand.title') }}</h2>
    <p class="soft small">{{ words.t('weather.hand.lead') }}</p>
    <Form layout="vertical" class="hand" @submit="keep">
      <FormField :form="form" at="days[0].day" :label="words.t('weather.hand.day')">
        <DayField v-model="values.day" :max="today" />
      </FormField>
      <FormField :form="form" :at="['days[0].minC', 'days[0]$']" :label="words.t('weather.lowest')" :unit="degree">
        <Input v-model:value="values.min" inputmode="decimal" :placeholder="usual(4)" />
      </FormField>
      <FormField :form="form" at="days[0].maxC" :label="words.t('weather.highest')" :unit="degree">
        <Input v-model:value="values.max" inputmode="decimal" :placeholder="usual(15)" />
      </FormField>
      <FormField
        :form="form"
        at="days[0].rainMm"
        :label="words.t('weather.rain')"
        :unit="imperial ? 'in' : 'mm'"
        optional>
        <Input v-model:value="values.rain" inputmode="decimal" />
      </FormField>
      <Button html-type="submit" type="primary" :loading="form.busy.value">{{ words.t('common.save') }}</Button>
    </Form>
    <FormFailure :said="form.failure.value" />
  </section>
</template>

<style scoped>
.hand {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 150px)) auto;
  gap: 0 12px;
}
.hand > .ant-btn {
  margin: 30px 0 12px;
  justify-self: start;
}
@media (max-width: 900px) {
  .hand {
    grid-template-columns: 1fr 1fr;
  }
  .hand > .ant-btn {
    margin-top: 0;
  }
}
</style>
