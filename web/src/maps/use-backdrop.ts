import type BaseLayer from 'ol/layer/Base.js';
import TileLayer from 'ol/layer/Tile.js';
import VectorTileLayer from 'ol/layer/VectorTile.js';
import type OlMap from 'ol/Map.js';
import XYZ from 'ol/source/XYZ.js';
import { watch, type Ref } from 'vue';
import { archiveStyle } from './map-style.ts';
import { light } from '../platform/theme.ts';

interface Backdrop {
  readonly tilesUrl: string | null;
  /** A PMTiles archive of this device. */
  readonly archive: Blob | null;
}

/** What lies under everything else: tiles from where the operator says, or a map archive of one's own. */
export function useBackdrop(map: Readonly<Ref<OlMap | null>>, wanted: () => Backdrop): void {
  let shown: BaseLayer[] = [];
  async function lay(): Promise<void> {
    const { tilesUrl, archive } = wanted();
    const layers = [
      ...(tilesUrl ? [new TileLayer({ source: new XYZ({ url: tilesUrl }) })] : []),
      ...(archive ? [await archiveLayer(archive)] : []),
    ];
    for (const layer of shown) map.value?.removeLayer(layer);
    shown = layers;
    layers.forEach((layer, i) => map.value?.getLayers().insertAt(i, layer));
  }
  watch([map, wanted], () => map.value && void lay());
}

/** A vector archive in the tones of the house; a picture archive as it is. */
async function archiveLayer(file: Blob): Promise<BaseLayer> {
  const [{ PMTilesVectorSource, PMTilesRasterSource }, { FileSource, PMTiles, TileType }] = await Promise.all([
    import('ol-pmtiles'),
    import('pmtiles'),
  ]);
  const source = new FileSource(file as File);
  const { tileType } = await new PMTiles(source).getHeader();
  // The sources hand what they are given to the reader, which takes an address or a source; their types know the address only.
  const url = source as unknown as string;
  return tileType === TileType.Mvt
    ? new VectorTileLayer({
        source: new PMTilesVectorSource({ url }),
        style: (f) => archiveStyle(f, light.value),
        declutter: true,
      })
    : new TileLayer({ source: new PMTilesRasterSource({ url }) });
}
