<script setup lang="ts" generic="R extends object">
import { DownloadOutlined } from '@ant-design/icons-vue';
import { Button, Table } from 'ant-design-vue';
import { useMutationObserver } from '@vueuse/core';
import { computed, onMounted, ref } from 'vue';
import { useWords } from '../session/words.ts';
import { csvOf, orderOf, type DataColumn } from './data-table.ts';

/**
 * A table of the library: sorted by a press on a column's head where it has a value to sort by, and taken along as CSV where it has a
 * name. A cell is drawn by the slot of its column's key, else its text is shown.
 */
const props = defineProps<{
  columns: readonly DataColumn<R>[];
  rows: readonly R[];
  rowKey: (row: R) => string;
  label: string;
  /** Name of the file that it can be taken along as. */
  file?: string;
  /** So many at once; all where nothing is said. */
  most?: number;
  /** No heads: what the columns are says itself. */
  bare?: boolean;
}>();
defineSlots<Record<string, (props: { row: R }) => unknown>>();
const words = useWords();
const root = ref<HTMLElement | null>(null);
/** The library names its arrows and says that they are nothing in one breath; what they say the head itself tells. */
function mind(): void {
  for (const icon of root.value?.querySelectorAll('[role=presentation][aria-label]') ?? [])
    icon.removeAttribute('aria-label');
}
onMounted(mind);
useMutationObserver(root, mind, { subtree: true, childList: true, attributeFilter: ['aria-label'] });
const shown = computed(() =>
  props.columns.map((c) => ({
    key: c.key,
    title: c.title,
    align: c.number ? ('right' as const) : ('left' as const),
    ...(c.sort ? { sorter: orderOf(c.sort) } : {}),
  })),
);
const find = (key: unknown): DataColumn<R> => props.columns.find((c) => c.key === key)!;
async function takeAlong(): Promise<void> {
  const { saveText } = await import('../platform/save-text.ts');
  saveText(`${props.file}.csv`, await csvOf(props.columns, props.rows), 'text/csv');
}
</script>

<template>
  <div ref="root" class="data-table" role="region" :aria-label="label" tabindex="0">
    <Table
      :columns="shown"
      :data-source="[...rows]"
      :row-key="(row: R) => rowKey(row)"
      :pagination="most && rows.length > most ? { pageSize: most, showSizeChanger: false } : false"
      :show-header="!bare"
      :show-sorter-tooltip="false"
      size="small">
      <template #bodyCell="{ column, record }">
        <slot :name="String(column.key)" :row="record as R">{{ find(column.key).text?.(record as R) }}</slot>
      </template>
    </Table>
  </div>
  <Button v-if="file && rows.length" type="link" class="no-print" @click="takeAlong">
    <template #icon><DownloadOutlined aria-hidden="true" /></template>{{ words.t('common.csv') }}
  </Button>
</template>

<style scoped>
.data-table {
  overflow-x: auto;
}
</style>
