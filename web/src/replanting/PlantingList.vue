<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { ref } from 'vue';
import type { StandView } from '@emberfield/contract';
import { isoDay } from '@emberfield/core/measure';
import type { Cohort } from '@emberfield/core/stand';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import PlantingLook from './PlantingLook.vue';

/** What was planted here, what became of it, and when to look again. */
defineProps<{ stand: StandView; cohorts: readonly Cohort[]; day: string }>();
const words = useWords();
const { mayPick } = useGroup();
const looking = ref<string | null>(null);
const facts = (c: Cohort, day: string): string => {
  const { t, format } = words.value;
  const last = c.checks.at(-1);
  const flowering = last?.flowering ?? 0;
  return [
    t(`putBack.sources.${c.source}`),
    last && c.alive !== null
      ? t('putBack.lives', { alive: c.alive, number: c.number, day: format.day(isoDay(last.day), day) })
      : t('putBack.notSeen'),
    flowering > 0 ? t('putBack.flowered', { n: flowering }) : '',
    c.alive !== 0 && c.toFlower > flowering ? t('putBack.willFlower', { n: format.number(c.toFlower, 1) }) : '',
    c.note,
  ]
    .filter(Boolean)
    .join(' · ');
};
const due = (c: Cohort, day: string): string => {
  if (c.due === null) return '';
  const on = isoDay(c.due);
  const { t, format } = words.value;
  return t(on < day ? 'putBack.dueLate' : 'putBack.due', { day: format.day(on, day) });
};
</script>

<template>
  <section>
    <h2>{{ words.t('putBack.planted') }}</h2>
    <p v-if="!cohorts.length" class="soft">{{ words.t('putBack.plantedNone') }}</p>
    <ul v-else>
      <li v-for="c in [...cohorts].reverse()" :key="c.id">
        <div class="line">
          <span>
            <b>{{ words.t(`putBack.many.${c.way}`, { n: c.number }) }}</b>
            {{ words.format.dayAndYear(isoDay(c.day)) }} <span class="soft">{{ c.by }}</span> <br /><span
              class="soft"
              >{{ facts(c, day) }}</span
            >
          </span>
          <span v-if="c.due !== null" class="due" :class="{ warn: isoDay(c.due) < day }">{{ due(c, day) }}</span>
          <Button v-if="mayPick && looking !== c.id" class="no-print" @click="looking = c.id">{{
            words.t('putBack.look')
          }}</Button>
        </div>
        <PlantingLook v-if="looking === c.id" :stand="stand" :cohort="c" @done="looking = null" />
      </li>
    </ul>
    <p v-if="cohorts.length" class="small no-print">
      <RouterLink :to="{ name: 'success' }">{{ words.t('putBack.success.compare') }}</RouterLink>
    </p>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
  margin: 0;
}
li {
  border-top: 1px solid var(--hair);
  padding: 8px 0;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  align-items: center;
}
.line > :first-child {
  flex: 1 1 240px;
}
.line > .ant-btn {
  min-height: 48px;
}
</style>
