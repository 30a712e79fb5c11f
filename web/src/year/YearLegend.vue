<script setup lang="ts">
import { Button, Popover } from 'ant-design-vue';
import { computed } from 'vue';
import { useWords } from '../session/words.ts';

/** What the marks of the year mean, each drawn as it stands there. */
const props = defineProps<{ pastYears: readonly number[] }>();
const words = useWords();
const MARKS = ['sure', 'unsure', 'mixed', 'seen', 'notYet', 'taken', 'planned', 'past'] as const;
const years = computed(() => words.value.format.list(props.pastYears.map(String)));
const shown = computed(() => MARKS.filter((m) => m !== 'past' || props.pastYears.length > 0));
</script>

<template>
  <Popover trigger="click" placement="bottomLeft">
    <template #content>
      <ul class="rows legend">
        <li v-for="m in shown" :key="m">
          <svg width="54" height="18" aria-hidden="true">
            <rect v-if="m === 'sure' || m === 'mixed'" x="2" y="4" width="50" height="9" class="stroke" />
            <path v-else-if="m === 'unsure'" d="M2 8.5L20 4H52V13H20Z" class="stroke" />
            <rect v-else-if="m === 'past'" x="2" y="7" width="50" height="4" rx="2" class="past" />
            <path v-else-if="m === 'planned'" d="M22 9l5 -6 5 6 -5 6Z" class="planned" />
            <circle v-else cx="27" cy="9" r="5" :class="m" />
            <path v-if="m === 'mixed'" d="M2 8.5H52" class="dots" />
          </svg>
          {{ words.t(`year.marks.${m}`, { years }) }}
        </li>
      </ul>
    </template>
    <Button type="link" class="no-print">{{ words.t('year.legend') }}</Button>
  </Popover>
</template>

<style scoped>
.legend li {
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 2px 0;
}
.stroke {
  fill: var(--moss);
}
.dots {
  fill: none;
  stroke: var(--char);
  stroke-width: 1.6;
  stroke-dasharray: 1.5 3;
}
</style>
<style scoped src="./marks.css"></style>
