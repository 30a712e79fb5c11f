<script setup lang="ts">
import { Button, Checkbox } from 'ant-design-vue';
import { computed, defineAsyncComponent, ref } from 'vue';
import type { StandView } from '@emberfield/contract';
import type { SightingView } from '../kit/sighting-view.ts';
import StageLadder from '../kit/StageLadder.vue';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import MarkEditor from './MarkEditor.vue';

/** The ladder of the season that is looked at, its marks, and the same as a table. */
const props = defineProps<{ stand: StandView; isOwn: boolean }>();
const asThen = defineModel<boolean>('asThen', { required: true });
const StageTable = defineAsyncComponent(() => import('./StageTable.vue'));
const words = useWords();
const { day, today } = useDay();
const asTable = ref(false);
const markId = ref<string | null>(null);
const mark = computed(() =>
  props.stand.entries.find(
    (e): e is SightingView => e.kind === 'stageSighting' && e.standing === 'valid' && e.id === markId.value,
  ),
);
const chooseMark = (id: string): void => void (markId.value = markId.value === id ? null : id);
</script>

<template>
  <Checkbox v-if="day < today" v-model:checked="asThen" class="no-print">{{
    words.t('stand.asThen', { day: words.format.day(day, today) })
  }}</Checkbox>
  <p v-if="isOwn" class="soft" role="status">{{ words.t('stand.ownSeason') }}</p>
  <p v-if="!stand.outlooks.length" class="soft">{{ words.t('stand.onlyKnown') }}</p>
  <StageTable v-if="asTable" :stand="stand" :day="day" />
  <StageLadder v-else :stand="stand" :day="day" :chosen="markId" @choose="chooseMark" />
  <div class="note">
    <span class="soft small">{{ words.t('stand.ladderNote') }}</span>
    <Button type="link" class="no-print" :aria-pressed="asTable" @click="asTable = !asTable">
      {{ words.t('stand.stageTable') }}
    </Button>
  </div>
  <MarkEditor v-if="mark && !asTable" :key="mark.id" :stand="stand" :entry="mark" @close="markId = null" />
</template>

<style scoped>
.note {
  display: flex;
  gap: 2px 12px;
  align-items: center;
  justify-content: space-between;
}
</style>
