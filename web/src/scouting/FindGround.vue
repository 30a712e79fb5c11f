<script setup lang="ts">
import {
  ASPECTS,
  CANOPIES,
  LOOSENESS,
  MOISTURES,
  OVERHEAD_TREES,
  SUBSTRATES,
  type FindBody,
  type PatchFacts,
} from '@emberfield/contract';
import ChoiceChips from '../kit/ChoiceChips.vue';
import ToggleChips from '../kit/ToggleChips.vue';
import { useWords } from '../session/words.ts';
import { toggled } from '../kit/toggled.ts';

/** What a find stands on and under: what nobody remembers at home. */
defineProps<{ facts: PatchFacts; body: FindBody }>();
defineEmits<{ facts: [over: Partial<PatchFacts>]; body: [over: Partial<FindBody>] }>();
const words = useWords();
const named = <T extends string>(keys: readonly T[], path: string) =>
  keys.map((k) => ({ value: k, label: words.value.t(`${path}.${k}`) }));
</script>

<template>
  <section>
    <h2>{{ words.t('find.ground') }}</h2>
    <ChoiceChips
      :model-value="facts.substrate"
      :label="words.t('find.ground')"
      :options="named(SUBSTRATES, 'patch.substrate')"
      @update:model-value="$event && $emit('facts', { substrate: $event })" />
    <h3>{{ words.t('find.looseness') }}</h3>
    <ChoiceChips
      :model-value="body.looseness"
      optional
      :label="words.t('find.looseness')"
      :options="named(LOOSENESS, 'find.loosenessOf')"
      @update:model-value="$emit('body', { looseness: $event })" />
    <p v-if="body.looseness === 'loose'" class="warn">{{ words.t('find.looseAsk') }}</p>
    <h3>{{ words.t('find.moisture') }}</h3>
    <ChoiceChips
      :model-value="facts.moisture"
      :label="words.t('find.moisture')"
      :options="named(MOISTURES, 'patch.moisture')"
      @update:model-value="$event && $emit('facts', { moisture: $event })" />
  </section>
  <section>
    <h2>{{ words.t('find.overhead') }}</h2>
    <ToggleChips
      :label="words.t('find.overhead')"
      :options="named(OVERHEAD_TREES, 'find.tree')"
      :chosen="body.overhead"
      @toggle="$emit('body', { overhead: toggled(body.overhead, $event) })" />
    <h3>{{ words.t('find.shade') }}</h3>
    <ChoiceChips
      :model-value="facts.canopy"
      :label="words.t('find.shade')"
      :options="named(CANOPIES, 'patch.canopy')"
      @update:model-value="$event && $emit('facts', { canopy: $event })" />
    <h3>{{ words.t('find.aspect') }}</h3>
    <ChoiceChips
      :model-value="facts.aspect"
      :label="words.t('find.aspect')"
      :options="named(ASPECTS, 'patch.aspect')"
      @update:model-value="$event && $emit('facts', { aspect: $event })" />
  </section>
</template>
