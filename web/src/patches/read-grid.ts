import { readAsciiGrid, type HeightGrid } from '@emberfield/core/terrain';

const LARGEST_GRID_BYTES = 40 * 1024 * 1024;
const MOST_CELLS = 4_000_000;

/** A grid of heights from an ESRI ASCII or GeoTIFF file. @throws RangeError with the code of what is wrong */
export async function readGrid(file: Blob): Promise<HeightGrid> {
  if (file.size > LARGEST_GRID_BYTES) throw new RangeError('gridTooLarge');
  const head = new Uint8Array(await file.slice(0, 4).arrayBuffer());
  const isTiff = (head[0] === 0x49 && head[1] === 0x49) || (head[0] === 0x4d && head[1] === 0x4d);
  return isTiff ? readGeoTiff(await file.arrayBuffer()) : readAsciiGrid(await file.text());
}

async function readGeoTiff(bytes: ArrayBuffer): Promise<HeightGrid> {
  // Only needed by who has such a file.
  const { fromArrayBuffer } = await import('geotiff');
  const image = await fromArrayBuffer(bytes)
    .then((tiff) => tiff.getImage())
    .catch(() => {
      throw new RangeError('notAGrid');
    });
  const [columns, rows] = [image.getWidth(), image.getHeight()];
  if (columns * rows > MOST_CELLS) throw new RangeError('gridTooLarge');
  const [stepX, stepY] = image.getResolution() as [number, number];
  const [west, north] = image.getOrigin() as [number, number];
  if (Math.abs(west) > 180 || Math.abs(north) > 90 || Math.abs(stepX) > 1) throw new RangeError('gridNotInDegrees');
  const [band] = (await image.readRasters({ samples: [0] })) as unknown as [ArrayLike<number>];
  const missing = image.getGDALNoData();
  const heightsM = Float32Array.from(band, (v) => (v === missing ? NaN : v));
  return {
    columns,
    rows,
    westDeg: west + stepX / 2,
    northDeg: north + stepY / 2,
    stepLonDeg: stepX,
    stepLatDeg: Math.abs(stepY),
    heightsM,
  };
}
