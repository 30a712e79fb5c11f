<script setup lang="ts">
import { Button } from 'ant-design-vue';
import 'ol/ol.css';
import Feature from 'ol/Feature.js';
import GeoJSON from 'ol/format/GeoJSON.js';
import { Polygon, Point } from 'ol/geom.js';
import Draw from 'ol/interaction/Draw.js';
import Modify from 'ol/interaction/Modify.js';
import type Interaction from 'ol/interaction/Interaction.js';
import Snap from 'ol/interaction/Snap.js';
import { Vector as VectorLayer } from 'ol/layer.js';
import Graticule from 'ol/layer/Graticule.js';
import OlMap from 'ol/Map.js';
import { fromLonLat, toLonLat } from 'ol/proj.js';
import { Vector as VectorSource } from 'ol/source.js';
import { getArea } from 'ol/sphere.js';
import { Stroke } from 'ol/style.js';
import View from 'ol/View.js';
import { computed, onMounted, onUnmounted, ref, shallowRef, watch } from 'vue';
import { centreOf, type PatchGeometry, type PatchView } from '@emberfield/contract';
import { light } from '../platform/theme.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { landStyle, patchStyle } from '../maps/map-style.ts';
import { useArchive } from '../maps/use-archive.ts';
import { useBackdrop } from '../maps/use-backdrop.ts';
import { historyFrom, stepBack, stepTo } from './shape-history.ts';

const props = defineProps<{ baseMap: unknown; patches: readonly PatchView[] }>();
const geometry = defineModel<PatchGeometry | null>({ required: true });
const words = useWords();
const holder = ref<HTMLElement | null>(null);
type Mode = 'point' | 'area' | 'reshape';
const mode = ref<Mode>('point');
const history = ref(historyFrom(geometry.value));
const area = computed(() =>
  geometry.value?.type === 'Polygon'
    ? words.value.t('patch.areaIs', {
        area: words.value.format.area(
          getArea(
            new Polygon(geometry.value.coordinates as unknown as number[][][]).transform('EPSG:4326', 'EPSG:3857'),
          ),
        ),
      })
    : '',
);
const format = new GeoJSON({ featureProjection: 'EPSG:3857' });
const land = new VectorSource();
const others = new VectorSource();
const own = new VectorSource();
const map = shallowRef<OlMap | null>(null);
const { group } = useGroup();
const { archive } = useArchive();
/** The same ground as on the map of all places: tiles, or the map of this device. */
useBackdrop(map, () => ({ tilesUrl: group.value?.tilesUrl ?? null, archive: archive.value }));
let drawing: Draw | null = null;
let helpers: Interaction[] = [];
const sketching = ref(false);
/** Three corners, and the first again. */
const LEAST_RING = 4;
/** What was drawn here itself: the map stays where the hand is. What comes from elsewhere is brought into view. */
let drawnHere: PatchGeometry | null = null;
const six = (v: number): number => Math.round(v * 1e6) / 1e6;
const lonLat = (c: readonly number[]): [number, number] => {
  const [lon, lat] = toLonLat([...c]);
  return [six(lon!), six(lat!)];
};

/** Draws anew, or bends what is there; either way the pointer catches on corners and edges of this place and its neighbours. */
function useMode(next: Mode): void {
  mode.value = next;
  for (const interaction of [...(drawing ? [drawing] : []), ...helpers]) map.value?.removeInteraction(interaction);
  drawing = null;
  helpers = [];
  if (next === 'reshape') {
    const bending = new Modify({ source: own, style: (f) => patchStyle(f, true, light.value) });
    bending.on('modifyend', () => take(own.getFeatures()[0]?.getGeometry()));
    helpers.push(bending);
  } else {
    drawing = new Draw({
      type: next === 'point' ? 'Point' : 'Polygon',
      stopClick: true,
      style: (f) => patchStyle(f, true, light.value),
    });
    drawing.on('drawstart', () => (sketching.value = next === 'area'));
    drawing.on('drawabort', () => (sketching.value = false));
    drawing.on('drawend', ({ feature }) => {
      sketching.value = false;
      take(feature.getGeometry());
    });
    map.value?.addInteraction(drawing);
  }
  // Snapping comes last: it has to see the pointer before the others do.
  helpers.push(new Snap({ source: others }), new Snap({ source: own }));
  for (const interaction of helpers) map.value?.addInteraction(interaction);
}
function take(shape: unknown): void {
  const made = drawn(shape);
  if (made) change(made);
}
function change(next: PatchGeometry | null): void {
  history.value = stepTo(history.value, next);
  drawnHere = next;
  geometry.value = next;
}
function undo(): void {
  history.value = stepBack(history.value);
  drawnHere = history.value.now;
  geometry.value = history.value.now;
}
/** What was drawn; `null` for a ring of fewer than three corners. */
function drawn(shape: unknown): PatchGeometry | null {
  if (shape instanceof Point) return { type: 'Point', coordinates: lonLat(shape.getCoordinates()) };
  const rings = shape instanceof Polygon ? shape.getCoordinates() : [];
  if ((rings[0]?.length ?? 0) < LEAST_RING) return null;
  return { type: 'Polygon', coordinates: rings.map((ring) => ring.map(lonLat)) };
}
function show(): void {
  own.clear();
  if (geometry.value)
    own.addFeature(format.readFeature({ type: 'Feature', geometry: geometry.value, properties: {} }) as Feature);
  others.clear();
  for (const p of props.patches) {
    const f = format.readFeature({ type: 'Feature', geometry: p.geometry, properties: { name: p.name } }) as Feature;
    others.addFeature(f);
  }
  land.clear();
  if (props.baseMap) land.addFeatures(format.readFeatures(props.baseMap));
}
function fit(): void {
  const view = map.value?.getView();
  if (!view) return;
  if (geometry.value) {
    const { longitudeDeg, latitudeDeg } = centreOf(geometry.value);
    view.setCenter(fromLonLat([longitudeDeg, latitudeDeg]));
    view.setZoom(Math.max(view.getZoom() ?? 0, 14));
    return;
  }
  const extent = (props.baseMap ? land : others).getExtent();
  if (extent && (props.patches.length || props.baseMap)) view.fit(extent, { padding: [20, 20, 20, 20], maxZoom: 15 });
}
onMounted(() => {
  map.value = new OlMap({
    target: holder.value!,
    layers: [
      new Graticule({
        strokeStyle: new Stroke({ color: 'rgba(110,99,89,.25)', width: 1 }),
        showLabels: true,
        wrapX: false,
      }),
      new VectorLayer({ source: land, style: (f, r) => landStyle(f, r, light.value), declutter: true }),
      new VectorLayer({ source: others, style: (f) => patchStyle(f, false, light.value), declutter: true }),
      new VectorLayer({ source: own, style: (f) => patchStyle(f, true, light.value) }),
    ],
    view: new View({ center: fromLonLat([0, 30]), zoom: 2, maxZoom: 19 }),
  });
  // A stray tap must not make a point of an area that somebody drew.
  useMode(geometry.value?.type === 'Polygon' ? 'reshape' : 'point');
  show();
  fit();
});
onUnmounted(() => map.value?.setTarget(undefined));
watch(() => [geometry.value, props.baseMap, props.patches, light.value], show);
watch(() => props.baseMap, fit);
watch(geometry, (now) => {
  // The form hands back a copy of what was drawn: compared by what it says.
  if (JSON.stringify(now) === JSON.stringify(drawnHere)) return;
  history.value = historyFrom(now);
  if (now) fit();
});
defineExpose({ fit });
</script>

<template>
  <div class="map-box">
    <div class="tools">
      <Button class="chip" :aria-pressed="mode === 'point'" @click="useMode('point')">
        {{ words.t('patch.point') }}
      </Button>
      <Button class="chip" :aria-pressed="mode === 'area'" @click="useMode('area')">
        {{ words.t('patch.area') }}
      </Button>
      <Button v-if="mode === 'area'" class="chip" @click="drawing?.removeLastPoint()">
        {{ words.t('patch.undoCorner') }}
      </Button>
      <Button v-if="sketching" class="chip" @click="drawing?.finishDrawing()">
        {{ words.t('patch.done') }}
      </Button>
      <Button
        v-if="geometry?.type === 'Polygon'"
        class="chip"
        :aria-pressed="mode === 'reshape'"
        @click="useMode('reshape')">
        {{ words.t('patch.reshape') }}
      </Button>
      <Button v-if="history.past.length" class="chip" @click="undo">{{ words.t('common.undo') }}</Button>
      <Button v-if="geometry" class="chip" @click="change(null)">{{ words.t('patch.clear') }}</Button>
      <span class="soft">{{ area }}</span>
    </div>
    <div ref="holder" class="map" tabindex="0" role="application" :aria-label="words.t('patch.mapLabel')" />
  </div>
</template>

<style scoped>
.map {
  height: 380px;
  background: color-mix(in srgb, var(--rime) 20%, var(--paper));
  border: 1px solid var(--hair);
}
.tools {
  display: flex;
  gap: 8px;
  align-items: center;
  margin-bottom: 8px;
  flex-wrap: wrap;
}
.chip {
  border-radius: 4px;
  padding: 4px 12px;
}
</style>
<style scoped src="../maps/map-frame.css"></style>
