import { HALF_YEAR_DAYS } from '../measure/index.ts';
import { lapseShiftC, type Position } from '../weather/index.ts';

/** What stands over a place: nothing, some trees, a wood that drops its leaves, or one that keeps them. */
export type Canopy = 'open' | 'halfShade' | 'underTrees' | 'evergreen';

/** A place as far as its own climate goes. What is left out is level, under what a profile's figures hold under, and as the station has it. */
export interface Site extends Position {
  readonly slopeDeg?: number;
  /** Direction that the slope faces, degrees from north through east; `null` on level ground. */
  readonly aspectDeg?: number | null;
  readonly canopy?: Canopy;
  /** By so much a thermometer there read more than was to be expected, °C. */
  readonly measured?: { readonly minC: number; readonly maxC: number };
}

/** What turns a station's days into those of a place. */
export interface SiteClimate {
  /** Added to minimum and maximum, °C, by day of the year (index 0 for 1 January, 366 entries). */
  readonly minC: Float64Array;
  readonly maxC: Float64Array;
  /** Warmth above a base counts by so much more or less, for the sun that the slope gets. */
  readonly warmthFactor: number;
}

const radians = (deg: number): number => (deg * Math.PI) / 180;
const STEEPEST_DEG = 60;

/**
 * Potential direct sun on a slope over a year, MJ cm⁻² a⁻¹. Latitudes and slopes count up to 60°; south of the equator a slope
 * is mirrored, so that it is the one towards the equator that gets more.
 * Source: McCune, B. & Keon, D. (2002), Equations for potential annual direct incident radiation and heat load, Journal of
 * Vegetation Science 13, 603–606, equation 3.
 * @example directSun({ latitudeDeg: 45, slopeDeg: 0, aspectDeg: null }) // 0.910
 */
export function directSun({
  latitudeDeg,
  slopeDeg,
  aspectDeg,
}: {
  readonly latitudeDeg: number;
  readonly slopeDeg: number;
  readonly aspectDeg: number | null;
}): number {
  const latitude = radians(Math.min(STEEPEST_DEG, Math.abs(latitudeDeg)));
  const slope = aspectDeg === null ? 0 : radians(Math.min(STEEPEST_DEG, Math.max(0, slopeDeg)));
  const facing = latitudeDeg < 0 ? 180 - (aspectDeg ?? 0) : (aspectDeg ?? 0);
  // Folded about the line from north to south: morning and evening sun count alike.
  const folded = radians(180 - Math.abs(180 - (((facing % 360) + 360) % 360)));
  return (
    0.339 +
    0.808 * Math.cos(latitude) * Math.cos(slope) -
    0.196 * Math.sin(latitude) * Math.sin(slope) -
    0.482 * Math.cos(folded) * Math.sin(slope)
  );
}

/** Warmth follows the sun only in part: wind and air even it out (estimates). */
const SUN_TO_WARMTH = 0.4;
const LEAST_WARMTH = 0.85;
const MOST_WARMTH = 1.12;

/** Factor on warmth of a slope against level ground, 0.85 to 1.12. */
export function slopeWarmth({ latitudeDeg, slopeDeg = 0, aspectDeg = null }: Site): number {
  const ratio =
    directSun({ latitudeDeg, slopeDeg, aspectDeg }) / directSun({ latitudeDeg, slopeDeg: 0, aspectDeg: null });
  return Math.min(MOST_WARMTH, Math.max(LEAST_WARMTH, Math.max(0, ratio) ** SUN_TO_WARMTH));
}

/**
 * Under a closed canopy maxima lie 4.1 °C below and minima 1.1 °C above those of the open.
 * Source: De Frenne, P. et al. (2019), Global buffering of temperatures under forest canopies, Nature Ecology & Evolution 3,
 * 744–749.
 */
const UNDER_CANOPY = { minC: 1.1, maxC: -4.1 };
/** Share of that by canopy in leaf, and bare (estimates). */
const SHADE: Readonly<Record<Canopy, { readonly inLeaf: number; readonly bare: number }>> = {
  open: { inLeaf: 0, bare: 0 },
  halfShade: { inLeaf: 0.5, bare: 0.15 },
  underTrees: { inLeaf: 1, bare: 0.3 },
  evergreen: { inLeaf: 1, bare: 1 },
};
/** Days of the year over which leaves come and go in the north (estimates); half a year later in the south. */
const LEAFING = [105, 145] as const;
const FALLING = [278, 315] as const;
const YEAR = 366;

/** How much of the leaves is out on a day of the year, 0 to 1. */
export function leafShare(dayOfYear: number, latitudeDeg: number): number {
  const day = latitudeDeg < 0 ? (dayOfYear + HALF_YEAR_DAYS) % YEAR : dayOfYear;
  const ramp = ([from, to]: readonly [number, number]): number => Math.min(1, Math.max(0, (day - from) / (to - from)));
  return ramp(LEAFING) - ramp(FALLING);
}
const leavesOver = (latitudeDeg: number): Float64Array =>
  Float64Array.from({ length: YEAR }, (_, k) => leafShare(k + 1, latitudeDeg));
const LEAVES = { north: leavesOver(1), south: leavesOver(-1) };

/**
 * Climate of a place against a station at a height: the lapse with height, the shade of its canopy, the sun on its slope, and
 * what its own thermometer said. A profile's figures hold under a canopy of their own (`holdsUnder`): a plant of the wood needs
 * so much warmth by the station's thermometer *while it stands in the wood*, so only what differs from it is counted.
 */
export function siteClimate(stationHeightM: number, site: Site, holdsUnder: Canopy = 'open'): SiteClimate {
  const lapse = lapseShiftC(stationHeightM, site.heightM);
  const [own, usual] = [SHADE[site.canopy ?? holdsUnder], SHADE[holdsUnder]];
  const { minC: ownMin, maxC: ownMax } = site.measured ?? { minC: 0, maxC: 0 };
  const minC = new Float64Array(YEAR);
  const maxC = new Float64Array(YEAR);
  const leaves = site.latitudeDeg < 0 ? LEAVES.south : LEAVES.north;
  const bare = own.bare - usual.bare;
  const leafy = own.inLeaf - own.bare - (usual.inLeaf - usual.bare);
  for (let k = 0; k < YEAR; k++) {
    const shade = bare + leaves[k]! * leafy;
    minC[k] = lapse + shade * UNDER_CANOPY.minC + ownMin;
    maxC[k] = lapse + shade * UNDER_CANOPY.maxC + ownMax;
  }
  return { minC, maxC, warmthFactor: slopeWarmth(site) };
}
