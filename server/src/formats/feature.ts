import type { LeftOut, PatchFacts } from '@emberfield/contract';

export type Position = readonly [longitudeDeg: number, latitudeDeg: number];

/** Something read from a file, before it is anything of ours. */
export interface ReadFeature {
  /** Where it stands in the file: its number, or its line in a table. */
  readonly at: number;
  readonly name: string;
  readonly note: string;
  readonly heightM: number | null;
  readonly geometry:
    | { readonly type: 'Point'; readonly coordinates: Position }
    | { readonly type: 'Polygon'; readonly coordinates: readonly (readonly Position[])[] }
    | { readonly type: 'LineString'; readonly coordinates: readonly Position[] };
  /** A walked track or a planned route; nothing for points and areas. */
  readonly path: 'track' | 'route' | null;
  readonly day: string | null;
  /** What our own export wrote along: the place’s facts, its key and its stands. */
  readonly own: OwnFacts | null;
}
export interface OwnFacts {
  readonly id: string;
  readonly facts: Partial<PatchFacts>;
  readonly stands: readonly OwnStand[];
}
export interface OwnStand {
  readonly id: string;
  readonly plantKey: string;
  readonly where: string;
  readonly since: number | null;
}

export type { LeftOut };
export interface ReadPlaces {
  readonly features: readonly ReadFeature[];
  readonly leftOut: readonly LeftOut[];
}

/** More of either is refused rather than cut off. */
export const MOST_FEATURES = 20_000;
export const MOST_RING_POINTS = 500;

/** A name is one line here, whatever it was in the file. */
export const oneLine = (text: string): string =>
  text
    .split(/[\n\r\u0085\u2028\u2029]+/)
    .map((piece) => piece.trim())
    .filter(Boolean)
    .join(' ');
