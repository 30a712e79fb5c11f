<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { isDangerous } from '@emberfield/core/identity';
import { useWords } from '../session/words.ts';
import NotListed from '../plants/NotListed.vue';
import type { Candidate } from './field-left.ts';

/** What the signs leave possible; pressing one sets it beside the plant that is looked for. */
const props = defineProps<{ remaining: readonly Candidate[]; rival: string | null; wanted: string | null }>();
const emit = defineEmits<{ compare: [key: string] }>();
const words = useWords();
const FIRST = 14;
const all = ref(false);
const some = (list: readonly Candidate[]) => (all.value ? list : list.slice(0, FIRST));
/** What grows here, and below it what is not known to. */
const lists = computed(() =>
  [
    { elsewhere: false, plants: some(props.remaining.filter((c) => !c.row.elsewhere)) },
    { elsewhere: true, plants: some(props.remaining.filter((c) => c.row.elsewhere)) },
  ].filter((l) => l.plants.length > 0),
);
const shown = computed(() => lists.value.reduce((n, l) => n + l.plants.length, 0));
</script>

<template>
  <section class="section">
    <h2>{{ words.t('identify.left') }}</h2>
    <template v-for="l in lists" :key="String(l.elsewhere)">
      <h3 v-if="l.elsewhere">{{ words.t('identify.elsewhere') }}</h3>
      <ul>
        <li v-for="c in l.plants" :key="c.key">
          <button
            type="button"
            :aria-pressed="c.key === rival"
            :disabled="c.key === wanted"
            @click="emit('compare', c.key)">
            <b>{{ words.text(c.row.names) }}</b>
            <small :class="isDangerous(c.severity) ? 'warn' : 'soft'">{{
              words.t(`identify.severity.${c.severity}`)
            }}</small>
          </button>
        </li>
      </ul>
    </template>
    <Button v-if="remaining.length > shown" type="link" @click="all = true">
      {{ words.t('identify.more', { n: remaining.length }) }}
    </Button>
    <NotListed v-if="wanted === null" />
  </section>
</template>

<style scoped>
h3 {
  margin: 14px 0 6px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
button:not(.ant-btn) {
  border: 1px solid var(--hair);
  border-radius: 4px;
  background: var(--sheet);
  color: var(--char);
  font: inherit;
  padding: 5px 10px;
  cursor: pointer;
  text-align: left;
}
button[aria-pressed='true'] {
  border-color: var(--char);
  box-shadow: inset 0 -2px 0 var(--char);
}
b {
  font-weight: 600;
}
small {
  font-size: 13px;
  margin-left: 4px;
}
@media (max-width: 900px) {
  button:not(.ant-btn) {
    min-height: 48px;
  }
}
</style>
