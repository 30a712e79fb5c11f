<script setup lang="ts">
import { ref } from 'vue';
import { centreOf, type PatchFacts, type PatchGeometry } from '@emberfield/contract';
import { terrainAt, windOf } from '@emberfield/core/terrain';
import { useWords } from '../session/words.ts';
import { readGrid } from './read-grid.ts';
import FileButton from '../kit/FileButton.vue';

/** Height, slope and aspect read from a grid of heights that somebody has: nothing of the file leaves the device. */
const props = defineProps<{ geometry: PatchGeometry | null }>();
const emit = defineEmits<{ found: [terrain: Pick<PatchFacts, 'heightM' | 'slopeDeg' | 'aspect'>] }>();
const words = useWords();
const said = ref('');
const failed = ref(false);
const busy = ref(false);
async function chosen(file: File): Promise<void> {
  if (!props.geometry) return;
  busy.value = true;
  failed.value = true;
  try {
    const terrain = terrainAt(await readGrid(file), centreOf(props.geometry));
    if (!terrain) said.value = words.value.t('elevation.outside');
    else {
      const { heightM, slopeDeg, aspectDeg } = terrain;
      const aspect = windOf(aspectDeg);
      failed.value = false;
      said.value = words.value.t('elevation.found', {
        height: words.value.format.height(heightM),
        slope: Math.round(slopeDeg),
        aspect: words.value.t(`patch.aspect.${aspect}`),
      });
      emit('found', { heightM: Math.round(heightM * 10) / 10, slopeDeg: Math.round(slopeDeg), aspect });
    }
  } catch (error) {
    const code = error instanceof RangeError ? error.message : 'notAGrid';
    said.value = words.value.t(`elevation.${code}`);
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <p class="elevation">
    <FileButton accept=".asc,.txt,.tif,.tiff" :disabled="geometry === null || busy" @file="chosen">{{
      words.t(busy ? 'common.loading' : 'elevation.choose')
    }}</FileButton>
    <span :class="failed ? 'warn' : 'soft'" role="status">{{ said || words.t('elevation.lead') }}</span>
  </p>
</template>

<style scoped>
.elevation {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  margin: 8px 0;
}
label {
  position: relative;
}
input {
  position: absolute;
  inset: 0;
  opacity: 0;
}
</style>
