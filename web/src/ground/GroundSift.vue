<script setup lang="ts">
import PickOne from '../kit/PickOne.vue';
import { useWords } from '../session/words.ts';
import { HEATS, type Heat } from '../stands/heats.ts';

/** Which places are shown: by a part, by what is hottest on them. */
defineProps<{ parts: readonly string[] }>();
const part = defineModel<string | null>('part', { required: true });
const heat = defineModel<Heat | null>('heat', { required: true });
const words = useWords();
</script>

<template>
  <div class="tools">
    <PickOne
      v-model="part"
      optional
      :label="words.t('hearth.filter')"
      :placeholder="words.t('hearth.allParts')"
      :options="parts.map((p) => ({ value: p, label: words.t(`plants.partName.${p}`) }))" />
    <PickOne
      v-model="heat"
      optional
      :label="words.t('ground.anyHeat')"
      :placeholder="words.t('ground.anyHeat')"
      :options="HEATS.map((h) => ({ value: h, label: words.t(`coalState.${h}`) }))" />
  </div>
</template>

<style scoped>
.tools {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  margin: 8px 0;
}
</style>
