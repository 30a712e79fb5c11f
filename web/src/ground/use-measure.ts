import type { Geometry } from 'ol/geom.js';
import Draw from 'ol/interaction/Draw.js';
import { Vector as VectorLayer } from 'ol/layer.js';
import type OlMap from 'ol/Map.js';
import { Vector as VectorSource } from 'ol/source.js';
import { getArea, getLength } from 'ol/sphere.js';
import { onUnmounted, ref, type Ref } from 'vue';
import { patchStyle } from '../maps/map-style.ts';
import { light } from '../platform/theme.ts';
import { useWords } from '../session/words.ts';

/** Lengths and areas over the ground, measured on the sphere and not on the paper. */
export function useMeasure(map: Readonly<Ref<OlMap | null>>): {
  readonly mode: Ref<'length' | 'area' | null>;
  readonly said: Ref<string>;
  readonly use: (mode: 'length' | 'area' | null) => void;
} {
  const words = useWords();
  const mode = ref<'length' | 'area' | null>(null);
  const said = ref('');
  const source = new VectorSource();
  const layer = new VectorLayer({ source, style: (f) => patchStyle(f, true, light.value) });
  let drawing: Draw | null = null;

  const say = (shape: Geometry): void => {
    said.value =
      mode.value === 'area' ? words.value.format.area(getArea(shape)) : words.value.format.distance(getLength(shape));
  };
  function use(next: 'length' | 'area' | null): void {
    if (drawing) map.value?.removeInteraction(drawing);
    map.value?.removeLayer(layer);
    source.clear();
    [drawing, said.value, mode.value] = [null, '', next];
    if (next === null || !map.value) return;
    map.value.addLayer(layer);
    drawing = new Draw({
      source,
      type: next === 'area' ? 'Polygon' : 'LineString',
      style: (f) => patchStyle(f, true, light.value),
    });
    drawing.on('drawstart', ({ feature }) => {
      source.clear();
      feature.getGeometry()?.on('change', ({ target }) => say(target as Geometry));
    });
    map.value.addInteraction(drawing);
  }
  onUnmounted(() => use(null));
  return { mode, said, use };
}
