<script setup lang="ts">
import { computed } from 'vue';
import { sectionOf } from '@emberfield/core/stand';
import CoalMark from '../kit/CoalMark.vue';
import WindowStroke from '../kit/WindowStroke.vue';
import { useWords } from '../session/words.ts';
import type { HearthRow } from './sections.ts';

const props = defineProps<{ row: HearthRow; day: string; chosen: boolean; marked?: boolean }>();
defineEmits<{ choose: [] }>();
const words = useWords();
const o = computed(() => props.row.outlook);
const name = computed(() => `${words.value.text(props.row.stand.plantName)} · ${words.value.text(o.value.partName)}`);
const place = computed(() => [props.row.stand.patchName, props.row.stand.where].filter(Boolean).join(', '));
const window = computed(() => words.value.window(o.value, props.day));
const short = computed(() => words.value.windowShort(o.value, props.day));
const barred = computed(() => sectionOf(o.value) === 'barred');
const held = computed(() => words.value.heldBy(o.value.allowance));
const resting = computed(() => o.value.readiness.state === 'banked' && o.value.readiness.reason === 'resting');
</script>

<template>
  <button type="button" class="line" :class="{ chosen }" :aria-pressed="chosen" @click="$emit('choose')">
    <CoalMark
      :readiness="o.readiness"
      :thorns="o.thorns"
      :size="o.thorns ? 36 : 30"
      :label="words.coal(o.readiness, o.thorns)" />
    <span class="what"
      ><b>{{ name }}</b
      ><small
        ><span v-if="marked" class="tick">✓ {{ words.t('hearth.isMarked') }} · </span>{{ place }}</small
      ></span
    >
    <span class="stroke"
      ><WindowStroke
        v-if="!resting"
        :opens="o.opens"
        :closes="o.closes"
        :separable="o.separable"
        :day="day"
        :label="window"
    /></span>
    <span class="when">{{ short }}</span>
    <span class="much"
      ><b :class="{ warn: barred }">{{ words.allowanceShort(o.allowance) }}</b
      ><small>{{ held }}</small></span
    >
  </button>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 38px minmax(0, 1.2fr) minmax(90px, 0.7fr) minmax(0, 0.75fr) minmax(0, 1fr);
  gap: 0 12px;
  align-items: center;
  width: calc(100% + 12px);
  min-height: 46px;
  margin-left: -12px;
  padding: 3px 8px 3px 12px;
  border: 0;
  border-top: 1px solid var(--hair);
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.line:hover {
  background: color-mix(in srgb, var(--sheet) 60%, transparent);
}
.chosen {
  background: var(--sheet);
  box-shadow: inset 3px 0 0 var(--ember);
}
b {
  font-weight: 640;
}
small {
  display: block;
  color: var(--soft);
  font-size: 13px;
  line-height: 1.2;
}
.tick {
  color: var(--char);
  font-weight: 640;
}
.what,
.when,
.much {
  min-width: 0;
  overflow-wrap: anywhere;
  line-height: 1.25;
}
.when {
  font-size: 14px;
}
/* For the thumb: what and where on the left, how much and how long on the right. */
@media (max-width: 900px) {
  .line {
    grid-template: auto auto / 40px minmax(0, 1.25fr) minmax(0, 1fr);
    min-height: 60px;
    gap: 0 8px;
    padding-block: 7px;
  }
  .line > :deep(.coal),
  .what {
    grid-row: 1 / 3;
  }
  .stroke,
  .much small {
    display: none;
  }
  .when {
    grid-area: 2 / 3;
    color: var(--soft);
    text-align: right;
  }
  .much {
    grid-area: 1 / 3;
    text-align: right;
  }
  .chosen {
    background: none;
    box-shadow: none;
  }
}
</style>
