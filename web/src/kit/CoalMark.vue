<script setup lang="ts">
import { computed, useId } from 'vue';
import type { Readiness } from '@emberfield/core/windows';
import { fillTop, LUMP, sparksFor, THORNS } from './coal-shapes.ts';

const props = withDefaults(defineProps<{ readiness: Readiness; thorns?: boolean; size?: number; label: string }>(), {
  thorns: false,
  size: 30,
});
const clip = `coal-${useId()}`;
const box = computed(() => (props.thorns ? '-6 -6 44 44' : '-2 -2 36 36'));
const sparks = computed(() => (props.readiness.state === 'glowing' ? sparksFor(props.readiness.quality) : []));
const top = computed(() => (props.readiness.state === 'kindling' ? fillTop(props.readiness.fill) : 32));
</script>

<template>
  <svg
    class="coal"
    :width="size"
    :height="size"
    :viewBox="box"
    :role="label ? 'img' : undefined"
    :aria-label="label || undefined"
    :aria-hidden="label ? undefined : true">
    <title v-if="label">{{ label }}</title>
    <path v-if="readiness.state === 'cold'" :d="LUMP" fill="none" class="cold" />
    <template v-else-if="readiness.state === 'kindling'">
      <clipPath :id="clip"><rect x="0" :y="top" width="32" height="32" /></clipPath>
      <path :d="LUMP" class="bed" />
      <path :d="LUMP" class="fill" :clip-path="`url(#${clip})`" />
      <path :d="LUMP" class="rim" />
    </template>
    <template v-else-if="readiness.state === 'glowing'">
      <line v-for="(s, i) in sparks" :key="i" v-bind="s" class="spark" />
      <g transform="translate(2.6 7.4) scale(.82)">
        <path :d="LUMP" class="lit" />
        <path d="M10.5 19C11.5 12.5 16.5 9.5 20.5 10.6" class="glint" />
      </g>
    </template>
    <template v-else-if="readiness.state === 'fading'">
      <clipPath :id="clip"><path d="M0 0H32V6L6 32H0Z" /></clipPath>
      <path :d="LUMP" class="half" />
      <path :d="LUMP" class="lit" :clip-path="`url(#${clip})`" />
    </template>
    <g v-else-if="readiness.state === 'ash'" class="ash">
      <circle cx="10" cy="20" r="3" />
      <circle cx="17.5" cy="22" r="2.2" />
      <circle cx="22.5" cy="18.4" r="2.6" />
      <circle cx="14.5" cy="14.5" r="1.8" />
      <path d="M6 26.5H26" />
    </g>
    <template v-else>
      <path d="M1.5 27C7 25.5 9.5 11 16 10 22.5 11 25 25.5 30.5 27Z" class="cover" />
      <path d="M11.5 26.5C12 20.5 20 20.5 20.5 26.5Z" class="under" />
    </template>
    <g v-if="thorns" class="thorns">
      <circle cx="16" cy="16" r="17" />
      <path :d="THORNS" />
    </g>
  </svg>
</template>

<style scoped>
.coal {
  flex: none;
  display: block;
}
.cold {
  stroke: var(--mark);
  stroke-width: 1.8;
}
.bed,
.half {
  fill: var(--sheet);
}
.fill {
  fill: var(--glow);
}
.rim {
  fill: none;
  stroke: var(--loam);
  stroke-width: 1.8;
}
.half {
  stroke: var(--ember);
  stroke-width: 1.6;
}
.spark {
  stroke: var(--ember);
  stroke-width: 2.6;
  stroke-linecap: round;
}
.lit {
  fill: var(--ember);
}
.glint {
  fill: none;
  stroke: var(--glow);
  stroke-width: 3.4;
  stroke-linecap: round;
}
.ash circle {
  fill: var(--mark);
}
.ash path {
  stroke: var(--mark);
  stroke-width: 1.8;
  stroke-linecap: round;
}
.cover {
  fill: var(--bar);
  stroke: var(--char);
  stroke-width: 2;
  stroke-linejoin: round;
}
.under {
  fill: var(--ember);
}
.thorns circle {
  fill: none;
  stroke: var(--char);
  stroke-width: 1.3;
}
.thorns path {
  fill: var(--char);
}
</style>
