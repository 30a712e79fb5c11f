<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { BatchView } from '@emberfield/contract';
import type { Work } from '@emberfield/core/larder';
import NumberField from '../kit/NumberField.vue';
import WeighIt from '../scale/WeighIt.vue';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import { workRows, type WorkRow } from './work-rows.ts';

/** How something is made to keep, work by work: why, what it is likely to leave, and what was done already. */
const props = defineProps<{
  batch: BatchView;
  all: readonly BatchView[];
  mayNote: boolean;
  busy: boolean;
  note: (work: Work, massG: number | null) => Promise<boolean>;
}>();
const words = useWords();
const { today } = useDay();
const rows = computed(() => workRows(props.batch, props.all));
function sayLearned({ learned, done, again }: WorkRow): string {
  if (!learned) return '';
  const { t, format } = words.value;
  const share = (x: number): string => format.percent(Math.min(1, x));
  const figures = { percent: share(learned.value), low: share(learned.low), high: share(learned.high) };
  const leaves = learned.n ? t('larder.leavesBy', { ...figures, n: learned.n }) : t('larder.leaves', figures);
  const { leftG } = props.batch;
  // Of what was done already it was told what it left.
  const toCome = leftG !== null && leftG > 0 && (done.length === 0 || again);
  const of = toCome && t('larder.leavesOf', { mass: format.mass(leftG), after: format.mass(leftG * learned.value) });
  return [leaves, of].filter(Boolean).join(' ');
}
const sayDone = ({ done }: WorkRow): string =>
  done
    .map(({ day, massG }) =>
      [words.value.format.day(day, today.value), massG === null ? '' : words.value.format.mass(massG)]
        .filter(Boolean)
        .join(': '),
    )
    .join(' · ');
/** The work that is being noted. */
const at = ref<Work | null>(null);
const massG = ref<number | null>(null);
const fits = computed(() => massG.value === null || massG.value > 0);
function open(work: Work): void {
  at.value = at.value === work ? null : work;
  massG.value = null;
}
async function noteIt(work: Work): Promise<void> {
  if (await props.note(work, massG.value)) at.value = null;
}
</script>

<template>
  <div>
    <p>
      {{ words.t(`larder.about.${batch.body.way}`) }} <b>{{ words.t(`larder.raw.${batch.eating}`) }}</b>
    </p>
    <p v-if="rows.length" class="soft small">{{ words.t('larder.worksLead') }}</p>
    <ol v-if="rows.length">
      <li v-for="row in rows" :key="row.work">
        <div class="what">
          <span>
            <b>{{ words.t(`larder.steps.${row.work}`) }}</b>
            <small v-if="row.either" class="soft"> {{ words.t('larder.either') }}</small>
            <small v-if="row.again" class="soft"> {{ words.t('larder.again') }}</small>
          </span>
          <Button
            v-if="mayNote && batch.state !== 'gone'"
            size="small"
            :aria-label="`${words.t(`larder.steps.${row.work}`)}: ${words.t('larder.workDone')}`"
            :aria-expanded="at === row.work"
            @click="open(row.work)"
            >{{ words.t('larder.workDone') }}</Button
          >
        </div>
        <span>{{ words.t(`larder.why.${row.work}`) }}</span>
        <span class="soft">{{ sayLearned(row) }}</span>
        <span v-if="row.done.length">✓ {{ sayDone(row) }}</span>
        <form v-if="at === row.work" class="row no-print" @submit.prevent="fits && noteIt(row.work)">
          <label
            >{{ words.t('larder.leftAfter') }}
            <NumberField v-model="massG" unit="g" :label="words.t('larder.leftAfter')"
          /></label>
          <WeighIt @weighed="massG = $event" />
          <Button type="primary" html-type="submit" :disabled="!fits" :loading="busy">{{
            words.t('common.save')
          }}</Button>
        </form>
      </li>
    </ol>
  </div>
</template>

<style scoped>
ol {
  margin: 6px 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  gap: 2px;
  border-top: 1px solid var(--hair);
  padding: 8px 0;
}
.what,
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  justify-content: space-between;
  align-items: center;
}
.row {
  justify-content: start;
  align-items: end;
  margin: 6px 0;
}
.row label {
  display: grid;
  gap: 2px;
}
</style>
