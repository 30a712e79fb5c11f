<script setup lang="ts">
import { Button, Textarea } from 'ant-design-vue';
import { computed } from 'vue';
import { QUALITIES, SMELLS, type EntryBodies, type PlantingWay } from '@emberfield/contract';
import DayField from '../kit/DayField.vue';
import NumberField from '../kit/NumberField.vue';
import ChoiceChips from '../kit/ChoiceChips.vue';
import FoldUp from '../kit/FoldUp.vue';
import ToggleChips from '../kit/ToggleChips.vue';
import { toggled } from '../kit/toggled.ts';
import CountStepper from '../kit/CountStepper.vue';
import { useWords } from '../session/words.ts';
import type { TakeDraft } from './take-draft.ts';

/** What may be said of a take besides its amount: all by a tap, none of it needed. */
type Savour = NonNullable<EntryBodies['take']['savours']>[number];
const props = defineProps<{
  today: string;
  /** Ways in which something of it can be set back at once; none where taking it kills nothing. */
  setBackAs: readonly PlantingWay[];
  /** It is dug or dies of it: then what snapped, what was only pulled at and what died is asked. */
  dug: boolean;
  /** Minutes since one came, where the way is noted. */
  stay: number | null;
  /** What may be said of taste and smell; none where what it is, is not settled: then nobody tastes, and nobody is asked. */
  savours: readonly Savour[];
}>();
const OUT = ['snapped', 'tried', 'died'] as const;
const WASTE = [0.1, 0.25, 0.5, 0.8];
const draft = defineModel<TakeDraft>({ required: true });
const words = useWords();
const savourTitle = computed(() => words.value.t(props.savours.length > SMELLS.length ? 'take.savour' : 'take.smell'));
const cameOut = computed(() => draft.value.snapped > 0 || draft.value.tried > 0 || draft.value.died !== null);
const set = (change: Partial<TakeDraft>): void => void (draft.value = { ...draft.value, ...change });
</script>

<template>
  <div class="row">
    <span>{{ words.t('take.fromPlants') }}</span>
    <Button
      class="step"
      :aria-label="words.t('take.plantLess')"
      @click="set({ plants: Math.max(0, draft.plants - 1) })">
      −
    </Button>
    <b>{{ draft.plants || '–' }}</b>
    <Button class="step" :aria-label="words.t('take.plantDone')" @click="set({ plants: draft.plants + 1 })"> + </Button>
  </div>
  <FoldUp v-if="dug" :title="words.t('take.cameOut')" :open="cameOut">
    <div class="out">
      <template v-for="key in OUT" :key="key">
        <span>{{ words.t(`take.${key}`) }}</span>
        <CountStepper
          :model-value="draft[key]"
          :label="words.t(`take.${key}`)"
          @update:model-value="set({ [key]: key === 'died' ? $event : $event || 0 })" />
      </template>
    </div>
  </FoldUp>
  <template v-if="setBackAs.length">
    <p class="soft">{{ words.t('putBack.withTake') }}</p>
    <ChoiceChips
      :model-value="draft.setBackAs"
      optional
      :label="words.t('putBack.withTake')"
      :options="setBackAs.map((w) => ({ value: w, label: words.t(`putBack.way.${w}`) }))"
      @update:model-value="set({ setBackAs: $event, setBack: $event ? draft.setBack || draft.plants || 1 : 0 })" />
    <CountStepper
      v-if="draft.setBackAs"
      :model-value="draft.setBack"
      :label="words.t(`putBack.way.${draft.setBackAs}`)"
      @update:model-value="set({ setBack: $event || 0 })" />
  </template>
  <p class="soft">{{ words.t('take.quality') }}</p>
  <ChoiceChips
    :model-value="draft.quality"
    optional
    :label="words.t('take.quality')"
    :options="QUALITIES.map((q) => ({ value: q, label: words.t(`take.qualities.${q}`) }))"
    @update:model-value="set({ quality: $event })" />
  <ChoiceChips
    v-if="draft.quality === 'tough'"
    :model-value="draft.waste === null ? null : String(draft.waste)"
    optional
    :label="words.t('take.waste')"
    :options="
      WASTE.map((w) => ({ value: String(w), label: words.t('take.wasteOf', { percent: words.format.percent(w) }) }))
    "
    @update:model-value="set({ waste: $event === null ? null : Number($event) })" />
  <FoldUp v-if="savours.length" :title="savourTitle" :open="draft.savours.length > 0">
    <ToggleChips
      :label="savourTitle"
      :options="savours.map((value) => ({ value, label: words.t(`take.savours.${value}`) }))"
      :chosen="draft.savours"
      @toggle="set({ savours: toggled(draft.savours, $event) })" />
  </FoldUp>
  <div class="row">
    <Button class="chip" :aria-pressed="draft.eaten" @click="set({ eaten: !draft.eaten })">
      {{ words.t('take.eaten') }}
    </Button>
    <label class="day">
      <span class="soft">{{ words.t('take.when') }}</span>
      <DayField :model-value="draft.day || today" :max="today" @update:model-value="set({ day: $event })" />
    </label>
  </div>
  <div class="row">
    <label class="minutes">
      <span class="soft">{{ words.t('take.minutes') }}</span>
      <NumberField
        whole
        :model-value="draft.minutes"
        :label="words.t('take.minutes')"
        @update:model-value="set({ minutes: $event ?? null })" />
    </label>
    <Button v-if="stay && draft.minutes === null" class="chip" @click="set({ minutes: stay })">{{
      words.t('way.takeIt', { n: stay })
    }}</Button>
  </div>
  <Textarea
    :value="draft.note"
    :auto-size="{ minRows: 1, maxRows: 5 }"
    :maxlength="600"
    :placeholder="words.t('take.note')"
    :aria-label="words.t('take.note')"
    @update:value="set({ note: $event })" />
</template>

<style scoped>
.row {
  display: flex;
  gap: 12px;
  align-items: center;
  flex-wrap: wrap;
}
.row > span:first-child {
  flex: 1;
}
.row .step {
  flex: 0 0 56px;
  min-height: 56px;
}
.row b {
  min-width: 34px;
  text-align: center;
}
.out {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px 12px;
  align-items: center;
}
.day {
  margin-left: auto;
  display: flex;
  gap: 8px;
  align-items: center;
  font-size: 15px;
}
.day input {
  width: auto;
}
.minutes {
  display: flex;
  gap: 12px;
  align-items: center;
}
.minutes .ant-input {
  width: 90px;
}
</style>
