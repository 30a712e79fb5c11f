<script setup lang="ts">
import { computed, ref } from 'vue';
import { MOST_PAST_YEARS } from '@emberfield/contract';
import ChoiceChips from '../kit/ChoiceChips.vue';
import { useWords } from '../session/words.ts';
import type { useYearView } from './use-year-view.ts';
import { PART_KINDS, type PartKind } from './year-lines.ts';
import { ZOOMS, type Zoom } from './year-frame.ts';

const props = defineProps<{
  view: ReturnType<typeof useYearView>;
  kinds: readonly PartKind[];
  uses: readonly string[];
}>();
defineEmits<{ step: [by: 1 | -1]; print: [] }>();
const words = useWords();
/** On the phone the finer choices are folded away. */
const unfolded = ref(false);
const kindChoices = computed(() => [
  { value: 'all' as const, label: words.value.t('year.kinds.all') },
  ...(Object.keys(PART_KINDS) as PartKind[])
    .filter((k) => props.kinds.includes(k))
    .map((k) => ({ value: k, label: words.value.t(`year.kinds.${k}`) })),
]);
const zooms = computed(() => ZOOMS.map((z) => ({ value: z, label: words.value.t(`year.zoom.${z}`) })));
const { zoom, kind, use, text, past, asTable } = props.view;
const pressed = computed({
  get: (): PartKind | 'all' | null => kind.value ?? 'all',
  set: (k) => (kind.value = k === 'all' ? null : k),
});
const pressedZoom = computed({
  get: (): Zoom | null => zoom.value,
  set: (z) => (zoom.value = z ?? 'year'),
});
</script>

<template>
  <div class="controls no-print">
    <ChoiceChips v-model="pressed" :options="kindChoices" :label="words.t('hearth.filter')" />
    <div class="zoom">
      <button type="button" class="btn plain" @click="$emit('step', -1)">‹ {{ words.t('year.before') }}</button>
      <ChoiceChips v-model="pressedZoom" :options="zooms" :label="words.t('year.zoomLabel')" />
      <button type="button" class="btn plain" @click="$emit('step', 1)">{{ words.t('year.after') }} ›</button>
    </div>
    <button type="button" class="btn plain fold" :aria-expanded="unfolded" @click="unfolded = !unfolded">
      {{ words.t('year.more') }}
    </button>
    <div class="more" :class="{ unfolded }">
      <input
        type="search"
        :value="text"
        :placeholder="words.t('year.find')"
        :aria-label="words.t('year.find')"
        @input="text = ($event.target as HTMLInputElement).value" />
      <select v-if="uses.length > 1" v-model="use" :aria-label="words.t('year.use')">
        <option :value="null">{{ words.t('year.anyUse') }}</option>
        <option v-for="u in uses" :key="u" :value="u">{{ u }}</option>
      </select>
      <label
        >{{ words.t('year.past') }}
        <select v-model.number="past">
          <option :value="0">{{ words.t('year.pastNone') }}</option>
          <option v-for="n in MOST_PAST_YEARS" :key="n" :value="n">{{ words.t('year.pastYears', { n }) }}</option>
        </select></label
      >
      <button type="button" class="btn plain" :aria-pressed="asTable" @click="asTable = !asTable">
        {{ words.t('stand.stageTable') }}
      </button>
      <button type="button" class="btn plain" @click="$emit('print')">{{ words.t('year.print') }}</button>
    </div>
  </div>
</template>

<style scoped>
.controls {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
  align-items: center;
  margin: 8px 0 10px;
}
.controls :deep(.chip) {
  border-radius: 4px;
  padding: 3px 12px;
  min-height: 34px;
  border-width: 1px;
}
.zoom,
.more {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
}
.more input {
  width: 170px;
}
.more select {
  width: auto;
  max-width: 190px;
}
.more input,
.more select {
  min-height: 34px;
  padding-block: 3px;
}
.more label {
  color: var(--soft);
  font-size: 14px;
}
.btn {
  min-height: 34px;
}
@media (min-width: 901px) {
  .fold {
    display: none;
  }
}
@media (max-width: 900px) {
  .more:not(.unfolded) {
    display: none;
  }
  .controls :deep(.chip),
  .more input,
  .more select,
  .btn {
    min-height: 48px;
  }
  .zoom {
    width: 100%;
    justify-content: space-between;
  }
  .more input {
    width: 100%;
  }
}
</style>
