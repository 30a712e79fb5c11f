import { gunzipSync, gzipSync } from 'node:zlib';
import { TABLE_FIELDS, type PlaceFormat, type PlaceReading } from '@emberfield/contract';
import { AppError } from '../../platform/errors.ts';
import type { ReadPlaces } from '../../formats/feature.ts';
import { readGeoJson } from '../../formats/read-geojson.ts';
import { readGpx } from '../../formats/read-gpx.ts';
import { decodeUtf8, readKml, unpackKmz } from '../../formats/read-kml.ts';
import { guessPlaceReading, tableOf, type Table } from '../../formats/read-table.ts';

/** What a file holds once it is read: places, or a table that is still to be matched. */
export type Holding =
  { readonly kind: 'places'; readonly places: ReadPlaces } | { readonly kind: 'table'; readonly table: Table };

/** One row of a database takes so much everywhere. */
const MOST_PACKED_BYTES = 8 * 1024 * 1024;

export async function holdingOf(content: Buffer, format: PlaceFormat): Promise<Holding> {
  switch (format) {
    case 'gpx':
      return { kind: 'places', places: await readGpx(content) };
    case 'geojson':
      return { kind: 'places', places: readGeoJson(decodeUtf8(content)) };
    case 'kml':
      return { kind: 'places', places: readKml(decodeUtf8(content)) };
    case 'kmz':
      return { kind: 'places', places: readKml(unpackKmz(content)) };
    case 'csv':
      return { kind: 'table', table: tableOf(decodeUtf8(content)) };
  }
}

const NO_COLUMNS = Object.fromEntries(TABLE_FIELDS.map((f) => [f, null])) as PlaceReading['columns'];
export const firstReading = (holding: Holding): PlaceReading =>
  holding.kind === 'table' ? guessPlaceReading(holding.table) : { kind: 'places', columns: NO_COLUMNS, repair: true };

export function packed(holding: Holding): Buffer {
  const bytes = gzipSync(JSON.stringify(holding));
  if (bytes.length > MOST_PACKED_BYTES) throw new AppError('unreadableFile', { reason: 'tooManyPlaces' });
  return bytes;
}
export const unpacked = (bytes: Buffer): Holding => JSON.parse(gunzipSync(bytes).toString('utf8')) as Holding;
