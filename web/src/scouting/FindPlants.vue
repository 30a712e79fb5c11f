<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { PlantListItem } from '@emberfield/contract';
import ToggleChips from '../kit/ToggleChips.vue';
import { useWords } from '../session/words.ts';
import { plantsFor } from './find-plants.ts';

/** What it may be: one, several, or nothing known. A few letters are enough; those of this walk stay at hand. */
const props = defineProps<{
  plants: readonly PlantListItem[];
  chosen: readonly string[];
  recent: readonly string[];
  unlisted: string | undefined;
}>();
defineEmits<{ toggle: [key: string]; unlisted: [name: string | undefined] }>();
const words = useWords();
const text = ref('');
const offered = computed(() =>
  plantsFor(props.plants, {
    text: text.value,
    chosen: props.chosen,
    recent: props.recent,
    nameOf: (p) => words.value.text(p.names),
  }),
);
/** A name that the list does not have: it is kept as it was typed, and the plant can be entered at home. */
const missed = computed(() => {
  const typed = text.value.trim();
  return typed.length > 1 && offered.value.every((p) => props.chosen.includes(p.key)) ? typed.slice(0, 80) : '';
});
</script>

<template>
  <section>
    <h2>{{ words.t('find.mayBe') }}</h2>
    <Input
      v-model:value="text"
      type="search"
      :placeholder="words.t('find.search')"
      :aria-label="words.t('find.search')" />
    <ToggleChips
      :label="words.t('find.mayBe')"
      :chosen="chosen"
      :options="offered.map((p) => ({ value: p.key, label: words.text(p.names) }))"
      @toggle="
        $emit('toggle', $event);
        text = '';
      " />
    <Button
      v-if="missed"
      class="chip"
      @click="
        $emit('unlisted', missed);
        text = '';
      "
      >{{ words.t('ownPlant.noteName', { name: missed }) }}</Button
    >
    <Button v-if="unlisted" class="chip" aria-pressed="true" @click="$emit('unlisted', undefined)">{{
      words.t('ownPlant.noted', { name: unlisted })
    }}</Button>
    <p v-if="!chosen.length && !unlisted" class="soft small">{{ words.t('find.notKnown') }}</p>
  </section>
</template>
