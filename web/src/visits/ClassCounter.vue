<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { ref } from 'vue';
import { useWords } from '../session/words.ts';
import { counted, KINDS, type Classes, type Kind } from './class-count.ts';

/** Counting plant by plant with a thumb: one large key for each kind, and one back for the finger that slipped. */
const model = defineModel<Classes>({ required: true });
const words = useWords();
const pressed = ref<Kind[]>([]);
function press(kind: Kind): void {
  pressed.value.push(kind);
  model.value = counted(model.value, kind, 1);
}
function back(): void {
  const last = pressed.value.pop();
  if (last) model.value = counted(model.value, last, -1);
}
const shown = (kind: Kind): number => {
  const { plants, mature, flowering } = model.value;
  return { young: plants - mature, grown: mature - flowering, flowering }[kind];
};
</script>

<template>
  <div class="counter">
    <Button v-for="kind in KINDS" :key="kind" class="key" @click="press(kind)">
      <span class="n">{{ shown(kind) }}</span>
      <span>+ {{ words.t(`visit.kind.${kind}`) }}</span>
    </Button>
    <Button class="back" :disabled="!pressed.length" @click="back">{{ words.t('visit.oneBack') }}</Button>
    <b aria-live="polite">{{ words.t('plantCount', { n: model.plants }) }}</b>
  </div>
</template>

<style scoped>
.counter {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 10px;
  align-items: center;
}
.key {
  height: 104px;
  display: grid;
  place-content: center;
  gap: 2px;
  white-space: normal;
  line-height: 1.2;
}
.n {
  font-size: 34px;
  font-weight: 640;
}
.back {
  min-height: 56px;
}
.counter > b {
  grid-column: span 2;
  font-size: 20px;
}
</style>
