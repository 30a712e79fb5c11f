<script setup lang="ts">
import { useWords } from '../session/words.ts';
import { ofHundred, type OwnPlan } from './plans.ts';
import PlanSlider from './PlanSlider.vue';

/** A plan of one's own: how many plants, how often, and how many are set back. */
defineProps<{ kills: boolean }>();
const own = defineModel<OwnPlan>({ required: true });
const words = useWords();
const set = (over: Partial<OwnPlan>): void => void (own.value = { ...own.value, ...over });
</script>

<template>
  <div class="no-print">
    <PlanSlider
      :model-value="100 * own.share"
      :name="words.t('bench.share')"
      :shown="words.format.number(ofHundred(own.share), 1)"
      :min="0"
      :max="100"
      @update:model-value="set({ share: $event / 100 })" />
    <PlanSlider
      :model-value="own.everyYears"
      :name="words.t('bench.every')"
      :shown="String(own.everyYears)"
      :min="1"
      :max="10"
      @update:model-value="set({ everyYears: $event })" />
    <PlanSlider
      v-if="kills"
      :model-value="own.setBack"
      :name="words.t('bench.setBack')"
      :shown="String(own.setBack)"
      :min="0"
      :max="10"
      @update:model-value="set({ setBack: $event })" />
  </div>
</template>
