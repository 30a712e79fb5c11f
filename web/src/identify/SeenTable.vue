<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import DataTable from '../kit/DataTable.vue';
import type { DataColumn } from '../kit/data-table.ts';
import { useWords } from '../session/words.ts';
import type { RulesOut } from './field-left.ts';

/** What was seen, and what each rules out by itself. */
defineProps<{ rulesOut: readonly RulesOut[] }>();
const emit = defineEmits<{ press: [sign: string, state: string] }>();
const words = useWords();
const NAMED = 4;
const said = ({ seen }: RulesOut): string => {
  const what = words.value.t(`state.${seen.sign}.${seen.state}`);
  return `${words.value.t(`sign.${seen.sign}`)}: ${seen.present ? what : words.value.t('identify.notSo', { what })}`;
};
/** The dangerous are named first: what they are ruled out by is what matters. */
const named = ({ names }: RulesOut): string =>
  words.value.format.list(
    [...names]
      .sort((a, b) => Number(b.severity === 'deadly') - Number(a.severity === 'deadly'))
      .slice(0, NAMED)
      .map((n) => words.value.text(n.names)),
  );
const columns = computed((): readonly DataColumn<RulesOut>[] => [
  { key: 'seen', title: words.value.t('identify.seenTitle'), text: said },
  {
    key: 'out',
    title: words.value.t('identify.rulesOut'),
    text: (r) => words.value.t('identify.plants', { n: r.names.length }),
    sort: (r) => r.names.length,
  },
  { key: 'which', title: words.value.t('identify.which'), text: named },
  { key: 'undo', title: '' },
]);
/** Once more says "not so", twice more says nothing. */
function takeBack({ seen: { sign, state, present } }: RulesOut): void {
  emit('press', sign, state);
  if (present) emit('press', sign, state);
}
</script>

<template>
  <DataTable
    v-if="rulesOut.length"
    :columns="columns"
    :rows="rulesOut"
    :row-key="(r) => r.seen.sign + r.seen.state"
    :label="words.t('identify.seenTitle')">
    <template #undo="{ row: r }">
      <Button type="link" :aria-label="`${words.t('common.undo')}: ${said(r)}`" @click="takeBack(r)">
        {{ words.t('common.undo') }}
      </Button>
    </template>
  </DataTable>
</template>
