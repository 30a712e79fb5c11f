<script setup lang="ts">
import { computed } from 'vue';
import CoalMark from '../kit/CoalMark.vue';
import WindowStroke from '../kit/WindowStroke.vue';
import { useWords } from '../session/words.ts';
import type { HeatRow } from './heat.ts';

const props = defineProps<{ row: HeatRow; day: string; chosen: boolean }>();
defineEmits<{ choose: [] }>();
const words = useWords();
const o = computed(() => props.row.outlook);
const name = computed(() => `${words.value.text(props.row.stand.plantName)} · ${words.value.text(o.value.partName)}`);
const place = computed(() => [props.row.stand.patchName, props.row.stand.where].filter(Boolean).join(', '));
const window = computed(() => words.value.window(o.value, props.day));
const open = computed(() => ['glowing', 'fading'].includes(o.value.readiness.state));
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
      ><small>{{ place }}</small></span
    >
    <span class="when"
      ><WindowStroke
        v-if="!resting"
        :opens="o.opens"
        :closes="o.closes"
        :separable="o.separable"
        :day="day"
        :label="window" /><small v-else>{{ held }}</small></span
    >
    <span class="much">
      <template v-if="open"
        ><b :class="{ warn: o.allowance.kind === 'none' }">{{ words.allowance(o.allowance) }}</b
        ><small>{{ held }}</small></template
      >
      <template v-else-if="resting"
        ><b>{{ words.allowance(o.allowance) }}</b
        ><small>{{ window }}</small></template
      >
      <template v-else
        ><span>{{ window }}</span
        ><small>{{ words.allowance(o.allowance) }} · {{ held }}</small></template
      >
    </span>
  </button>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 40px minmax(0, 1.1fr) minmax(120px, 0.9fr) minmax(0, 1.15fr);
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
.what,
.much {
  min-width: 0;
  overflow-wrap: anywhere;
  line-height: 1.3;
}
@media (max-width: 900px) {
  .line {
    grid-template-columns: 44px minmax(0, 1fr);
    min-height: 76px;
    gap: 2px 8px;
    padding-block: 10px;
  }
  .line :deep(.coal) {
    grid-row: 1 / 3;
  }
  .when {
    display: none;
  }
  .much {
    grid-column: 2;
  }
}
</style>
