<script setup lang="ts">
import { Button, Form, Input } from 'ant-design-vue';
import { v7 as newId } from 'uuid';
import { computed, ref } from 'vue';
import { centreOf, LONGEST_TIDE_FILE, ROUTES, type NewTide, type TideView, newTideSchema } from '@emberfield/contract';
import FormFailure from '../form/FormFailure.vue';
import FormField from '../form/FormField.vue';
import PositionFields from '../form/PositionFields.vue';
import { useForm } from '../form/use-form.ts';
import { numberFrom } from '../kit/typed-number.ts';
import { useChange, usePatches } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { call } from '../platform/api.ts';
import { useWords } from '../session/words.ts';
import { useTides } from './queries.ts';
import FileButton from '../kit/FileButton.vue';

/** Places whose tide is known, and the file that a new one is told by. */
const words = useWords();
const { groupId, isKeeper } = useGroup();
const tides = useTides(groupId);
const patches = usePatches(groupId);
const blank = () => ({ id: newId(), name: '', latitude: '', longitude: '', file: '', fileName: '' });
const values = ref(blank());
const adding = ref(false);
/** The first place on a shore is where a tide is wanted. */
const near = computed(() => {
  const shore = patches.data.value?.find((p) => p.hazards.includes('tide')) ?? patches.data.value?.[0];
  return shore ? centreOf(shore.geometry) : null;
});
const form = useForm({
  schema: newTideSchema,
  body: () => ({
    id: values.value.id,
    name: values.value.name.trim(),
    file: values.value.file,
    latitudeDeg: numberFrom(values.value.latitude, near.value?.latitudeDeg),
    longitudeDeg: numberFrom(values.value.longitude, near.value?.longitudeDeg),
  }),
});
const save = useChange((body: NewTide) => call(ROUTES.newTide, { params: { groupId: groupId.value! }, body }));
const remove = useChange((tideId: string) => call(ROUTES.removeTide, { params: { groupId: groupId.value!, tideId } }));
const removing = ref<string | null>(null);
async function take(file: File): Promise<void> {
  if (file.size > LONGEST_TIDE_FILE) return void (form.failure.value = words.value.t('weather.fileTooLarge'));
  // Another file is another thing to store: it must not meet the key of one that was refused or half sent.
  values.value = { ...values.value, id: newId(), file: await file.text(), fileName: file.name };
}
async function keep(): Promise<void> {
  if ((await form.send(save.mutateAsync)) === undefined) return;
  values.value = blank();
  adding.value = false;
}
const said = ({ kind, count, firstDay, lastDay }: TideView): string => {
  const { t, format } = words.value;
  return kind === 'harmonic'
    ? t('tide.harmonic', { n: count })
    : t('tide.table', { n: count, from: format.dayAndYear(firstDay!), to: format.dayAndYear(lastDay!) });
};
const today = ({ turns }: TideView): string => {
  const { t, format } = words.value;
  if (!turns) return t('tide.notToday');
  return turns
    .map(({ clock, levelM, high }) => t(high ? 'tide.high' : 'tide.low', { clock, level: format.number(levelM, 1) }))
    .join(' · ');
};
</script>

<template>
  <section class="section">
    <h2>{{ words.t('tide.title') }}</h2>
    <p class="soft">{{ words.t('tide.lead') }}</p>
    <p v-if="tides.isLoadingError.value" class="warn" role="alert">{{ tides.error.value?.message }}</p>
    <ul v-if="tides.data.value?.length" class="tides">
      <li v-for="tide in tides.data.value" :key="tide.id">
        <b class="serif">{{ tide.name }}</b> <span class="soft">{{ said(tide) }}</span>
        <span class="today">{{ words.t('tide.today') }}: {{ today(tide) }}</span>
        <template v-if="isKeeper">
          <Button v-if="removing !== tide.id" type="link" @click="removing = tide.id">
            {{ words.t('tide.remove') }}
          </Button>
          <span v-else>
            {{ words.t('tide.removeSure') }}
            <Button :disabled="remove.isPending.value" @click="remove.mutate(tide.id)">
              {{ words.t('tide.remove') }}
            </Button>
            <Button type="link" @click="removing = null">{{ words.t('common.cancel') }}</Button>
          </span>
        </template>
      </li>
    </ul>
    <p v-else-if="tides.data.value" class="soft">{{ words.t(isKeeper ? 'tide.none' : 'tide.keeperOnly') }}</p>
    <Button v-if="isKeeper && !adding" type="link" @click="adding = true">
      {{ words.t('tide.new') }}
    </Button>
    <Form v-if="isKeeper && adding" layout="vertical" class="new" @submit="keep">
      <FormField :form="form" at="name" :label="words.t('tide.name')">
        <Input v-model:value="values.name" :maxlength="80" />
      </FormField>
      <PositionFields
        v-model:latitude="values.latitude"
        v-model:longitude="values.longitude"
        :form="form"
        :near="near" />
      <FormField :form="form" at="file" bare class="wide" :label="words.t('tide.file')">
        <FileButton area accept=".json,.csv,.txt,application/json,text/csv,text/plain" @file="take">{{
          values.fileName || words.t('tide.file')
        }}</FileButton>
      </FormField>
      <p class="soft wide">{{ words.t('tide.fileText') }}</p>
      <FormFailure class="wide" :said="form.failure.value" />
      <Button html-type="submit" type="primary" :loading="form.busy.value">{{ words.t('tide.add') }}</Button>
    </Form>
    <p v-if="remove.error.value" class="warn" role="alert">{{ remove.error.value.message }}</p>
  </section>
</template>

<style scoped>
.tides {
  list-style: none;
  padding: 0;
}
.tides li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: baseline;
  border-bottom: 1px solid var(--hair);
  padding: 8px 0;
}
.today {
  flex: 1 1 320px;
}
.new {
  display: grid;
  grid-template-columns: 2fr 1fr 1fr;
  gap: 0 12px;
  max-width: 760px;
}
.new > .ant-btn {
  justify-self: start;
}
.wide {
  grid-column: 1 / -1;
}
@media (max-width: 700px) {
  .new {
    grid-template-columns: 1fr 1fr;
  }
  .new > :first-child {
    grid-column: 1 / -1;
  }
}
</style>
