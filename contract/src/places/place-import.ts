import type { Text } from '@emberfield/core/measure';
import type { Schema } from 'yup';
import { exactly, flag, oneOf, orNull, whole } from '../platform/schema.ts';

export const PLACE_FORMATS = ['gpx', 'geojson', 'kml', 'kmz', 'csv'] as const;
export type PlaceFormat = (typeof PLACE_FORMATS)[number];
/** What the lines of a table are. */
export const TABLE_KINDS = ['places', 'visits', 'takes'] as const;
export type TableKind = (typeof TABLE_KINDS)[number];
/** What a column may be matched to; which of them a kind needs is in `NEEDED_COLUMNS`. */
export const TABLE_FIELDS = [
  'name',
  'latitude',
  'longitude',
  'height',
  'plant',
  'where',
  'since',
  'day',
  'part',
  'amount',
  'plants',
  'stage',
  'reached',
  'count',
  'note',
] as const;
export type TableField = (typeof TABLE_FIELDS)[number];
export const FIELDS_OF: Readonly<Record<TableKind, readonly TableField[]>> = {
  places: ['name', 'latitude', 'longitude', 'height', 'plant', 'where', 'since', 'note'],
  visits: ['day', 'name', 'plant', 'where', 'stage', 'reached', 'count', 'note'],
  takes: ['day', 'name', 'plant', 'where', 'part', 'amount', 'plants', 'note'],
};
export const NEEDED_COLUMNS: Readonly<Record<TableKind, readonly TableField[]>> = {
  places: ['name', 'latitude', 'longitude'],
  visits: ['day', 'name'],
  takes: ['day', 'name', 'plant', 'part', 'amount'],
};

export interface PlaceReading {
  readonly kind: TableKind;
  /** Column of each field, from 0; `null` for none. */
  readonly columns: Readonly<Record<TableField, number | null>>;
  /** Self-crossing boundaries are mended to their largest simple area; else they are left out. */
  readonly repair: boolean;
}
export const placeReadingSchema: Schema<PlaceReading> = exactly({
  kind: oneOf(TABLE_KINDS),
  columns: exactly(
    Object.fromEntries(TABLE_FIELDS.map((f) => [f, orNull(whole(0, 200))])) as Record<
      TableField,
      Schema<number | null>
    >,
  ).required('missing'),
  repair: flag(),
}).required('missing');

export interface ShownPlace {
  readonly at: number;
  readonly name: string;
  readonly kind: 'point' | 'area' | 'path' | 'visit' | 'take';
  /** Area in m², length in m, or the plant and amount, as the kind wants. */
  readonly sizeM: number | null;
  readonly detail: string;
  readonly repaired: boolean;
  /** A place of this key is there already: it stays as it is. */
  readonly already: boolean;
}
/** Something of a file that is not taken, or not as it stands there. */
export interface LeftOut {
  /** Where it stands in the file: its number, or its line in a table. */
  readonly at: number;
  readonly reason: string;
  /** What stands there that nothing here is called. */
  readonly said?: string;
  /** What it could have been called instead. */
  readonly known?: readonly Text[];
}
export interface PlaceImportPreview {
  readonly id: string;
  readonly fileName: string;
  readonly format: PlaceFormat;
  readonly reading: PlaceReading;
  /** Headers and first lines of a table; empty for the other formats. */
  readonly headers: readonly string[];
  readonly sample: readonly (readonly string[])[];
  readonly counts: Readonly<
    Record<
      'points' | 'areas' | 'paths' | 'stands' | 'visits' | 'takes' | 'already' | 'crossing' | 'heightGuessed',
      number
    >
  >;
  readonly shown: readonly ShownPlace[];
  readonly leftOut: readonly LeftOut[];
  readonly leftOutCount: number;
  /** Why nothing can be stored yet; `null` when something can. */
  readonly problem: string | null;
  readonly storedAt: string | null;
}
export interface StoredPlaces {
  readonly places: number;
  readonly stands: number;
  readonly paths: number;
  readonly entries: number;
  readonly already: number;
  /** Entries that did not fit, with their day and why; the first of them. */
  readonly refused: readonly string[];
  readonly refusedCount: number;
}

/** A path that was walked, or one that is planned. */
export interface PathView {
  readonly id: string;
  readonly name: string;
  readonly kind: 'track' | 'route';
  readonly day: string | null;
  readonly lengthM: number;
  readonly geometry: { readonly type: 'LineString'; readonly coordinates: readonly (readonly [number, number])[] };
}

export const EXPORTS = ['places', 'stands', 'visits', 'takes'] as const;
export type ExportKind = (typeof EXPORTS)[number];
/** What becomes of secret places on the way out. Only who sees a place exactly may have it exactly. */
export const SECRET_WAYS = ['blur', 'leaveOut', 'exact'] as const;
export type SecretWay = (typeof SECRET_WAYS)[number];

/** What taking an import back came to: what had been written on meanwhile stays. */
export interface UndonePlaces {
  readonly removed: number;
  readonly kept: number;
}
