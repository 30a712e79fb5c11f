<script setup lang="ts">
import { Button } from 'ant-design-vue';
import NumberField from './NumberField.vue';
import { useWords } from '../session/words.ts';

/** A number for wet hands: one more, one less, or typed. */
const props = defineProps<{ label: string; most?: number }>();
const model = defineModel<number | null>({ required: true });
const words = useWords();
const step = (by: number): void =>
  void (model.value = Math.min(props.most ?? Infinity, Math.max(0, (model.value || 0) + by)));
</script>

<template>
  <div class="stepper">
    <Button :aria-label="`${label}: ${words.t('take.minus')}`" @click="step(-1)">−</Button>
    <NumberField v-model="model" whole size="large" :label="label" />
    <Button :aria-label="`${label}: ${words.t('take.plus')}`" @click="step(1)">+</Button>
  </div>
</template>

<style scoped>
.stepper {
  display: flex;
  gap: 8px;
}
.stepper > .ant-btn {
  flex: 0 0 56px;
  height: 48px;
  font-size: 22px;
}
.stepper > :nth-child(2) {
  width: 96px;
  height: 48px;
  text-align: center;
}
</style>
