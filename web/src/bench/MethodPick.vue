<script setup lang="ts">
import type { ProfilePart } from '@emberfield/contract';
import { methodsOf, type MethodKey } from '@emberfield/core/plants';
import PickOne from '../kit/PickOne.vue';
import { useWords } from '../session/words.ts';

/** The way of taking that a plan is played with, where the part has several. */
defineProps<{ part: ProfilePart }>();
const method = defineModel<MethodKey>({ required: true });
const words = useWords();
</script>

<template>
  <PickOne
    v-if="part.methods"
    class="pick no-print"
    :model-value="method"
    :label="words.t('take.how')"
    :options="methodsOf(part).map((m) => ({ value: m, label: words.t(`take.method.${m}`) }))"
    @update:model-value="$event && (method = $event)" />
</template>

<style scoped>
.pick {
  display: block;
  max-width: 260px;
  margin: 0 0 8px;
}
</style>
