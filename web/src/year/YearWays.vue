<script setup lang="ts">
import { Button } from 'ant-design-vue';
import GoButton from '../kit/GoButton.vue';
import { useWords } from '../session/words.ts';
import YearLegend from './YearLegend.vue';

/** What else the year can be: a table, paper; and what its marks mean. */
defineProps<{ pastYears: readonly number[] }>();
defineEmits<{ print: [] }>();
const asTable = defineModel<boolean>('asTable', { required: true });
const words = useWords();
</script>

<template>
  <div class="no-print">
    <YearLegend :past-years="pastYears" />
    <Button type="link" :aria-pressed="asTable" @click="asTable = !asTable">{{ words.t('stand.stageTable') }}</Button>
    <Button type="link" @click="$emit('print')">{{ words.t('year.print') }}</Button>
    <GoButton type="link" :to="{ name: 'proof' }">{{ words.t('proof.title') }}</GoButton>
  </div>
</template>
