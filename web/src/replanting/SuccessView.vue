<script setup lang="ts">
import { computed } from 'vue';
import ChoiceChips from '../kit/ChoiceChips.vue';
import DataTable from '../kit/DataTable.vue';
import { usePlantingsSeen } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { useQueryTab } from '../session/use-query.ts';
import { useWords } from '../session/words.ts';
import { compared, COMPARED_BY, type ComparedBy, type SuccessRow } from './success.ts';

/** What became of what was put back at all stands: one way beside another, one place beside another. */
const words = useWords();
const { groupId } = useGroup();
const plantings = usePlantingsSeen(groupId);
const by = useQueryTab<ComparedBy>(() => COMPARED_BY);
const rows = computed(() => compared(plantings.data.value ?? [], by.value, words.value));
const share = ({ share: s, known }: SuccessRow): string => {
  const { t, format } = words.value;
  const [value, low, high] = s ? [s.value, s.low, s.high].map((n) => format.percent(n)) : [];
  return s
    ? t('putBack.success.share', { alive: known.alive, planted: known.planted, value: value!, low: low!, high: high! })
    : t('putBack.success.unknown');
};
/** A column of whole numbers. */
const count = (of: (row: SuccessRow) => number) => ({
  text: (row: SuccessRow) => words.value.format.number(of(row)),
  sort: of,
  number: true,
});
</script>

<template>
  <div class="page">
    <h1>{{ words.t('putBack.success.title') }}</h1>
    <p class="soft">{{ words.t('putBack.success.lead') }}</p>
    <p v-if="plantings.data.value?.length === 0">{{ words.t('putBack.success.none') }}</p>
    <template v-else-if="rows.length">
      <ChoiceChips
        class="by"
        v-model="by"
        :label="words.t('putBack.success.by')"
        :options="COMPARED_BY.map((value) => ({ value, label: words.t(`putBack.success.${value}`) }))" />
      <DataTable
        :columns="[
          { key: 'name', title: words.t(`putBack.success.${by}`), sort: (r) => r.name },
          { key: 'cohorts', title: words.t('putBack.success.cohorts'), ...count((r) => r.cohorts) },
          { key: 'planted', title: words.t('putBack.success.planted'), ...count((r) => r.planted) },
          { key: 'share', title: words.t('putBack.success.lived'), sort: (r) => r.share?.value ?? null },
        ]"
        :rows="rows"
        :row-key="(r) => r.key"
        :label="words.t('putBack.success.title')"
        :most="50"
        file="put-back">
        <template #name="{ row }"
          ><b>{{ row.name }}</b></template
        >
        <template #share="{ row }">
          <span>{{ share(row) }}</span>
          <span v-if="row.share" class="track" aria-hidden="true">
            <i :style="{ left: `${100 * row.share.low}%`, right: `${100 * (1 - row.share.high)}%` }" />
            <b :style="{ left: `${100 * row.share.value}%` }" />
          </span>
        </template>
      </DataTable>
    </template>
  </div>
</template>

<style scoped>
.by {
  margin: 8px 0;
}
.track {
  display: block;
  position: relative;
  height: 9px;
  margin-top: 4px;
  border-bottom: 1px solid var(--hair);
}
.track i,
.track b {
  position: absolute;
  top: 0;
  bottom: 0;
}
.track i {
  background: var(--bar);
}
.track b {
  width: 3px;
  margin-left: -1px;
  background: var(--moss);
}
</style>
