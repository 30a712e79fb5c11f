<script setup lang="ts">
import { useWords } from '../session/words.ts';
import { nameOf, sayMark, sayRange, sayWindows } from './say-year.ts';
import type { PartLine } from './year-lines.ts';

defineProps<{ lines: readonly PartLine[]; pastYears: readonly number[]; query: Record<string, string> }>();
const words = useWords();
/** The last few say enough; the stand's page has them all. */
const MOST_MARKS = 4;
</script>

<template>
  <table class="plain">
    <thead>
      <tr>
        <th scope="col">{{ words.t('year.place') }}</th>
        <th scope="col">{{ words.t('year.what') }}</th>
        <th scope="col">{{ words.t('year.opens') }}</th>
        <th scope="col">{{ words.t('year.closes') }}</th>
        <th v-for="y in pastYears" :key="y" scope="col">{{ y }}</th>
        <th scope="col">{{ words.t('year.noted') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="l in lines" :key="l.key">
        <td>{{ l.stand.patchName }}</td>
        <th scope="row">
          <RouterLink :to="{ name: 'stand', params: { standId: l.stand.id }, query }">{{
            nameOf(l, words)
          }}</RouterLink>
        </th>
        <td>
          <div v-for="(w, i) in l.row.windows" :key="i">{{ sayRange(w.opens, words) }}</div>
          <span v-if="!l.row.windows.length" class="soft">{{ words.t('year.noWindow') }}</span>
        </td>
        <td>
          <div v-for="(w, i) in l.row.windows" :key="i">{{ sayRange(w.closes, words) }}</div>
        </td>
        <td v-for="p in l.row.past" :key="p.year">
          {{ p.windows.length ? sayWindows({ ...l.row, ...p }, words) : '' }}
        </td>
        <td>
          <div v-for="(m, i) in l.row.marks.slice(-MOST_MARKS)" :key="i">{{ sayMark(m, words) }}</div>
        </td>
      </tr>
    </tbody>
  </table>
</template>
