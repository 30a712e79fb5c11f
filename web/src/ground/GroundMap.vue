<script setup lang="ts">
import 'ol/ol.css';
import Feature, { type FeatureLike } from 'ol/Feature.js';
import GeoJSON from 'ol/format/GeoJSON.js';
import Point from 'ol/geom/Point.js';
import { Vector as VectorLayer } from 'ol/layer.js';
import Graticule from 'ol/layer/Graticule.js';
import OlMap from 'ol/Map.js';
import { fromLonLat } from 'ol/proj.js';
import { Vector as VectorSource } from 'ol/source.js';
import { Icon, Stroke, Style } from 'ol/style.js';
import View from 'ol/View.js';
import { onMounted, onUnmounted, ref, watch } from 'vue';
import { centreOf } from '@emberfield/contract';
import { COAL_DAY, COAL_NIGHT, coalSvg } from '../kit/coal-svg.ts';
import { landStyle, patchStyle } from '../patches/map-style.ts';
import { isNight } from '../platform/theme.ts';
import { useWords } from '../platform/words.ts';
import type { GroundPlace } from './ground-places.ts';

/** All places on the group's own map, each with its coal; a press chooses one. The list beside it says the same. */
const props = defineProps<{ baseMap: unknown; places: readonly GroundPlace[]; chosen: string | null }>();
const emit = defineEmits<{ choose: [patchId: string] }>();
const words = useWords();
const holder = ref<HTMLElement | null>(null);
const format = new GeoJSON({ featureProjection: 'EPSG:3857' });
const [land, areas, coals] = [new VectorSource(), new VectorSource(), new VectorSource()];
const CHOSEN_ZOOM = 14;
let map: OlMap | null = null;

/** Pictures are kept: a place looks like many others. */
const pictures = new Map<string, Style>();
function coalStyle({ hottest }: GroundPlace): Style | undefined {
  if (!hottest) return undefined;
  const svg = coalSvg(hottest.outlook.readiness, hottest.outlook.thorns, isNight.value ? COAL_NIGHT : COAL_DAY);
  const kept = pictures.get(svg);
  if (kept) return kept;
  const style = new Style({ image: new Icon({ src: `data:image/svg+xml,${encodeURIComponent(svg)}`, scale: 0.85 }) });
  pictures.set(svg, style);
  return style;
}
/** Only the chosen place is named: with all names the map would be words. */
function areaStyle(feature: FeatureLike): Style {
  const chosen = feature.get('id') === props.chosen;
  const style = patchStyle(feature, chosen, isNight.value);
  if (!chosen) style.getText()?.setText('');
  return style;
}
function show(): void {
  land.clear();
  if (props.baseMap) land.addFeatures(format.readFeatures(props.baseMap));
  areas.clear();
  coals.clear();
  for (const place of props.places) {
    const { id, name, geometry } = place.patch;
    areas.addFeature(format.readFeature({ type: 'Feature', geometry, properties: { id, name } }) as Feature);
    const { longitudeDeg, latitudeDeg } = centreOf(geometry);
    const mark = new Feature({ geometry: new Point(fromLonLat([longitudeDeg, latitudeDeg])), id });
    mark.setStyle(coalStyle(place));
    coals.addFeature(mark);
  }
}
function fitAll(): void {
  const extent = (props.places.length ? areas : land).getExtent();
  if (extent && (props.places.length || props.baseMap))
    map?.getView().fit(extent, { padding: [50, 50, 50, 50], maxZoom: 15 });
}
function bringIntoView(): void {
  const place = props.places.find((p) => p.patch.id === props.chosen);
  const view = map?.getView();
  if (!place || !view) return;
  const { longitudeDeg, latitudeDeg } = centreOf(place.patch.geometry);
  view.animate({
    center: fromLonLat([longitudeDeg, latitudeDeg]),
    zoom: Math.max(view.getZoom() ?? 0, CHOSEN_ZOOM),
    duration: 250,
  });
}
onMounted(() => {
  map = new OlMap({
    target: holder.value!,
    layers: [
      new Graticule({ strokeStyle: new Stroke({ color: 'rgba(110,99,89,.25)', width: 1 }), wrapX: false }),
      new VectorLayer({ source: land, style: (f, r) => landStyle(f, r, isNight.value), declutter: true }),
      new VectorLayer({
        source: areas,
        style: areaStyle,
      }),
      new VectorLayer({ source: coals }),
    ],
    view: new View({ center: fromLonLat([0, 30]), zoom: 2, maxZoom: 19 }),
  });
  map.on('singleclick', ({ pixel }) => {
    const id = map?.forEachFeatureAtPixel(pixel, (f) => f.get('id') as string | undefined, { hitTolerance: 8 });
    if (id) emit('choose', id);
  });
  show();
  fitAll();
});
onUnmounted(() => map?.setTarget(undefined));
watch(() => [props.places, props.baseMap, isNight.value], show);
watch(() => props.baseMap, fitAll);
watch(
  () => props.chosen,
  () => {
    areas.changed();
    bringIntoView();
  },
);
</script>

<template>
  <div ref="holder" class="map" tabindex="0" role="application" :aria-label="words.t('ground.mapLabel')" />
</template>

<style scoped>
.map {
  height: 100%;
  min-height: 420px;
  background: color-mix(in srgb, var(--rime) 20%, var(--paper));
}
</style>
<style scoped src="../patches/map-frame.css"></style>
