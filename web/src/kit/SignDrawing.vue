<script setup lang="ts">
import { computed } from 'vue';
import { drawingOf } from './drawings/index.ts';

/** How a state of a sign looks. What it is called stands beside it: the drawing itself is not read aloud. */
const props = withDefaults(defineProps<{ sign: string; state: string; size?: number }>(), { size: 56 });
const strokes = computed(() => drawingOf(props.sign, props.state));
</script>

<template>
  <svg class="drawing" :width="size" :height="size" viewBox="-2 -2 68 68" aria-hidden="true">
    <path v-for="(s, i) in strokes" :key="i" :class="[s.ink, { open: !/Z/i.test(s.d) }]" :d="s.d" />
  </svg>
</template>

<style scoped>
/* Colours of what is drawn stay as they are by night: a white print on dark paper must not turn about. Only the paper dims. */
.drawing {
  --ground: #fffdf8;
  --green: #4c6a3a;
  --bark: #6e4b33;
  --ink: #2b2622;
  display: block;
  flex: none;
  background: var(--ground);
  border-radius: 3px;
}
:root[data-theme='night'] .drawing {
  --ground: #d8ccb8;
}
path {
  stroke-linejoin: round;
  stroke-linecap: round;
  stroke-width: 2;
  fill: none;
}
.leaf {
  fill: color-mix(in srgb, var(--green) 18%, var(--ground));
  stroke: var(--green);
}
.wood {
  fill: color-mix(in srgb, var(--bark) 22%, var(--ground));
  stroke: var(--bark);
}
.wood.open,
.line {
  fill: none;
}
.line {
  stroke: var(--green);
}
.fine {
  stroke: var(--ink);
  stroke-width: 1.5;
}
.skin {
  fill: #f3e6cf;
  stroke: var(--bark);
}
.petal {
  fill: #fffdf8;
  stroke: #6b6259;
  stroke-width: 1.6;
}
.pale {
  fill: var(--ground);
  stroke: #9a9187;
  stroke-width: 1.3;
}
.dark {
  fill: var(--ink);
}
.red {
  fill: #c2481b;
  stroke: var(--bark);
  stroke-width: 1.3;
}
.yellow {
  fill: #f0b63c;
  stroke: var(--bark);
  stroke-width: 1.3;
}
.blue {
  fill: #7f9fb8;
  stroke: #34536a;
  stroke-width: 1.3;
}
.green {
  fill: #a9bf8f;
  stroke: var(--green);
  stroke-width: 1.6;
}
.pink {
  fill: #d596a8;
  stroke: #7c3850;
  stroke-width: 1.3;
}
</style>
