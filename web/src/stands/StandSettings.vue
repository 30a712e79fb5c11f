<script setup lang="ts">
import type { StandView } from '@emberfield/contract';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import RestForm from './RestForm.vue';
import StandEnd from './StandEnd.vue';

/** Rest, age and end of a stand. */
defineProps<{ stand: StandView }>();
const words = useWords();
const { isKeeper } = useGroup();
</script>

<template>
  <section v-if="isKeeper" class="section">
    <h2>{{ words.t('stand.rules') }}</h2>
    <RestForm :stand="stand" />
  </section>
  <StandEnd :stand="stand" />
</template>
