// What is written down of a place, as types; the contract checks it.

export const SUBSTRATES = [
  'unknown',
  'loam',
  'clay',
  'sand',
  'chalk',
  'peat',
  'gravel',
  'rock',
  'deadWood',
  'water',
] as const;
export const CANOPIES = ['open', 'halfShade', 'underTrees', 'evergreen'] as const;
export const ASPECTS = ['flat', 'n', 'ne', 'e', 'se', 's', 'sw', 'w', 'nw'] as const;
export const MOISTURES = ['unknown', 'dry', 'fresh', 'moist', 'wet', 'flooded'] as const;
export const LEAVES = ['notNeeded', 'given', 'notAsked', 'refused'] as const;
export const HAZARDS = [
  'road',
  'sprayed',
  'oldWorks',
  'dumped',
  'herbicide',
  'dogs',
  'floodWater',
  'glass',
  'tide',
  'cliff',
  'ice',
  'ticks',
  'droppings',
  'sporeDust',
  'rawWater',
] as const;
export type Hazard = (typeof HAZARDS)[number];
/** On such ground nothing is taken. */
export const CONTAMINATING: readonly Hazard[] = ['sprayed', 'oldWorks', 'dumped', 'herbicide'];

export interface PointGeometry {
  readonly type: 'Point';
  readonly coordinates: readonly [number, number];
}
export interface PolygonGeometry {
  readonly type: 'Polygon';
  readonly coordinates: readonly (readonly (readonly [number, number])[])[];
}
/** GeoJSON, WGS 84, longitude before latitude. */
export type PatchGeometry = PointGeometry | PolygonGeometry;

export interface PatchFacts {
  readonly name: string;
  readonly geometry: PatchGeometry;
  readonly heightM: number;
  readonly substrate: (typeof SUBSTRATES)[number];
  readonly canopy: (typeof CANOPIES)[number];
  readonly aspect: (typeof ASPECTS)[number];
  readonly slopeDeg: number;
  readonly moisture: (typeof MOISTURES)[number];
  readonly owner: string;
  readonly leave: (typeof LEAVES)[number];
  readonly leaveUntil: string | null;
  /** The tide covers it: it is reached while the water stands at this level or below, m above the datum of the tide's place. */
  readonly tideLevelM?: number | null;
  /** Days of every year on which the leave or the law lets anything be taken, both included; may reach over New Year. */
  readonly leaveDays?: { readonly from: string; readonly to: string } | null;
  /** Between these hours one can get in, by the clock of the place; left out or `null`: at any. */
  readonly openHours?: { readonly from: string; readonly to: string } | null;
  readonly access: string;
  readonly hazards: readonly Hazard[];
  /** Look-alikes and protected plants that grow here. */
  readonly neighbours: string;
  /** A garden or field of one's own: what grows here was planted, and is looked after. */
  readonly tended?: boolean;
  readonly secret: boolean;
  /** Of a secret place: accounts that see it besides keepers and whoever marked it. */
  readonly seenBy?: readonly string[];
}

/** The middle of a point or of a ring's bounding box. */
export function centreOf(geometry: PatchGeometry): { readonly longitudeDeg: number; readonly latitudeDeg: number } {
  if (geometry.type === 'Point') return { longitudeDeg: geometry.coordinates[0], latitudeDeg: geometry.coordinates[1] };
  const ringOf = geometry.coordinates[0]!;
  const middle = (axis: 0 | 1): number => {
    const values = ringOf.map((p) => p[axis]);
    return (Math.min(...values) + Math.max(...values)) / 2;
  };
  return { longitudeDeg: middle(0), latitudeDeg: middle(1) };
}
