<script setup lang="ts">
import { Button, Input, Textarea } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { DRYING_FORMS, KEEPING_WAYS, OUT_REASONS, type KeepingWay } from '@emberfield/core/larder';
import { derivedId } from '../entries/derived-id.ts';
import { useEntries } from '../entries/use-entries.ts';
import FormFailure from '../form/FormFailure.vue';
import ChoiceChips from '../kit/ChoiceChips.vue';
import FieldScreen from '../kit/FieldScreen.vue';
import NumberField from '../kit/NumberField.vue';
import PickOne from '../kit/PickOne.vue';
import StateNote from '../kit/StateNote.vue';
import ToggleChips from '../kit/ToggleChips.vue';
import { toggled } from '../kit/toggled.ts';
import { usePlant } from '../plants/queries.ts';
import { useUndo } from '../platform/use-undo.ts';
import WeighIt from '../scale/WeighIt.vue';
import { useDay } from '../session/use-day.ts';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { useLarderHere } from './use-larder-here.ts';
import { batchBody, blankSort, SHARES, thrown, toldOfStand, type ShareKey, type SortDraft } from './sort-draft.ts';

/** The sorting table: what lay there, what was thrown out and why, what is kept and how. */
const words = useWords();
const route = useRoute();
const router = useRouter();
const { groupId } = useGroup();
const { today } = useDay();
const undo = useUndo();
const entries = useEntries();
const { query, larder } = useLarderHere();
const takeId = computed(() => String(route.params['takeId']));
const take = computed(() => larder.value?.table.find((t) => t.id === takeId.value));
const plant = usePlant(
  groupId,
  computed(() => take.value?.plantKey ?? ''),
);
const draft = useDraft<SortDraft>(() => `sort-${takeId.value}`, blankSort());
const set = (over: Partial<SortDraft>): void => void (draft.value = { ...draft.value, ...over });
/** Of the same part of the same plant; of others the jar would not be what it says. */
const others = computed(() =>
  (larder.value?.table ?? []).filter(
    (t) => t.id !== takeId.value && t.plantKey === take.value?.plantKey && t.part === take.value.part,
  ),
);
const what = computed(() =>
  take.value ? `${words.value.text(take.value.plantName)} · ${words.value.text(take.value.partName)}` : '',
);
const lookAlikes = computed(() => plant.data.value?.profile.lookAlikes ?? []);
const shares = computed(() =>
  (Object.keys(SHARES) as ShareKey[]).map((value) => ({ value, label: words.value.t(`larder.shares.${value}`) })),
);
const ways = computed(() =>
  KEEPING_WAYS.map((value) => ({ value: value as KeepingWay, label: words.value.t(`larder.ways.${value}`) })),
);
const failure = ref('');
const busy = ref(false);
const isNumber = (n: number | null): boolean => n === null || (Number.isFinite(n) && n > 0);
const tooMuch = computed(() => Object.values(draft.value.out).reduce((sum, key) => sum + SHARES[key], 0) > 1);
const fits = computed(
  () =>
    isNumber(draft.value.massG) &&
    isNumber(draft.value.acrossCm) &&
    (draft.value.humidityPct === null || (draft.value.humidityPct >= 0 && draft.value.humidityPct <= 100)) &&
    (draft.value.out.lookAlike === undefined || draft.value.found.length > 0) &&
    !tooMuch.value,
);
async function keep(): Promise<void> {
  if (!take.value || !fits.value) return;
  busy.value = true;
  failure.value = '';
  const { key } = draft.value;
  const at = { patchId: take.value.patchId, standId: take.value.standId, day: today.value };
  const batch = entries.make({ kind: 'batch', ...at, body: batchBody(draft.value, take.value) }, key);
  const told = toldOfStand(draft.value, at, {
    lookAlikes: lookAlikes.value,
    unknownNote: words.value.t('larder.unknownNote'),
  }).map((d) => entries.make(d, { ...key, id: derivedId(key.id, JSON.stringify([d.kind, d.body])) }));
  try {
    const sent = await entries.sendOne(batch, what.value, told);
    undo.say(words.value.t(sent.kind === 'waiting' ? 'larder.keptHere' : 'larder.keptSaid', { what: what.value }), () =>
      entries.withdraw(batch, today.value, told),
    );
    draft.value = blankSort();
    await router.replace(
      sent.kind === 'waiting' ? { name: 'larder' } : { name: 'batch', params: { batchId: batch.id } },
    );
  } catch (error) {
    failure.value = (error as Error).message;
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <StateNote
    v-if="query.isLoadingError.value"
    state="failed"
    :text="query.error.value?.message"
    @retry="query.refetch()" />
  <StateNote v-else-if="!larder || (busy && !take)" state="loading" />
  <StateNote v-else-if="!take" state="empty" :title="words.t('larder.missing')" />
  <FieldScreen v-else :place="take.patchName" :back="{ name: 'larder' }" @submit="keep">
    <h1>{{ words.t('larder.sortOf', { what }) }}</h1>
    <p class="soft">{{ words.t('larder.sortLead') }}</p>
    <template v-if="others.length">
      <h2>{{ words.t('larder.beside') }}</h2>
      <ToggleChips
        :label="words.t('larder.beside')"
        :options="others.map((t) => ({ value: t.id, label: `${t.patchName}, ${words.format.day(t.day)}, ${t.by}` }))"
        :chosen="draft.beside"
        @toggle="set({ beside: toggled(draft.beside, $event) })" />
    </template>
    <h2>{{ words.t('larder.out') }}</h2>
    <p class="soft small">{{ words.t('larder.outLead') }}</p>
    <ul>
      <li v-for="r in OUT_REASONS" :key="r">
        <span>{{ words.t(`larder.reasons.${r}`) }}</span>
        <ChoiceChips
          optional
          :model-value="draft.out[r] ?? null"
          :label="words.t(`larder.reasons.${r}`)"
          :options="shares"
          @update:model-value="set({ out: thrown(draft.out, r, $event) })" />
      </li>
    </ul>
    <p v-if="tooMuch" class="warn" role="alert">{{ words.t('reasons.moreThrownThanThere') }}</p>
    <template v-if="draft.out.lookAlike !== undefined">
      <h2>{{ words.t('larder.which') }}</h2>
      <p class="warn">{{ words.t('larder.whichLead') }}</p>
      <ToggleChips
        :label="words.t('larder.which')"
        :options="lookAlikes.map((l) => ({ value: l.scientific, label: words.text(l.name) }))"
        :chosen="draft.found"
        @toggle="set({ found: toggled(draft.found, $event) })" />
    </template>
    <p v-if="draft.out.unknown !== undefined" class="warn">{{ words.t('larder.unknownSays') }}</p>
    <h2>{{ words.t('larder.good') }}</h2>
    <Button class="chip" :aria-pressed="draft.washed" @click="set({ washed: !draft.washed })">{{
      words.t('larder.washed')
    }}</Button>
    <label class="line"
      >{{ words.t('larder.mass') }}
      <NumberField
        :model-value="draft.massG"
        unit="g"
        :label="words.t('larder.mass')"
        @update:model-value="set({ massG: $event ?? null })"
    /></label>
    <WeighIt @weighed="set({ massG: $event })" />
    <label class="line"
      >{{ words.t('larder.way') }}
      <PickOne
        :model-value="draft.way"
        :label="words.t('larder.way')"
        :options="ways"
        @update:model-value="$event && set({ way: $event })"
    /></label>
    <template v-if="draft.way === 'dry'">
      <ChoiceChips
        :model-value="draft.form"
        :label="words.t('larder.form')"
        :options="DRYING_FORMS.map((value) => ({ value, label: words.t(`larder.forms.${value}`) }))"
        @update:model-value="$event && set({ form: $event })" />
      <label class="line"
        >{{ words.t(`larder.across.${draft.form}`) }}
        <NumberField
          :model-value="draft.acrossCm"
          :label="words.t(`larder.across.${draft.form}`)"
          @update:model-value="set({ acrossCm: $event ?? null })"
      /></label>
      <label class="line"
        >{{ words.t('larder.humidity') }}
        <NumberField
          whole
          :model-value="draft.humidityPct"
          :label="words.t('larder.humidity')"
          @update:model-value="set({ humidityPct: $event ?? null })"
      /></label>
    </template>
    <label class="line"
      >{{ words.t('larder.name') }} <Input :value="draft.name" :maxlength="80" @update:value="set({ name: $event })"
    /></label>
    <Textarea
      :value="draft.note"
      :auto-size="{ minRows: 1, maxRows: 5 }"
      :maxlength="600"
      :placeholder="words.t('larder.note')"
      :aria-label="words.t('larder.note')"
      @update:value="set({ note: $event })" />
    <template #foot>
      <FormFailure :said="failure" />
      <Button html-type="submit" type="primary" :loading="busy" :disabled="!fits">{{ words.t('larder.keep') }}</Button>
    </template>
  </FieldScreen>
</template>

<style scoped>
h1 {
  font-size: 26px;
}
h2 {
  margin: 16px 0 4px;
  font-size: 19px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  border-top: 1px solid var(--hair);
  padding: 6px 0;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  margin: 10px 0;
}
.line :deep(.ant-input),
.line :deep(.ant-input-affix-wrapper) {
  max-width: 220px;
}
</style>
