<script setup lang="ts">
import { computed } from 'vue';
import type { StandView } from '@emberfield/contract';
import DataTable from '../kit/DataTable.vue';
import type { DataColumn } from '../kit/data-table.ts';
import { useWords } from '../session/words.ts';

/** The stages of the season that is shown, as a table beside the ladder. */
const props = defineProps<{ stand: StandView; day: string }>();
const words = useWords();
interface StageRow {
  readonly key: string;
  readonly name: string;
  readonly at: number;
  readonly days: Readonly<Record<'early' | 'likely' | 'late' | 'seen', string | null>>;
}
const rows = computed(() =>
  props.stand.profile.stages.map(({ key, name }, at): StageRow => {
    const stage = props.stand.ladder.season.stages[at];
    const { p10 = null, p50 = null, p90 = null } = stage?.reached ?? {};
    return {
      key,
      name: words.value.text(name),
      at,
      days: { early: p10, likely: p50, late: p90, seen: stage?.seenBy ?? null },
    };
  }),
);
const columns = computed((): readonly DataColumn<StageRow>[] => [
  { key: 'name', title: words.value.t('stand.stage'), text: (r) => r.name },
  ...(['early', 'likely', 'late', 'seen'] as const).map((k) => ({
    key: k,
    title: words.value.t(`stand.${k}`),
    text: ({ days }: StageRow) =>
      days[k] ? words.value.format.day(days[k], props.day) : k === 'seen' ? '' : words.value.t('common.none'),
    sort: ({ days }: StageRow) => days[k],
  })),
]);
</script>

<template>
  <DataTable
    :columns="columns"
    :rows="rows"
    :row-key="(r) => r.key"
    :label="words.t('stand.yearOf')"
    :file="words.t('stand.stageFile')" />
</template>
