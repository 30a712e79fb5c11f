<script setup lang="ts">
import { Checkbox } from 'ant-design-vue';
import { computed } from 'vue';
import {
  FIELDS_OF,
  TABLE_KINDS,
  type LeftOut,
  type PlaceImportPreview,
  type PlaceReading,
  type TableField,
  type TableKind,
} from '@emberfield/contract';
import DataTable from '../kit/DataTable.vue';
import PickOne from '../kit/PickOne.vue';
import ChoiceChips from '../kit/ChoiceChips.vue';
import { useWords } from '../session/words.ts';

/** What a file amounts to, before any of it is kept: what is in it, how it is read, what is left out and why. */
const props = defineProps<{ preview: PlaceImportPreview; busy: boolean }>();
const emit = defineEmits<{ match: [reading: PlaceReading] }>();
const words = useWords();
const COUNTS = ['points', 'areas', 'paths', 'stands', 'visits', 'takes', 'already'] as const;
const counted = computed(() =>
  COUNTS.filter((c) => props.preview.counts[c] > 0).map((c) =>
    words.value.t(`files.count.${c}`, { n: props.preview.counts[c] }),
  ),
);
const size = (p: PlaceImportPreview['shown'][number]): string =>
  p.sizeM === null ? '' : p.kind === 'area' ? words.value.format.area(p.sizeM) : words.value.format.distance(p.sizeM);
const problem = computed(() => {
  const { problem: code } = props.preview;
  if (code === null) return '';
  const field = /^noColumn\.(\w+)$/.exec(code)?.[1];
  return field
    ? words.value.t('files.needs', { field: words.value.t(`files.field.${field}`) })
    : words.value.t(
        props.preview.leftOutCount > 0 && props.preview.counts.already === 0 ? 'files.allLeftOut' : 'files.nothingNew',
      );
});
/** Lines that are left out for the same cell are one line here: a notebook has the same slip in every year. */
const leftOut = computed(() => {
  const byReason = new Map<string, number[]>();
  for (const line of props.preview.leftOut) {
    const why = whyOf(line);
    byReason.set(why, [...(byReason.get(why) ?? []), line.at]);
  }
  return [...byReason].map(([why, at]) => ({ why, at: at.join(', ') }));
});
function whyOf({ reason, said, known }: LeftOut): string {
  const { t, format, text } = words.value;
  const why = t(`leftOut.${reason}`);
  if (said === undefined) return why;
  return known?.length
    ? t('files.saidAndKnown', { why, said, known: format.list(known.map((k) => text(k))) })
    : t('files.said', { why, said });
}
const say = (over: Partial<PlaceReading>): void => emit('match', { ...props.preview.reading, ...over });
const columnChoices = computed(() =>
  props.preview.headers.map((h, value) => ({ value, label: `${h} (${props.preview.sample[0]?.[value] ?? ''})` })),
);
const column = (field: TableField, chosen: number | null): void =>
  say({ columns: { ...props.preview.reading.columns, [field]: chosen } });
</script>

<template>
  <section class="section" :aria-busy="busy">
    <h2>{{ words.t('files.found', { name: preview.fileName }) }}</h2>
    <p>
      <b>{{ counted.join(' · ') }}</b>
    </p>
    <template v-if="preview.headers.length">
      <ChoiceChips
        :model-value="preview.reading.kind"
        :label="words.t('files.lines')"
        :options="TABLE_KINDS.map((k) => ({ value: k, label: words.t(`files.tableKind.${k}`) }))"
        @update:model-value="$event && say({ kind: $event as TableKind })" />
      <h3>{{ words.t('files.column') }}</h3>
      <div class="columns">
        <label v-for="f in FIELDS_OF[preview.reading.kind]" :key="f" class="field">
          <span>{{ words.t(`files.field.${f}`) }}</span>
          <PickOne
            optional
            :model-value="preview.reading.columns[f] ?? null"
            :options="columnChoices"
            :placeholder="words.t('files.noColumn')"
            @update:model-value="column(f, $event)" />
        </label>
      </div>
    </template>
    <Checkbox
      v-if="preview.counts.crossing"
      :checked="preview.reading.repair"
      @update:checked="say({ repair: $event })">
      {{ words.t('files.crossing', { n: preview.counts.crossing }) }} {{ words.t('files.repair') }}
    </Checkbox>
    <p v-if="preview.counts.heightGuessed" class="warn">
      {{ words.t('files.heightGuessed', { n: preview.counts.heightGuessed }) }}
    </p>
    <p v-if="problem" class="warn">{{ problem }}</p>
    <DataTable
      v-if="preview.shown.length"
      bare
      :columns="[
        { key: 'name', title: '' },
        { key: 'kind', title: '', text: (x) => `${words.t(`files.kind.${x.kind}`)} ${size(x)}` },
        {
          key: 'detail',
          title: '',
          text: (x) =>
            [x.detail, x.already ? words.t('files.already') : '', x.repaired ? words.t('files.repaired') : '']
              .filter(Boolean)
              .join(' · '),
        },
      ]"
      :rows="preview.shown"
      :row-key="(x) => x.at + x.name"
      :label="words.t('files.found', { name: preview.fileName })">
      <template #name="{ row: x }">
        <b>{{ x.name }}</b>
      </template>
    </DataTable>
    <section v-if="preview.leftOutCount">
      <p class="warn">{{ words.t('files.leftOut', { n: preview.leftOutCount }) }}</p>
      <ul class="small">
        <li v-for="l in leftOut" :key="l.why">
          {{ words.t('files.line', l) }}
        </li>
      </ul>
    </section>
  </section>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 0 14px;
}
h3 {
  margin: 10px 0 4px;
}
details {
  margin-top: 8px;
}
</style>
