<script setup lang="ts">
import { Input } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { PlantListItem } from '@emberfield/contract';
import ToggleChips from '../kit/ToggleChips.vue';
import { useWords } from '../session/words.ts';
import { plantsFor } from './find-plants.ts';

/** What it may be: one, several, or nothing known. A few letters are enough; those of this walk stay at hand. */
const props = defineProps<{ plants: readonly PlantListItem[]; chosen: readonly string[]; recent: readonly string[] }>();
defineEmits<{ toggle: [key: string] }>();
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
    <p v-if="!chosen.length" class="soft small">{{ words.t('find.notKnown') }}</p>
  </section>
</template>
