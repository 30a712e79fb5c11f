<script setup lang="ts">
import { Button, Popconfirm } from 'ant-design-vue';
import { computed } from 'vue';
import {
  COLUMN_MEANINGS,
  DATE_ORDERS,
  ROUTES,
  type ColumnMeaning,
  type ImportPreview,
  type ImportReading,
} from '@emberfield/contract';
import { useChange } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { call } from '../platform/api.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import DataTable from '../kit/DataTable.vue';
import PickOne from '../kit/PickOne.vue';

/** What was understood of a file, what was left out and why, before anything is stored. */
const props = defineProps<{ preview: ImportPreview; stationName: string }>();
const words = useWords();
const undo = useUndo();
const { groupId, group } = useGroup();
const params = computed(() => ({ groupId: groupId.value!, importId: props.preview.id }));
const reread = useChange((reading: ImportReading) => call(ROUTES.readImport, { params: params.value, body: reading }));
const store = useChange(() => call(ROUTES.storeImport, { params: params.value }));
const takeBack = useChange((of: { groupId: string; importId: string }) => call(ROUTES.undoImport, { params: of }));
const drop = useChange(() => call(ROUTES.dropImport, { params: params.value }));
const set = (change: Partial<ImportReading>): void => reread.mutate({ ...props.preview.reading, ...change });
function column(index: number, meaning: ColumnMeaning): void {
  set({
    columns: props.preview.reading.columns.map((m, i) =>
      i === index ? meaning : m === meaning && meaning !== 'ignore' ? 'ignore' : m,
    ),
  });
}
/** How the file is written, as far as it could not be told by itself. */
const ways = computed(() => {
  const { t } = words.value;
  const said = (value: string, label: string) => ({ value, label });
  const comma = said(',', t('weather.comma'));
  return [
    {
      key: 'delimiter',
      label: t('weather.between'),
      options: [comma, said(';', t('weather.semicolon')), said('\t', t('weather.tab'))],
    },
    { key: 'decimal', label: t('weather.decimal'), options: [said('.', t('weather.point')), comma] },
    {
      key: 'dateOrder',
      label: t('weather.dates'),
      options: DATE_ORDERS.map((o) => said(o, t(`weather.dateOrder.${o}`))),
    },
    { key: 'temperature', label: t('weather.temperature'), options: [said('C', '°C'), said('F', '°F')] },
    { key: 'rain', label: t('weather.rain'), options: [said('mm', 'mm'), said('inch', 'inch')] },
  ] as const;
});
async function keep(): Promise<void> {
  const done = await store.mutateAsync(undefined).catch(() => null);
  if (!done) return;
  const stored = params.value;
  undo.say(words.value.t('weather.storedNow', { n: words.value.format.number(done.storedDays) }), async () => {
    await takeBack.mutateAsync(stored);
  });
}
const error = computed(() => reread.error.value ?? store.error.value ?? drop.error.value);
/** More than this and the file is probably not read as it is meant. */
const MUCH = 0.05;
const leftOutShare = computed(
  () => props.preview.leftOutCount / Math.max(1, props.preview.leftOutCount + props.preview.dayCount),
);
const muchLeftOut = computed(() => leftOutShare.value > MUCH);
const leftOutPercent = computed(() => Math.round(leftOutShare.value * 100));
const facts = computed(() => {
  const p = props.preview;
  const { t, format } = words.value;
  if (p.firstDay === null || p.lastDay === null) return [];
  return [
    t('weather.days', { n: p.dayCount }),
    t('weather.span', { from: format.dayAndYear(p.firstDay), to: format.dayAndYear(p.lastDay) }),
    p.gapDays ? t('weather.gaps', { n: p.gapDays }) : t('weather.noGaps'),
    t('weather.coldest', { t: format.temperature(p.coldestC!) }),
    t('weather.warmest', { t: format.temperature(p.warmestC!) }),
    ...(p.replacesDays ? [t('weather.replaces', { n: p.replacesDays })] : []),
    ...(p.replacesDays && !p.differingDays ? [t('weather.replacesSame')] : []),
  ];
});
</script>

<template>
  <section class="import">
    <h2>{{ preview.fileName }} → {{ stationName }}</h2>
    <div class="reading">
      <label v-for="way in ways" :key="way.key"
        >{{ way.label
        }}<PickOne
          :model-value="preview.reading[way.key]"
          :options="way.options"
          @update:model-value="$event && set({ [way.key]: $event })"
      /></label>
    </div>
    <div class="scroll" tabindex="0" role="group" :aria-label="words.t('weather.reading')">
      <table class="plain">
        <thead>
          <tr>
            <th v-for="(m, i) in preview.reading.columns" :key="i">
              <PickOne
                :model-value="m"
                :label="`${words.t('weather.reading')} ${i + 1}`"
                :class="{ used: m !== 'ignore' }"
                :options="COLUMN_MEANINGS.map((c) => ({ value: c, label: words.t(`weather.column.${c}`) }))"
                @update:model-value="$event && column(i, $event)" />
            </th>
          </tr>
          <tr v-if="preview.headers.length">
            <th v-for="(h, i) in preview.headers" :key="i">{{ h }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(row, r) in preview.sample" :key="r">
            <td v-for="(cell, i) in row" :key="i">{{ cell }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <p v-if="preview.problem" class="warn" role="alert">{{ words.t(`reasons.${preview.problem}`) }}</p>
    <p v-else>
      <b>{{ words.t('weather.understood') }}:</b> {{ facts.join(' · ') }}
    </p>
    <DataTable
      v-if="preview.understood.length"
      bare
      class="small"
      :columns="[
        { key: 'day', title: '', text: (d) => words.format.day(d.day, group?.today) },
        {
          key: 'span',
          title: '',
          text: (d) => `${words.format.temperature(d.minC)} – ${words.format.temperature(d.maxC)}`,
        },
        { key: 'rain', title: '', text: (d) => (d.rainMm === null ? '' : words.format.rain(d.rainMm)) },
      ]"
      :rows="preview.understood.slice(0, 3)"
      :row-key="(d) => d.day"
      :label="words.t('weather.understood')" />
    <section v-if="preview.leftOutCount">
      <p class="warn">{{ words.t('weather.leftOut', { n: preview.leftOutCount }) }}</p>
      <DataTable
        bare
        class="small"
        :columns="[
          { key: 'line', title: '', text: (l) => `${words.t('weather.line')} ${l.line}` },
          { key: 'why', title: '', text: (l) => words.t(`leftOut.${l.reason}`) },
          { key: 'text', title: '', text: (l) => l.text },
        ]"
        :rows="preview.leftOut.slice(0, 12)"
        :row-key="(l) => String(l.line)"
        :label="words.t('weather.leftOut', { n: preview.leftOutCount })" />
    </section>
    <p v-if="error" class="warn" role="alert">{{ error.message }}</p>
    <p v-if="muchLeftOut" class="warn" role="alert">
      {{ words.t('weather.muchLeftOut', { n: words.format.number(preview.leftOutCount), percent: leftOutPercent }) }}
    </p>
    <div class="acts">
      <Popconfirm
        :disabled="preview.differingDays === 0"
        :title="
          words.t('weather.replaceSure', {
            n: words.format.number(preview.differingDays),
            station: stationName,
            all: words.format.number(preview.dayCount),
          })
        "
        :ok-text="words.t('weather.replace')"
        :cancel-text="words.t('common.cancel')"
        @confirm="keep">
        <Button
          type="primary"
          :disabled="preview.problem !== null || reread.isPending.value"
          :loading="store.isPending.value"
          @click="preview.differingDays === 0 && keep()">
          {{ words.t('weather.store', { n: words.format.number(preview.dayCount) }) }}
        </Button>
      </Popconfirm>
      <Button :disabled="drop.isPending.value" @click="drop.mutate(undefined)">
        {{ words.t('weather.drop1') }}
      </Button>
    </div>
  </section>
</template>

<style scoped>
.import {
  border-left: 4px solid var(--ember);
  background: var(--sheet);
  padding: 14px 18px;
  margin: 14px 0;
}
.reading {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 18px;
  margin: 8px 0;
}
.reading label {
  display: grid;
  gap: 2px;
  font-size: 14px;
  color: var(--soft);
}
select {
  width: auto;
}
.used {
  border-color: var(--ember);
  font-weight: 640;
}
.scroll {
  overflow-x: auto;
  max-width: 100%;
}
.acts {
  display: flex;
  gap: 10px;
  margin-top: 12px;
  flex-wrap: wrap;
}
details {
  margin: 8px 0;
}
summary {
  cursor: pointer;
  font-weight: 640;
}
</style>
