<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core';
import { computed, defineAsyncComponent, ref } from 'vue';
import { partsOf } from '../hearth/heat.ts';
import { useHearth } from '../hearth/queries.ts';
import StateNote from '../kit/StateNote.vue';
import { useBaseMap, usePatches } from '../patches/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import { usePaths } from '../places/queries.ts';
import { toggled } from '../scouting/find-draft.ts';
import { HEATS, type Heat } from '../stands/heats.ts';
import ToggleChips from '../kit/ToggleChips.vue';
import { groundPlaces } from './ground-places.ts';
import { LAYERS_AT_FIRST, layersFor, type MapLayer } from './map-layers.ts';
import { useArchive } from './use-archive.ts';
import GroundPlaceItem from './GroundPlaceItem.vue';

// The map is heavy: the list stands before it comes.
const GroundMap = defineAsyncComponent(() => import('./GroundMap.vue'));
const words = useWords();
const { groupId, group, mayPick } = useGroup();
const { day, asked } = useDay();
const hearth = useHearth(groupId, asked, ref(false));
const patches = usePatches(groupId);
const baseMap = useBaseMap(computed(() => group.value?.hasBaseMap ?? false));
const paths = usePaths(groupId);
const part = ref<string | null>(null);
const heat = ref<Heat | null>(null);
const switched = useLocalStorage<MapLayer[]>('emberfield-map-layers', [...LAYERS_AT_FIRST]);
const { archive, problem: archiveProblem, choose: chooseArchive, drop } = useArchive();
/** So many places are listed at once; with thousands the others come on demand. */
const MOST_LISTED = 60;
const listed = ref(MOST_LISTED);
const text = ref('');
const chosen = ref<string | null>(null);
const failed = computed(() => hearth.error.value ?? patches.error.value);
const parts = computed(() => (hearth.data.value ? partsOf(hearth.data.value) : []));
const places = computed(() =>
  hearth.data.value && patches.data.value
    ? groundPlaces(
        hearth.data.value,
        patches.data.value,
        { part: part.value, heat: heat.value, text: text.value },
        (s) => words.value.text(s.plantName),
      )
    : null,
);
const offered = computed(() =>
  layersFor({
    baseMap: Boolean(baseMap.data.value),
    hazards: places.value?.some((p) => p.patch.hazards.length > 0) ?? false,
    walked: (paths.data.value?.length ?? 0) > 0,
    archive: archive.value !== null,
    tiles: Boolean(group.value?.tilesUrl),
  }),
);
const shownPlaces = computed(() => {
  const all = places.value ?? [];
  const first = all.slice(0, listed.value);
  const picked = all.find((p) => p.patch.id === chosen.value);
  return picked && !first.includes(picked) ? [...first, picked] : first;
});
const switchLayer = (layer: MapLayer): void => void (switched.value = [...toggled(switched.value, layer)]);
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
      <GroundMap
        :base-map="baseMap.data.value"
        :places="places"
        :paths="paths.data.value ?? []"
        :chosen="chosen"
        :layers="switched"
        :tiles-url="group?.tilesUrl ?? null"
        :archive="archive"
        @choose="choose" />
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
        <select v-model="heat" :aria-label="words.t('ground.anyHeat')">
          <option :value="null">{{ words.t('ground.anyHeat') }}</option>
          <option v-for="h in HEATS" :key="h" :value="h">{{ words.t(`hearth.${h}`) }}</option>
        </select>
      </div>
      <details class="layers no-print">
        <summary>{{ words.t('ground.layers') }}</summary>
        <ToggleChips
          :label="words.t('ground.layers')"
          :options="offered.map((l) => ({ value: l, label: words.t(`ground.layer.${l}`) }))"
          :chosen="switched"
          @toggle="switchLayer" />
        <p>
          <label class="btn plain">
            {{ words.t('ground.archiveAdd') }}<input type="file" accept=".pmtiles" @change="chooseArchive" />
          </label>
          <button v-if="archive" type="button" class="btn plain" @click="drop">
            {{ words.t('ground.archiveDrop') }}
          </button>
          <RouterLink class="btn plain" :to="{ name: 'files' }">{{ words.t('files.link') }}</RouterLink>
        </p>
        <p v-if="archiveProblem" class="warn" role="alert">{{ archiveProblem }}</p>
      </details>
      <p v-if="!places.length" class="soft">{{ words.t('ground.none') }}</p>
      <ul>
        <GroundPlaceItem
          v-for="p in shownPlaces"
          :id="`place-${p.patch.id}`"
          :key="p.patch.id"
          :place="p"
          :day="day"
          :chosen="p.patch.id === chosen"
          @choose="p.patch.id === chosen ? (chosen = null) : choose(p.patch.id)" />
      </ul>
      <button v-if="places.length > shownPlaces.length" type="button" class="btn plain" @click="listed += MOST_LISTED">
        {{ words.t('ground.more', { n: places.length - shownPlaces.length }) }}
      </button>
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
.tools input {
  grid-column: 1 / -1;
}
.layers {
  margin-bottom: 10px;
}
.layers label {
  position: relative;
}
.layers input {
  position: absolute;
  inset: 0;
  opacity: 0;
}
.tools {
  display: grid;
  grid-template-columns: 1fr 1fr;
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
