<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import type { HearthView } from '@emberfield/contract';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import DutyLine from './DutyLine.vue';
import { usePutOff } from './put-off.ts';
import { dutyRows, MOST_LINES, type DutyRow } from './sections.ts';

/** What is to be looked after in the next weeks, by its day. */
const props = defineProps<{ hearth: HearthView; day: string }>();
const all = defineModel<boolean>('all', { required: true });
const words = useWords();
const undo = useUndo();
const rows = computed(() => dutyRows(props.hearth));
const { due, offCount, putOff, bringBack } = usePutOff(
  rows,
  computed(() => props.hearth.today),
);
const shown = computed(() => (all.value ? due.value : due.value.slice(0, MOST_LINES)));
const more = computed(() => props.hearth.dutyCount - offCount.value - shown.value.length);
function later(row: DutyRow): void {
  putOff(row.key);
  undo.say(words.value.t('hearth.dutyLaterSaid', { what: words.value.duty(row.duty, props.day).what }), () =>
    Promise.resolve(bringBack(row.key)),
  );
}
</script>

<template>
  <section v-if="rows.length || hearth.dutyCount">
    <div class="headed">
      <h2>{{ words.t('hearth.duties') }}</h2>
      <span class="soft">{{ words.t('hearth.dutiesNote') }}</span>
    </div>
    <DutyLine v-for="d in shown" :key="d.key" :row="d" :day="day" @later="later(d)" />
    <Button v-if="!all && more > 0" type="link" @click="all = true">{{
      words.t('hearth.showMore', { n: more })
    }}</Button>
    <p v-if="offCount" class="soft small">
      {{ words.t('hearth.dutiesOff', { n: offCount }) }}
      <Button type="link" size="small" @click="bringBack()">{{ words.t('hearth.dutiesBack') }}</Button>
    </p>
  </section>
</template>
