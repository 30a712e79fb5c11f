<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { partsOf } from '../hearth/heat.ts';
import { useHearth } from '../hearth/queries.ts';
import StateNote from '../kit/StateNote.vue';
import { useBaseMap, usePatches } from '../patches/queries.ts';
import { useGroup } from '../people/use-group.ts';
import { useDay } from '../platform/use-day.ts';
import { useWords } from '../platform/words.ts';
import { groundPlaces } from './ground-places.ts';
import GroundPlaceItem from './GroundPlaceItem.vue';

// The map is heavy: the list stands before it comes.
const GroundMap = defineAsyncComponent(() => import('./GroundMap.vue'));
const words = useWords();
const { groupId, group, mayPick } = useGroup();
const { day, asked } = useDay();
const hearth = useHearth(groupId, asked);
const patches = usePatches(groupId);
const baseMap = useBaseMap(computed(() => group.value?.hasBaseMap ?? false));
const part = ref<string | null>(null);
const text = ref('');
const chosen = ref<string | null>(null);
const failed = computed(() => hearth.error.value ?? patches.error.value);
const parts = computed(() => (hearth.data.value ? partsOf(hearth.data.value) : []));
const places = computed(() =>
  hearth.data.value && patches.data.value
    ? groundPlaces(hearth.data.value, patches.data.value, { part: part.value, text: text.value }, (s) =>
        words.value.text(s.plantName),
      )
    : null,
);
function again(): void {
  void hearth.refetch();
  void patches.refetch();
}
function choose(patchId: string): void {
  chosen.value = patchId;
  document.getElementById(`place-${patchId}`)?.scrollIntoView({ block: 'nearest' });
}
</script>

<template>
  <h1 class="hidden-visually">{{ words.t('ground.title') }}</h1>
  <StateNote v-if="failed" state="failed" :text="failed.message" @retry="again" />
  <StateNote v-else-if="!places" state="loading" />
  <StateNote
    v-else-if="!patches.data.value?.length"
    state="empty"
    :title="words.t('hearth.emptyTitle')"
    :text="words.t('hearth.empty')">
    <RouterLink v-if="mayPick" class="btn main" :to="{ name: 'newPatch' }">
      {{ words.t('hearth.first') }} <kbd>n</kbd>
    </RouterLink>
  </StateNote>
  <div v-else class="two ground" :aria-busy="hearth.isPlaceholderData.value">
    <div class="front">
      <GroundMap :base-map="baseMap.data.value" :places="places" :chosen="chosen" @choose="choose" />
    </div>
    <aside class="side">
      <div class="tools">
        <input
          v-model="text"
          type="search"
          :placeholder="words.t('ground.search')"
          :aria-label="words.t('ground.search')" />
        <select v-model="part" :aria-label="words.t('hearth.filter')">
          <option :value="null">{{ words.t('hearth.allParts') }}</option>
          <option v-for="p in parts" :key="p" :value="p">{{ words.t(`plants.partName.${p}`) }}</option>
        </select>
      </div>
      <p v-if="!places.length" class="soft">{{ words.t('ground.none') }}</p>
      <ul>
        <GroundPlaceItem
          v-for="p in places"
          :id="`place-${p.patch.id}`"
          :key="p.patch.id"
          :place="p"
          :day="day"
          :chosen="p.patch.id === chosen"
          @choose="p.patch.id === chosen ? (chosen = null) : choose(p.patch.id)" />
      </ul>
    </aside>
  </div>
</template>

<style scoped>
.ground {
  grid-template-columns: minmax(0, 1fr) 420px;
  height: calc(100vh - 147px);
  min-height: 460px;
}
.ground .front {
  padding: 0;
}
.ground .side {
  overflow: auto;
  padding: 12px 16px 40px;
}
.tools {
  display: grid;
  grid-template-columns: 1fr 150px;
  gap: 8px;
  margin-bottom: 8px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
@media (max-width: 900px) {
  .ground {
    height: auto;
  }
  .ground .front {
    height: 46vh;
  }
  .front :deep(.map) {
    min-height: 0;
  }
}
</style>
