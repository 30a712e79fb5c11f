<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import DataTable from '../kit/DataTable.vue';
import type { DataColumn } from '../kit/data-table.ts';
import { sayLook } from '../kit/say-seen.ts';
import { useWords } from '../session/words.ts';
import { worstFirst, type SpeaksAgainst } from './field-left.ts';
import type { Said } from './identify-draft.ts';

/** What was seen, and what each speaks against. */
defineProps<{ speaksAgainst: readonly SpeaksAgainst[] }>();
const emit = defineEmits<{ say: [said: Said] }>();
const words = useWords();
const NAMED = 4;
const said = ({ seen }: SpeaksAgainst): string => sayLook(words.value, seen);
/** The dangerous are named first: what they are ruled out by is what matters. */
const named = ({ names }: SpeaksAgainst): string =>
  words.value.format.list(
    worstFirst(names)
      .slice(0, NAMED)
      .map((n) => words.value.text(n.names)),
  );
const columns = computed((): readonly DataColumn<SpeaksAgainst>[] => [
  { key: 'seen', title: words.value.t('identify.seenTitle'), text: said },
  {
    key: 'out',
    title: words.value.t('identify.speaksAgainst'),
    text: (r) => words.value.t('identify.plants', { n: r.names.length }),
    sort: (r) => r.names.length,
  },
  { key: 'which', title: words.value.t('identify.which'), text: named },
  { key: 'undo', title: '' },
]);
</script>

<template>
  <DataTable
    v-if="speaksAgainst.length"
    :columns="columns"
    :rows="speaksAgainst"
    :row-key="(r) => r.seen.sign + r.seen.state"
    :label="words.t('identify.seenTitle')">
    <template #undo="{ row: r }">
      <Button
        type="link"
        :aria-label="`${words.t('common.undo')}: ${said(r)}`"
        @click="emit('say', { sign: r.seen.sign, state: r.seen.state, mark: null })">
        {{ words.t('common.undo') }}
      </Button>
    </template>
  </DataTable>
</template>
