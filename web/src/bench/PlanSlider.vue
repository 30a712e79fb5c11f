<script setup lang="ts">
import { Slider } from 'ant-design-vue';

/** One figure of a plan, under its name, to be drawn to where one wants it. */
defineProps<{ name: string; shown: string; min: number; max: number }>();
const model = defineModel<number>({ required: true });
</script>

<template>
  <label class="slider"
    >{{ name }} <b>{{ shown }}</b>
    <!-- Whole steps, and no bubble: the figure stands beside the name. -->
    <Slider
      :value="model"
      :min="min"
      :max="max"
      :tooltip-open="false"
      :aria-label-for-handle="name"
      @change="model = Number($event)" />
  </label>
</template>

<style scoped>
.slider {
  display: block;
}
</style>
