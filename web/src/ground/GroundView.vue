<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import FoldUp from '../kit/FoldUp.vue';
import FileButton from '../kit/FileButton.vue';
import GoButton from '../kit/GoButton.vue';
import { useElementBounding, useLocalStorage, useResizeObserver, useSwipe } from '@vueuse/core';
import { computed, defineAsyncComponent, ref, type WritableComputedRef } from 'vue';
import { partsOf } from '../hearth/sections.ts';
import { useHearth } from '../hearth/queries.ts';
import StateNote from '../kit/StateNote.vue';
import { useBaseMap } from '../patches/queries.ts';
import { typedPosition } from '../patches/typed-position.ts';
import { isPhone } from '../platform/theme.ts';
import { usePatches } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { useDay } from '../session/use-day.ts';
import { useQueryChoice, useQueryText } from '../session/use-query.ts';
import { useWords } from '../session/words.ts';
import { usePaths } from '../places/queries.ts';
import type { Heat } from '../stands/heats.ts';
import ToggleChips from '../kit/ToggleChips.vue';
import { toggled } from '../kit/toggled.ts';
import { groundPlaces } from './ground-places.ts';
import { LAYERS_AT_FIRST, layersFor, type MapLayer } from '../maps/map-layers.ts';
import { useArchive } from '../maps/use-archive.ts';
import GroundPlaceItem from './GroundPlaceItem.vue';
import GroundSift from './GroundSift.vue';

// The map is heavy: the list stands before it comes.
const GroundMap = defineAsyncComponent(() => import('./GroundMap.vue'));
const words = useWords();
const { groupId, group, mayPick } = useGroup();
const { day, asked } = useDay();
const hearth = useHearth(groupId, asked, ref(false));
const patches = usePatches(groupId);
const baseMap = useBaseMap(computed(() => group.value?.hasBaseMap ?? false));
const paths = usePaths(groupId);
const part = useQueryChoice('part');
const heat = useQueryChoice('coal') as WritableComputedRef<Heat | null>;
const switched = useLocalStorage<MapLayer[]>('emberfield-map-layers', [...LAYERS_AT_FIRST]);
const { archive, problem: archiveProblem, choose: chooseArchive, drop } = useArchive();
/** So many places are listed at once; with thousands the others come on demand. */
const MOST_LISTED = 60;
const listed = ref(MOST_LISTED);
const text = useQueryText();
/** What was typed may be a position: the map goes there, and the nearest places come first. */
const spot = computed(() => typedPosition(text.value));
/** On the phone the list lies over the map: it is pulled up by its handle, or by beginning to search. */
const pulled = ref(false);
const handle = ref<HTMLElement | null>(null);
const { isSwiping } = useSwipe(handle, {
  threshold: 20,
  onSwipeEnd: (_, direction) => {
    if (direction === 'up' || direction === 'down') pulled.value = direction === 'up';
  },
});
/** Right after a swipe the browser makes no click of a touch, but takes it for what stops the swipe: it counts by itself. */
function touched(event: TouchEvent): void {
  if (isSwiping.value) return;
  event.preventDefault();
  pulled.value = !pulled.value;
}
/** How far down it begins: what is said above it (no signal, what waits) takes room of its own. */
const whole = ref<HTMLElement | null>(null);
const { top, update: lookAgain } = useElementBounding(whole);
useResizeObserver(document.body, lookAgain);
const chosen = ref<string | null>(null);
const failed = computed(() => hearth.error.value ?? patches.error.value);
const parts = computed(() => (hearth.data.value ? partsOf(hearth.data.value) : []));
const places = computed(() =>
  hearth.data.value && patches.data.value
    ? groundPlaces(
        hearth.data.value,
        patches.data.value,
        { part: part.value, heat: heat.value, text: text.value, spot: spot.value },
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
  pulled.value = false;
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
    <GoButton v-if="mayPick" type="primary" :to="{ name: 'newPatch' }">
      {{ words.t('hearth.first') }} <kbd>n</kbd>
    </GoButton>
  </StateNote>
  <div
    v-else
    ref="whole"
    class="two ground"
    :style="{ '--over': `${top}px` }"
    :aria-busy="hearth.isPlaceholderData.value">
    <div class="front">
      <GroundMap
        :base-map="baseMap.data.value"
        :places="places"
        :paths="paths.data.value ?? []"
        :chosen="chosen"
        :spot="spot"
        :layers="switched"
        :tiles-url="group?.tilesUrl ?? null"
        :archive="archive"
        @choose="choose" />
    </div>
    <aside class="side" :class="{ pulled }">
      <button
        v-if="isPhone"
        ref="handle"
        type="button"
        class="handle"
        :aria-expanded="pulled"
        :aria-label="words.t(pulled ? 'ground.lower' : 'ground.pull')"
        @touchend="touched"
        @click="pulled = !pulled" />
      <Input
        v-model:value="text"
        class="search"
        type="search"
        :placeholder="words.t('ground.search')"
        :aria-label="words.t('ground.search')"
        @focus="pulled = true" />
      <GroundSift v-if="!isPhone" v-model:part="part" v-model:heat="heat" :parts="parts" />
      <FoldUp class="no-print" :title="words.t(isPhone ? 'ground.sift' : 'ground.layers')">
        <GroundSift v-if="isPhone" v-model:part="part" v-model:heat="heat" :parts="parts" />
        <ToggleChips
          :label="words.t('ground.layers')"
          :options="offered.map((l) => ({ value: l, label: words.t(`ground.layer.${l}`) }))"
          :chosen="switched"
          @toggle="switchLayer" />
        <p>
          <FileButton plain accept=".pmtiles" @file="chooseArchive">{{ words.t('ground.archiveAdd') }}</FileButton>
          <Button v-if="archive" type="link" @click="drop">
            {{ words.t('ground.archiveDrop') }}
          </Button>
          <GoButton type="link" :to="{ name: 'files' }">{{ words.t('files.link') }}</GoButton>
        </p>
        <p v-if="archiveProblem" class="warn" role="alert">{{ archiveProblem }}</p>
      </FoldUp>
      <p v-if="spot" class="spot">
        <span>{{ words.t('ground.nearestFirst') }}</span>
        <GoButton v-if="mayPick" :to="{ name: 'newPatch', query: { at: text.trim() } }">{{
          words.t('ground.placeHere')
        }}</GoButton>
      </p>
      <p v-if="!places.length" class="soft">{{ words.t('ground.none') }}</p>
      <ul class="rows">
        <GroundPlaceItem
          v-for="p in shownPlaces"
          :id="`place-${p.patch.id}`"
          :key="p.patch.id"
          :place="p"
          :day="day"
          :chosen="p.patch.id === chosen"
          @choose="p.patch.id === chosen ? (chosen = null) : choose(p.patch.id)" />
      </ul>
      <Button v-if="places.length > shownPlaces.length" type="link" @click="listed += MOST_LISTED">
        {{ words.t('ground.more', { n: places.length - shownPlaces.length }) }}
      </Button>
    </aside>
  </div>
</template>

<style scoped>
.ground {
  grid-template-columns: minmax(0, 1fr) 420px;
  height: calc(100vh - var(--over));
  min-height: 460px;
}
.ground .front {
  padding: 0;
}
.spot {
  display: flex;
  gap: 10px;
  align-items: center;
  justify-content: space-between;
  margin: 8px 0;
}
.ground .side {
  overflow: auto;
  padding: 12px 16px 40px;
}
@media (max-width: 900px) {
  .ground {
    --under: calc(56px + env(safe-area-inset-bottom));
    height: calc(100dvh - var(--over) - var(--under));
    min-height: 0;
    margin-bottom: calc(-12px - env(safe-area-inset-bottom));
    overflow: hidden;
  }
  .ground .front {
    height: calc(44dvh - var(--over) - var(--under) + 12px);
  }
  .front :deep(.map) {
    min-height: 0;
  }
  /* The list lies over the foot of the map and is pulled up over it. */
  .ground .side {
    position: fixed;
    inset: auto 0 var(--under);
    z-index: 20;
    height: 56dvh;
    padding: 0 16px 24px;
    border-radius: 12px 12px 0 0;
    border-top: 1px solid var(--edge);
    transition: height 0.18s ease-out;
  }
  .ground .side.pulled {
    height: calc(100dvh - var(--over) - var(--under) - 8px);
  }
  .handle {
    position: sticky;
    top: 0;
    z-index: 1;
    display: block;
    width: 100%;
    height: 44px;
    border: 0;
    background: var(--sheet);
    cursor: grab;
    touch-action: none;
  }
  .handle::after {
    content: '';
    display: block;
    width: 44px;
    height: 5px;
    margin: auto;
    border-radius: 3px;
    background: var(--edge);
  }
}
@media (prefers-reduced-motion: reduce) {
  .ground .side {
    transition: none;
  }
}
</style>
