<script setup lang="ts">
import { computed } from 'vue';
import type { StandView } from '@emberfield/contract';
import { useWords } from '../session/words.ts';
import { seasonRows } from './season-rows.ts';

const props = defineProps<{ stand: StandView; day: string }>();
const words = useWords();
const parts = computed(() =>
  props.stand.profile.parts.filter((p) => props.stand.profile.windows.some((w) => w.part === p.key)).slice(0, 2),
);
const tables = computed(() => parts.value.map((p) => ({ part: p, rows: seasonRows(props.stand, p.key) })));
</script>

<template>
  <section class="section">
    <h2>{{ words.t('stand.seasonTable') }}</h2>
    <table v-for="t in tables" :key="t.part.key" class="plain">
      <thead>
        <tr>
          <th>{{ words.t('stand.season') }}</th>
          <th>{{ words.t('stand.opened', { part: words.text(t.part.name) }) }}</th>
          <th>{{ words.t('stand.takenAllowed') }}</th>
          <th>{{ words.t('stand.counted') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in t.rows" :key="r.season">
          <td>{{ r.season }}</td>
          <td>
            {{
              r.opens
                ? r.ahead
                  ? words.t('stand.opensAhead', { day: words.format.day(r.opens) })
                  : words.format.day(r.opens)
                : ''
            }}
          </td>
          <td>
            {{
              r.taken > 0 || r.allowed !== null
                ? `${words.amount(r.taken, t.part.unit)}${r.allowed !== null ? ` / ${words.format.number(r.allowed)}` : ''}`
                : ''
            }}
            <b v-if="r.over" class="warn">{{ words.t('stand.over') }}</b>
          </td>
          <td>{{ r.counted === null ? '' : words.format.number(r.counted) }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
table {
  margin-bottom: 12px;
}
th:nth-child(1),
td:nth-child(1) {
  width: 80px;
}
th:nth-child(2) {
  width: 32%;
}
</style>
