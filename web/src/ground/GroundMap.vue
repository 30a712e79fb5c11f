<script setup lang="ts">
import { BorderOutlined, LineOutlined, QuestionOutlined } from '@ant-design/icons-vue';
import { Button, Popover } from 'ant-design-vue';
import 'ol/ol.css';
import Feature, { type FeatureLike } from 'ol/Feature.js';
import GeoJSON from 'ol/format/GeoJSON.js';
import Point from 'ol/geom/Point.js';
import { Vector as VectorLayer, VectorImage as VectorImageLayer } from 'ol/layer.js';
import { boundingExtent } from 'ol/extent.js';
import Graticule from 'ol/layer/Graticule.js';
import OlMap from 'ol/Map.js';
import { fromLonLat } from 'ol/proj.js';
import { Vector as VectorSource } from 'ol/source.js';
import { Stroke, Style } from 'ol/style.js';
import View from 'ol/View.js';
import { onMounted, onUnmounted, ref, shallowRef, watch } from 'vue';
import { centreOf, type PathView } from '@emberfield/contract';
import type { OnTheGround } from '@emberfield/core/measure';
import type { Light } from '../platform/palette.ts';
import CoalLegend from '../kit/CoalLegend.vue';
import { hazardStyle, landStyle, patchStyle, spotStyle, walkedStyle } from '../maps/map-style.ts';
import { isPhone, light, palette } from '../platform/theme.ts';
import { useWords } from '../session/words.ts';
import { clusterStyle, coalClusters, membersOf } from './coal-clusters.ts';
import type { GroundPlace } from './ground-places.ts';
import { isShown, type MapLayer } from '../maps/map-layers.ts';
import { useBackdrop } from '../maps/use-backdrop.ts';
import { useMeasure } from './use-measure.ts';

/** All places on the group's own map, each with its coal; a press chooses one. The list beside it says the same. */
const props = defineProps<{
  baseMap: unknown;
  places: readonly GroundPlace[];
  paths: readonly PathView[];
  chosen: string | null;
  /** A position that was looked for. */
  spot: OnTheGround | null;
  layers: readonly MapLayer[];
  tilesUrl: string | null;
  archive: Blob | null;
}>();
const emit = defineEmits<{ choose: [patchId: string] }>();
const words = useWords();
const holder = ref<HTMLElement | null>(null);
const format = new GeoJSON({ featureProjection: 'EPSG:3857' });
const [land, areas, coals, walked, hazards, sought] = Array.from({ length: 6 }, () => new VectorSource()) as [
  VectorSource,
  VectorSource,
  VectorSource,
  VectorSource,
  VectorSource,
  VectorSource,
];
const CHOSEN_ZOOM = 14;
const MOST_ZOOM = 19;
/** From here on there is room for names; where they would lie over each other they give way. */
const NAMES_ZOOM = 12;
const map = shallowRef<OlMap | null>(null);
const measure = useMeasure(map);
useBackdrop(map, () => ({
  tilesUrl: props.layers.includes('tiles') ? props.tilesUrl : null,
  archive: props.layers.includes('archive') ? props.archive : null,
}));

const clusters = coalClusters(coals);
/** A place's name stands below its coal. */
function nameStyle(feature: FeatureLike): Style {
  const style = patchStyle(feature, false, light.value);
  style.getText()?.setOffsetY(30);
  return new Style({ text: style.getText()!, zIndex: feature.get('id') === props.chosen ? 1 : 0 });
}
/** The boundary; the name is drawn above the coals. One style serves all that are not chosen. */
const quiet = new Map<Light, Style>();
function areaStyle(feature: FeatureLike): Style {
  if (feature.get('id') === props.chosen) {
    const chosen = patchStyle(feature, true, light.value);
    chosen.getText()?.setText('');
    return chosen;
  }
  let style = quiet.get(light.value);
  if (!style) {
    style = patchStyle(feature, false, light.value);
    style.getText()?.setText('');
    quiet.set(light.value, style);
  }
  return style;
}
const read = (geometry: unknown, properties: object): Feature =>
  format.readFeature({ type: 'Feature', geometry, properties }) as Feature;
function showPlaces(): void {
  for (const source of [areas, coals, hazards]) source.clear();
  const marks: Feature[] = [];
  const warnings: Feature[] = [];
  for (const [rank, place] of props.places.entries()) {
    const { id, geometry, hazards: bad } = place.patch;
    const { longitudeDeg, latitudeDeg } = centreOf(geometry);
    const at = fromLonLat([longitudeDeg, latitudeDeg]);
    marks.push(new Feature({ geometry: new Point(at), id, place, rank }));
    if (bad.length) warnings.push(new Feature({ geometry: new Point(at), id }));
  }
  areas.addFeatures(props.places.map(({ patch: { id, name, geometry } }) => read(geometry, { id, name })));
  coals.addFeatures(marks);
  hazards.addFeatures(warnings);
}
function showGround(): void {
  land.clear();
  if (props.baseMap) land.addFeatures(format.readFeatures(props.baseMap));
  walked.clear();
  walked.addFeatures(props.paths.map(({ geometry, name, kind }) => read(geometry, { name, kind })));
}
function fitAll(): void {
  const extent = (props.places.length ? areas : land).getExtent();
  if (extent && (props.places.length || props.baseMap))
    map.value?.getView().fit(extent, { padding: isPhone.value ? [24, 60, 24, 40] : [50, 50, 50, 50], maxZoom: 15 });
}
function bringIntoView({ longitudeDeg, latitudeDeg }: OnTheGround): void {
  const view = map.value?.getView();
  view?.animate({
    center: fromLonLat([longitudeDeg, latitudeDeg]),
    zoom: Math.max(view.getZoom() ?? 0, CHOSEN_ZOOM),
    duration: 250,
  });
}
function showSpot(): void {
  sought.clear();
  if (!props.spot) return;
  const { longitudeDeg, latitudeDeg } = props.spot;
  sought.addFeature(new Feature(new Point(fromLonLat([longitudeDeg, latitudeDeg]))));
  bringIntoView(props.spot);
}
/** Goes so near that places that were one come apart; `false` where they lie so close that nothing would part them. */
function comeNearer(members: readonly Feature[]): boolean {
  const view = map.value?.getView();
  const extent = boundingExtent(members.map((m) => (m.getGeometry() as Point).getCoordinates()));
  if (!view || (view.getZoom() ?? 0) >= MOST_ZOOM - 1) return false;
  view.fit(extent, { padding: [60, 60, 60, 60], maxZoom: MOST_ZOOM, duration: 250 });
  return true;
}
onMounted(() => {
  const has = (layer: MapLayer): boolean => props.layers.includes(layer);
  // Thousands of places are drawn into one picture that is moved and stretched with the hand, and drawn anew at rest.
  const many = { imageRatio: 1.4 };
  map.value = new OlMap({
    target: holder.value!,
    layers: [
      new Graticule({ strokeStyle: new Stroke({ color: 'rgba(110,99,89,.25)', width: 1 }), wrapX: false }),
      new VectorLayer({
        source: land,
        style: (f, r) => (isShown(String(f.get('kind')), props.layers) ? landStyle(f, r, light.value) : undefined),
        declutter: true,
      }),
      new VectorLayer({ source: walked, style: (f) => (has('walked') ? walkedStyle(f, light.value) : undefined) }),
      new VectorImageLayer({ source: areas, style: areaStyle, ...many }),
      new VectorImageLayer({
        source: hazards,
        style: () => (has('hazards') ? hazardStyle(light.value) : undefined),
        ...many,
      }),
      new VectorImageLayer({ source: clusters, style: clusterStyle, ...many }),
      new VectorLayer({ source: areas, style: nameStyle, declutter: true, minZoom: NAMES_ZOOM }),
      new VectorLayer({ source: sought, style: () => spotStyle(light.value) }),
    ],
    view: new View({ center: fromLonLat([0, 30]), zoom: 2, maxZoom: MOST_ZOOM }),
  });
  map.value.on('singleclick', ({ pixel }) => {
    if (measure.mode.value !== null) return;
    const hit = map.value?.forEachFeatureAtPixel(pixel, (f) => (f.get('features') || f.get('id') ? f : undefined), {
      hitTolerance: 8,
    });
    if (!hit) return;
    const members = membersOf(hit);
    if (members.length > 1 && comeNearer(members)) return;
    emit('choose', (members[0]?.get('id') ?? hit.get('id')) as string);
  });
  showGround();
  showPlaces();
  fitAll();
  showSpot();
});
onUnmounted(() => map.value?.setTarget(undefined));
watch(() => [props.places, palette.value], showPlaces);
watch(() => [props.baseMap, props.paths, light.value], showGround);
watch(
  () => props.layers,
  () => [land, walked, hazards].forEach((s) => s.changed()),
);
watch(() => props.baseMap, fitAll);
watch(() => props.spot, showSpot);
watch(
  () => props.chosen,
  () => {
    areas.changed();
    const place = props.places.find((p) => p.patch.id === props.chosen);
    if (place) bringIntoView(centreOf(place.patch.geometry));
  },
);
</script>

<template>
  <div class="frame">
    <div ref="holder" class="map" tabindex="0" role="application" :aria-label="words.t('ground.mapLabel')" />
    <div class="measure no-print">
      <Button
        v-for="m in ['length', 'area'] as const"
        :key="m"
        class="chip"
        :aria-pressed="measure.mode.value === m"
        @click="measure.use(measure.mode.value === m ? null : m)">
        <template v-if="isPhone" #icon>
          <LineOutlined v-if="m === 'length'" aria-hidden="true" /><BorderOutlined v-else aria-hidden="true" />
        </template>
        <span :class="{ 'hidden-visually': isPhone }">{{
          words.t(m === 'length' ? 'ground.measureLength' : 'ground.measureArea')
        }}</span>
      </Button>
      <Popover trigger="click" placement="top">
        <template #content>
          <CoalLegend class="legend"
            ><li>
              <svg width="36" height="30" aria-hidden="true"><path d="M18 5L28 24H8Z" class="hazard" /></svg>
              {{ words.t('ground.hazardMark') }}
            </li></CoalLegend
          >
        </template>
        <Button class="chip">
          <template v-if="isPhone" #icon><QuestionOutlined aria-hidden="true" /></template>
          <span :class="{ 'hidden-visually': isPhone }">{{ words.t('year.legend') }}</span>
        </Button>
      </Popover>
      <output v-if="measure.mode.value">{{ measure.said.value || words.t('ground.measureHint') }}</output>
    </div>
  </div>
</template>

<style scoped>
.frame {
  position: relative;
  height: 100%;
}
.map {
  height: 100%;
  min-height: 420px;
  background: color-mix(in srgb, var(--rime) 20%, var(--paper));
}
.measure {
  position: absolute;
  inset: auto auto 10px 10px;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.measure .chip {
  border-radius: 4px;
  padding: 4px 12px;
}
/* One below the other: it stands over a map. */
.legend {
  grid-template-columns: 1fr;
}
.hazard {
  fill: var(--sheet);
  stroke: var(--ember);
  stroke-width: 2.5;
}
@media (max-width: 900px) {
  .measure {
    inset: 8px 8px auto auto;
    flex-direction: column;
    align-items: flex-end;
  }
  .measure .chip {
    padding: 0;
    width: 44px;
  }
}
output {
  background: var(--sheet);
  padding: 4px 10px;
  font-weight: 640;
}
</style>
<style scoped src="../maps/map-frame.css"></style>
