<script setup lang="ts">
import { Input } from 'ant-design-vue';
import { computed } from 'vue';
import { CONTAMINATING, HAZARDS, type PatchFacts } from '@emberfield/contract';
import ToggleChips from '../kit/ToggleChips.vue';
import { useWords } from '../session/words.ts';
import { toggled } from '../kit/toggled.ts';

/** What is wrong with the place of a find, and what grows beside it. */
const props = defineProps<{
  facts: PatchFacts;
  dangerous: readonly { readonly value: string; readonly label: string }[];
}>();
defineEmits<{ facts: [over: Partial<PatchFacts>] }>();
const words = useWords();
const beside = computed(() => props.facts.neighbours.split(', ').filter(Boolean));
const named = <T extends string>(keys: readonly T[], path: string) =>
  keys.map((k) => ({ value: k, label: words.value.t(`${path}.${k}`) }));
</script>

<template>
  <section>
    <h2>{{ words.t('find.hazards') }}</h2>
    <ToggleChips
      :label="words.t('find.hazards')"
      :options="named(HAZARDS, 'patch.hazard')"
      :chosen="facts.hazards"
      @toggle="$emit('facts', { hazards: toggled(facts.hazards, $event) })" />
    <p v-if="facts.hazards.some((h) => CONTAMINATING.includes(h))" class="warn">
      {{ words.t('patch.contaminating') }}
    </p>
    <h3>{{ words.t('find.neighbours') }}</h3>
    <ToggleChips
      v-if="dangerous.length"
      :label="words.t('find.neighbours')"
      :options="dangerous"
      :chosen="beside"
      @toggle="$emit('facts', { neighbours: toggled(beside, $event).join(', ') })" />
    <Input
      :value="facts.neighbours"
      :maxlength="600"
      :placeholder="words.t('find.neighboursMore')"
      :aria-label="words.t('find.neighbours')"
      @update:value="$emit('facts', { neighbours: $event })" />
  </section>
</template>
