<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { doubtfulOf, kinOf, type Work } from '@emberfield/core/larder';
import FormFailure from '../form/FormFailure.vue';
import FoldUp from '../kit/FoldUp.vue';
import GoButton from '../kit/GoButton.vue';
import NumberField from '../kit/NumberField.vue';
import StateNote from '../kit/StateNote.vue';
import WeighIt from '../scale/WeighIt.vue';
import { useDay } from '../session/use-day.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import TasteNote from '../tastes/TasteNote.vue';
import BatchLines from './BatchLines.vue';
import DryingChart from './DryingChart.vue';
import { batchName, sayBatch, sayDrying } from './say-batch.ts';
import { dryingNow } from './shelf.ts';
import { useLarderClock } from './use-larder-clock.ts';
import { useBatch } from './use-batch.ts';
import { useOneBatch } from './use-one-batch.ts';
import WorkLines from './WorkLines.vue';

/** One batch: how it dries, what is done with it, and what it shares something with. */
const words = useWords();
const { isKeeper, mayPick } = useGroup();
const { today } = useDay();
const { query, larder, batch } = useOneBatch();
const { busy, failure, weigh, step, takeBack } = useBatch(batch);
const { now, dayAfter } = useLarderClock();
const dries = computed(() => (batch.value ? dryingNow(batch.value, now.value) : null));
const drying = computed(
  () =>
    dries.value &&
    sayDrying(dries.value, words.value, (h) => words.value.format.weekday(dayAfter(batch.value!.beganAt, h))),
);
const kin = computed(() => {
  if (!larder.value || !batch.value) return [];
  const shared = kinOf(larder.value.batches, batch.value.id);
  return larder.value.batches.filter((b) => b.id !== batch.value!.id && shared.has(b.id));
});
const doubtful = computed(() => Boolean(batch.value && doubtfulOf(larder.value?.batches ?? []).has(batch.value.id)));
/** All that was noted of it; what others noted is theirs and a keeper's to take back. */
const notes = computed(() => {
  const { t, format } = words.value;
  const b = batch.value!;
  const line = (day: string, ...said: readonly string[]): string =>
    [format.day(day, today.value), ...said].filter(Boolean).join(' · ');
  const mayTakeBack = (mine: boolean): boolean => mayPick.value && (mine || isKeeper.value);
  return [
    { id: b.id, said: line(b.day, t('larder.entry'), b.by), mayTakeBack: mayTakeBack(b.mine) },
    ...b.noted.map((n) => ({
      id: n.id,
      said: line(
        n.day,
        t(n.step === 'weighed' ? 'larder.weighed' : `larder.steps.${n.step}`),
        n.massG === null ? '' : format.mass(n.massG),
        n.where,
        n.by,
      ),
      mayTakeBack: mayTakeBack(n.mine),
    })),
  ];
});
const thrownOut = computed(() => batch.value?.body.out.reduce((sum, o) => sum + o.share, 0) ?? 0);
const massG = ref<number | null>(null);
const amount = ref<number | null>(null);
const where = ref('');
const isMass = (n: number | null): n is number => n !== null && Number.isFinite(n) && n > 0;
const fits = computed(() => amount.value === null || (Number.isFinite(amount.value) && amount.value >= 0));
async function weighed(mass: number): Promise<void> {
  await weigh(mass);
  if (failure.value === '') massG.value = null;
}
async function noteWork(work: Work, left: number | null): Promise<boolean> {
  await step(work, left);
  return failure.value === '';
}
const works = computed(() => ({
  ...{ batch: batch.value!, all: larder.value!.batches, mayNote: mayPick.value, busy: busy.value, note: noteWork },
}));
async function note(what: 'stored' | 'used' | 'spoilt'): Promise<void> {
  await step(what, amount.value, where.value.trim());
  if (failure.value !== '') return;
  amount.value = null;
  where.value = '';
}
</script>

<template>
  <StateNote
    v-if="query.isLoadingError.value"
    state="failed"
    :text="query.error.value?.message"
    @retry="query.refetch()" />
  <StateNote v-else-if="!larder" state="loading" />
  <div v-else-if="!batch" class="page">
    <h1>{{ words.t('larder.title') }}</h1>
    <p>{{ words.t('larder.missing') }}</p>
    <GoButton :to="{ name: 'larder' }">{{ words.t('larder.backTo') }}</GoButton>
  </div>
  <div v-else class="page batch">
    <h1>{{ batchName(batch, words) }}</h1>
    <p>
      {{
        words.t('larder.of', {
          plant: `${words.text(batch.plantName)} · ${words.text(batch.partName)}`,
          place: batch.patchName,
          day: words.format.dayAndYear(batch.day),
          by: batch.by,
        })
      }}
      · <b>{{ words.t(`larder.raw.${batch.eating}`) }}</b>
    </p>
    <p>{{ sayBatch(batch, words, today) }}</p>
    <p v-if="doubtful" class="warn" role="alert">{{ words.t('larder.doubtful') }}</p>
    <p v-for="c in batch.cautions" :key="c.text['en']" class="warn small">{{ words.text(c.text) }}</p>
    <p v-if="thrownOut > 0" class="soft">
      {{ words.t('larder.thrownOut', { percent: words.format.percent(thrownOut) }) }}:
      {{ words.format.list(batch.body.out.map((o) => words.t(`larder.reasons.${o.reason}`))) }}
    </p>
    <p v-if="batch.body.note">{{ batch.body.note }}</p>

    <section v-if="dries && batch.state === 'drying'">
      <h2>{{ words.t('larder.curve') }}</h2>
      <p aria-live="polite">
        {{ drying!.about }}
        <template v-if="!dries.isWeighed">{{ words.t('larder.usualOnly') }}</template>
      </p>
      <p :class="dries.mould.level === 'low' ? 'soft' : 'warn'">
        {{ drying!.mould }}
        <template v-if="dries.mould.level !== 'low'">{{ words.t('larder.mouldAdvice') }}</template>
      </p>
      <DryingChart :batch="batch" :dries="dries" />
      <p class="soft small">{{ words.t('larder.how') }}</p>
      <form v-if="mayPick" class="row no-print" @submit.prevent="isMass(massG) && weighed(massG)">
        <label
          >{{ words.t('larder.weighNow') }} <NumberField v-model="massG" unit="g" :label="words.t('larder.weighNow')"
        /></label>
        <Button html-type="submit" :disabled="!isMass(massG)" :loading="busy">{{ words.t('larder.note2') }}</Button>
        <WeighIt @weighed="weighed" />
        <Button :loading="busy" @click="step('dry', null)">{{ words.t('larder.steps.dry') }}</Button>
      </form>
    </section>

    <FoldUp v-if="batch.storedOn || batch.state === 'gone'" :title="words.t('larder.works')"
      ><WorkLines v-bind="works"
    /></FoldUp>
    <section v-else>
      <h2>{{ words.t('larder.works') }}</h2>
      <WorkLines v-bind="works" />
    </section>

    <TasteNote :batch="batch" :doubtful="doubtful" />

    <section v-if="mayPick && batch.state !== 'gone'" class="no-print">
      <div class="row">
        <label
          >{{ words.t('larder.howMuch') }} <NumberField v-model="amount" unit="g" :label="words.t('larder.howMuch')"
        /></label>
        <label
          >{{ words.t(batch.storedOn ? 'larder.useFor' : 'larder.whereKept') }}
          <Input v-model:value="where" :maxlength="120" />
        </label>
      </div>
      <div class="row">
        <Button v-if="!batch.storedOn" type="primary" :disabled="!fits" :loading="busy" @click="note('stored')">{{
          words.t('larder.store')
        }}</Button>
        <Button :disabled="!fits" :loading="busy" @click="note('used')">{{
          words.t(amount === null ? 'larder.useAll' : 'larder.use')
        }}</Button>
        <Button :disabled="!fits" :loading="busy" danger @click="note('spoilt')">{{ words.t('larder.spoil') }}</Button>
        <GoButton :to="{ name: 'label', params: { batchId: batch.id } }">{{ words.t('larder.label') }}</GoButton>
      </div>
    </section>
    <FormFailure :said="failure" />

    <section>
      <h2>{{ words.t('larder.kin') }}</h2>
      <template v-if="kin.length">
        <p class="soft small">{{ words.t('larder.kinLead') }}</p>
        <BatchLines :batches="kin" :today="today" />
      </template>
      <p v-else class="soft">{{ words.t('larder.kinNone') }}</p>
      <RouterLink :to="{ name: 'stand', params: { standId: batch.standId } }">{{ batch.patchName }}</RouterLink>
    </section>
    <FoldUp :title="words.t('larder.noted')">
      <div v-for="n in notes" :key="n.id" class="noted">
        <span>{{ n.said }}</span>
        <Button v-if="n.mayTakeBack" size="small" :loading="busy" @click="takeBack(n.id)">{{
          words.t('stand.undoEntry')
        }}</Button>
      </div>
    </FoldUp>
  </div>
</template>

<style scoped>
.batch {
  max-width: 760px;
}
section {
  margin-top: 16px;
}
.noted {
  display: flex;
  gap: 6px 14px;
  flex-wrap: wrap;
  justify-content: space-between;
  border-top: 1px solid var(--hair);
  padding: 6px 0;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 14px;
  align-items: end;
  margin: 8px 0;
}
.row label {
  display: grid;
  gap: 2px;
  font-size: 15px;
}
</style>
