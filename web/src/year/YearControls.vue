<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { MOST_PAST_YEARS } from '@emberfield/contract';
import { sayUse } from '@emberfield/words';
import PickOne from '../kit/PickOne.vue';
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
defineEmits<{ step: [by: 1 | -1] }>();
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
const { zoom, kind, use, text, past } = props.view;
const pastChoices = computed(() =>
  Array.from({ length: MOST_PAST_YEARS + 1 }, (_, n) => ({
    value: n,
    label: n === 0 ? words.value.t('year.pastNone') : words.value.t('year.pastYears', { n }),
  })),
);
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
    <div class="zoom">
      <Button type="link" @click="$emit('step', -1)">‹ {{ words.t('year.before') }}</Button>
      <ChoiceChips v-model="pressedZoom" :options="zooms" :label="words.t('year.zoomLabel')" />
      <Button type="link" @click="$emit('step', 1)">{{ words.t('year.after') }} ›</Button>
    </div>
    <Button type="link" class="fold" :aria-expanded="unfolded" @click="unfolded = !unfolded">
      {{ words.t('year.more') }}
    </Button>
    <div class="more" :class="{ unfolded }">
      <PickOne v-model="pressed" :options="kindChoices" :label="words.t('hearth.filter')" />
      <Input
        type="search"
        :value="text"
        :placeholder="words.t('year.find')"
        :aria-label="words.t('year.find')"
        @update:value="text = $event" />
      <PickOne
        v-if="uses.length > 1"
        v-model="use"
        optional
        :label="words.t('year.use')"
        :placeholder="words.t('year.anyUse')"
        :options="uses.map((u) => ({ value: u, label: sayUse(words.t, u) }))" />
      <label
        >{{ words.t('year.past') }}
        <PickOne :model-value="past" :options="pastChoices" @update:model-value="past = $event ?? 0"
      /></label>
      <slot />
    </div>
  </div>
</template>

<style scoped>
.controls {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
  align-items: center;
  margin: 2px 0 4px;
}
.zoom,
.more {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
}
.more label {
  color: var(--soft);
  font-size: 14px;
}
@media (min-width: 901px) {
  .fold {
    display: none;
  }
  .more > .ant-input {
    width: 190px;
  }
}
@media (max-width: 900px) {
  .more:not(.unfolded) {
    display: none;
  }
  .zoom .ant-btn-link {
    padding-inline: 2px;
  }
  .zoom :deep(.chip) {
    padding-inline: 10px;
  }
  .zoom {
    width: 100%;
    justify-content: space-between;
  }
  .more > * {
    width: 100%;
  }
  .controls {
    gap: 0;
    margin: 0;
  }
}
</style>
