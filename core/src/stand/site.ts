// What is written down of a place, as far as its climate goes.
import type { Site } from '../climate/index.ts';
import type { PatchFacts } from './place.ts';

const FACING_DEG: Readonly<Record<PatchFacts['aspect'], number | null>> = {
  flat: null,
  n: 0,
  ne: 45,
  e: 90,
  se: 135,
  s: 180,
  sw: 225,
  w: 270,
  nw: 315,
};

export interface KnownGround {
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  readonly heightM: number;
  readonly facts: Pick<PatchFacts, 'aspect' | 'slopeDeg' | 'canopy'>;
}

/** What is written down of a place as far as its climate goes. */
export const siteOf = ({ latitudeDeg, heightM, facts }: KnownGround): Site => ({
  latitudeDeg,
  heightM,
  slopeDeg: facts.slopeDeg,
  aspectDeg: FACING_DEG[facts.aspect],
  canopy: facts.canopy,
});

/** The same with all that says which stations tell of it. */
export const spotOf = (
  place: KnownGround & { readonly stationId: string | null },
): Site & Pick<KnownGround, 'longitudeDeg'> & { readonly stationId: string | null } => ({
  ...siteOf(place),
  longitudeDeg: place.longitudeDeg,
  stationId: place.stationId,
});
