<script setup lang="ts">
import { Button } from 'ant-design-vue';
import type { MixedIn } from '@emberfield/contract';
import { useWords } from '../session/words.ts';

/** The table of what may be among the pieces: each is ticked once every piece was held against it. */
defineProps<{ mixed: readonly MixedIn[] }>();
const checked = defineModel<readonly string[]>({ required: true });
const words = useWords();
const toggle = (name: string): void => {
  checked.value = checked.value.includes(name) ? checked.value.filter((c) => c !== name) : [...checked.value, name];
};
</script>

<template>
  <p class="small">{{ words.t('take.holdAgainst') }}</p>
  <ul>
    <li v-for="m in mixed" :key="m.scientific">
      <Button class="chip" :aria-pressed="checked.includes(m.scientific)" @click="toggle(m.scientific)">
        {{ checked.includes(m.scientific) ? '✓ ' : '' }}{{ words.text(m.name) }}
      </Button>
      <span>{{ words.text(m.separatedBy) }}</span>
    </li>
  </ul>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
  margin: 4px 0;
  display: grid;
  gap: 8px;
}
.chip {
  margin-right: 8px;
}
</style>
