<script setup lang="ts">
import { Button, Textarea } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { OUT_REASONS } from '@emberfield/core/larder';
import type { UnitKey } from '@emberfield/core/plants';
import FormFailure from '../form/FormFailure.vue';
import { useHearth } from '../hearth/queries.ts';
import ChoiceChips from '../kit/ChoiceChips.vue';
import FieldScreen from '../kit/FieldScreen.vue';
import StateNote from '../kit/StateNote.vue';
import ToggleChips from '../kit/ToggleChips.vue';
import { toggled } from '../kit/toggled.ts';
import { usePlant } from '../plants/queries.ts';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import LotFields from './LotFields.vue';
import OtherLot from './OtherLot.vue';
import {
  blankLot,
  blankSort,
  lotFits,
  ofOthers,
  SHARES,
  thrown,
  type Lot,
  type ShareKey,
  type SortDraft,
} from './sort-draft.ts';
import { useLarderHere } from './use-larder-here.ts';
import { useSort } from './use-sort.ts';

/** The sorting table: what lay there, what was thrown out and why, what is kept and how, in one jar or several. */
const MOST_JARS = 6;
const words = useWords();
const route = useRoute();
const router = useRouter();
const { groupId } = useGroup();
const { query, larder } = useLarderHere();
const { busy, failure, keep: keepSorted } = useSort();
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
const takes = computed(() =>
  take.value ? [take.value, ...others.value.filter((t) => draft.value.beside.includes(t.id))] : [],
);
const hearth = useHearth(groupId, ref(undefined), ref(false));
/** Whoever may not put the take right cannot say that part of it was something else. */
const stands = computed(() =>
  take.value?.said
    ? (hearth.data.value?.stands ?? []).filter((s) => s.patchId === take.value?.patchId && s.id !== take.value.standId)
    : [],
);
const what = computed(() =>
  take.value ? `${words.value.text(take.value.plantName)} · ${words.value.text(take.value.partName)}` : '',
);
const lookAlikes = computed(() => plant.data.value?.profile.lookAlikes ?? []);
const shares = computed(() =>
  (Object.keys(SHARES) as ShareKey[]).map((value) => ({ value, label: words.value.t(`larder.shares.${value}`) })),
);
const setLot = (i: number, lot: Lot): void => set({ lots: draft.value.lots.map((l, k) => (k === i ? lot : l)) });
/** Units of what lies in the lots of other stands, as they are counted there. */
const units = ref<Readonly<Record<number, UnitKey | null>>>({});
const unitOf = (of: NonNullable<Lot['of']>): UnitKey | null =>
  units.value[draft.value.lots.findIndex((l) => l.of?.standId === of.standId && l.of.part === of.part)] ?? null;
const thrownShare = computed(() => Object.values(draft.value.out).reduce((sum, key) => sum + SHARES[key], 0));
const less = computed(() => (take.value ? ofOthers(draft.value, take.value, unitOf) : 0));
/** Units that ought to lie in a jar where all of it goes into one. */
const unitsHere = computed(() =>
  draft.value.lots.filter((l) => !l.of).length === 1
    ? (1 - Math.min(1, thrownShare.value)) * (takes.value.reduce((sum, t) => sum + t.amount, 0) - less.value)
    : null,
);
const fits = computed(
  () =>
    draft.value.lots.every(lotFits) &&
    (draft.value.out.lookAlike === undefined || draft.value.found.length > 0) &&
    thrownShare.value <= 1 &&
    (less.value === 0 || less.value < (take.value?.said?.body.amount ?? 0)),
);
async function keep(): Promise<void> {
  if (!take.value || !fits.value) return;
  const around = { take: take.value, takes: takes.value, unitOf, lookAlikes: lookAlikes.value };
  const kept = await keepSorted(draft.value, around, what.value);
  if (kept === undefined) return;
  draft.value = blankSort();
  await router.replace(kept === null ? { name: 'larder' } : { name: 'batch', params: { batchId: kept } });
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
    <p v-if="thrownShare > 1" class="warn" role="alert">{{ words.t('reasons.moreThrownThanThere') }}</p>
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
    <section v-for="(lot, i) in draft.lots" :key="i" class="lot">
      <h3 v-if="draft.lots.length > 1">
        {{ words.t('larder.jar', { n: i + 1 }) }}
        <Button v-if="i > 0" size="small" @click="set({ lots: draft.lots.filter((_, k) => k !== i) })">{{
          words.t('larder.noJar')
        }}</Button>
      </h3>
      <OtherLot
        v-if="i > 0 && stands.length"
        :model-value="lot"
        :stands="stands"
        @update:model-value="setLot(i, $event)"
        @unit="units = { ...units, [i]: $event }" />
      <LotFields
        :model-value="lot"
        :each="lot.of ? null : (take.each ?? null)"
        :units="lot.of ? null : unitsHere"
        :washed="draft.washed"
        :part="lot.of?.part ?? take.part"
        @update:model-value="setLot(i, $event)" />
    </section>
    <p v-if="less >= (take.said?.body.amount ?? Infinity)" class="warn" role="alert">
      {{ words.t('larder.moreThanLay') }}
    </p>
    <p>
      <Button :disabled="draft.lots.length >= MOST_JARS" @click="set({ lots: [...draft.lots, blankLot()] })">{{
        words.t('larder.oneMoreJar')
      }}</Button>
    </p>
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
.lot :deep(.line) {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  margin: 10px 0;
}
.lot :deep(.line .ant-input),
.lot :deep(.line .ant-input-affix-wrapper) {
  max-width: 220px;
}
.lot + .lot {
  border-top: 1px solid var(--hair);
  margin-top: 14px;
  padding-top: 6px;
}
h3 {
  margin-top: 12px;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
  font-size: 17px;
}
</style>
