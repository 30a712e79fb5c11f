<script setup lang="ts">
import { computed } from 'vue';
import FoldUp from '../kit/FoldUp.vue';
import NamedPick from '../kit/NamedPick.vue';
import { useWords } from '../session/words.ts';
import { ASSUMPTIONS, type Assumed } from './assumed.ts';

/** What is assumed of the place: said in a line, changed below it. */
const assumed = defineModel<Assumed>({ required: true });
const words = useWords();
const kinds = Object.keys(ASSUMPTIONS) as (keyof Assumed)[];
const sayOf = (kind: keyof Assumed, key: string): string => words.value.t(`bench.assumed.${kind}s.${key}`);
const title = computed(() =>
  words.value.t('bench.assumed.title', Object.fromEntries(kinds.map((k) => [k, sayOf(k, assumed.value[k])]))),
);
const optionsOf = (kind: keyof Assumed): { readonly value: string; readonly label: string }[] =>
  ASSUMPTIONS[kind].map((value) => ({ value, label: sayOf(kind, value) }));
</script>

<template>
  <FoldUp :title="title">
    <p class="soft">{{ words.t('bench.assumed.lead') }}</p>
    <div class="row">
      <NamedPick
        v-for="kind in kinds"
        :key="kind"
        :model-value="assumed[kind] as string"
        :label="words.t(`bench.assumed.${kind}`)"
        :options="optionsOf(kind)"
        @update:model-value="$event && (assumed = { ...assumed, [kind]: $event })" />
    </div>
  </FoldUp>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
}
</style>
