<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import type { ProfilePart } from '@emberfield/contract';
import { methodOr } from '@emberfield/core/plants';
import { useWords } from '../session/words.ts';
import { ofHundred, type OwnPlan } from './plans.ts';
import MethodPick from './MethodPick.vue';
import PlanSlider from './PlanSlider.vue';

/** A plan of one's own: in which way, how many plants, how often, and how many are set back. */
const props = defineProps<{ part: ProfilePart; droppable: boolean }>();
defineEmits<{ drop: [] }>();
const own = defineModel<OwnPlan>({ required: true });
const words = useWords();
/** Of another part that was chosen since it may not be one. */
const method = computed(() => methodOr(props.part, own.value.method));
const set = (over: Partial<OwnPlan>): void => void (own.value = { ...own.value, ...over });
</script>

<template>
  <div class="no-print">
    <MethodPick :part="part" :model-value="method" @update:model-value="set({ method: $event })" />
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
      v-if="part.kills && method === 'usual'"
      :model-value="own.setBack"
      :name="words.t('bench.setBack')"
      :shown="String(own.setBack)"
      :min="0"
      :max="10"
      @update:model-value="set({ setBack: $event })" />
    <Button v-if="droppable" type="text" @click="$emit('drop')">{{ words.t('bench.drop') }}</Button>
  </div>
</template>
