import { lazy, mixed, type Schema } from 'yup';
import { isIsoDay } from '@emberfield/core/measure';
import type { FindBody } from '../visits/find.ts';
import {
  exactly,
  finite,
  flag,
  freeText,
  given,
  isoDay,
  line,
  listOf,
  maybe,
  monthDay,
  oneOf,
  orNull,
  uuid,
  whole,
} from '../platform/schema.ts';

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
  readonly access: string;
  readonly hazards: readonly Hazard[];
  /** Look-alikes and protected plants that grow here. */
  readonly neighbours: string;
  readonly secret: boolean;
}

/** A place of which nothing is known yet but where it is and what it is called. */
export const UNKNOWN_FACTS: Omit<PatchFacts, 'name' | 'geometry'> = {
  heightM: 0,
  substrate: 'unknown',
  canopy: 'open',
  aspect: 'flat',
  slopeDeg: 0,
  moisture: 'unknown',
  owner: '',
  leave: 'notNeeded',
  leaveUntil: null,
  access: '',
  hazards: [],
  neighbours: '',
  secret: false,
};

const position = () =>
  mixed<[number, number]>()
    .required('missing')
    .test(
      'position',
      'notAPosition',
      given((v) => Array.isArray(v) && v.length === 2 && inRange(v[0], 180) && inRange(v[1], 90)),
    );
const inRange = (v: unknown, limit: number): boolean =>
  typeof v === 'number' && Number.isFinite(v) && Math.abs(v) <= limit;

const ring = () =>
  listOf(position(), 500)
    .min(4, 'ringTooShort')
    .test(
      'closed',
      'ringOpen',
      given((r) => {
        const [first, last] = [r[0], r[r.length - 1]];
        return !Array.isArray(first) || !Array.isArray(last) || (first[0] === last[0] && first[1] === last[1]);
      }),
    );

export const geometrySchema = lazy((value: unknown) =>
  (value as { type?: unknown } | null)?.type === 'Polygon'
    ? exactly({ type: oneOf(['Polygon']), coordinates: listOf(ring(), 1).min(1, 'missing') }).required('missing')
    : exactly({ type: oneOf(['Point']), coordinates: position() }).required('missing'),
) as unknown as Schema<PatchGeometry>;

/** 29 February is no day of most years. */
const dayOfEveryYear = () =>
  monthDay().test(
    'everyYear',
    'notAMonthDay',
    given((v) => isIsoDay(`2025-${v}`)),
  );

const facts = {
  name: line(80),
  geometry: geometrySchema,
  heightM: finite(-430, 8850),
  substrate: oneOf(SUBSTRATES),
  canopy: oneOf(CANOPIES),
  aspect: oneOf(ASPECTS),
  slopeDeg: finite(0, 90),
  moisture: oneOf(MOISTURES),
  owner: freeText(120),
  leave: oneOf(LEAVES),
  leaveUntil: orNull(isoDay()),
  tideLevelM: maybe(orNull(finite(-30, 30))),
  leaveDays: maybe(orNull(exactly({ from: dayOfEveryYear(), to: dayOfEveryYear() }))),
  access: freeText(600),
  hazards: listOf(oneOf(HAZARDS), HAZARDS.length),
  neighbours: freeText(600),
  secret: flag(),
};

export interface NewPatch extends PatchFacts {
  readonly id: string;
}
export const newPatchSchema: Schema<NewPatch> = exactly({ id: uuid(), ...facts }).required('missing');

export interface ChangePatch {
  readonly version: number;
  readonly facts: PatchFacts;
  /** Why ground that was closed is clean again; needed where a contaminating hazard is taken off, else empty. */
  readonly liftReason: string;
}
export const changePatchSchema: Schema<ChangePatch> = exactly({
  version: whole(1, 1e9),
  facts: exactly(facts).required('missing'),
  liftReason: freeText(300),
}).required('missing');

export interface PatchView extends PatchFacts {
  readonly id: string;
  readonly version: number;
  readonly areaM2: number | null;
  /** The place is secret and this reader sees only about where it is. */
  readonly blurred: boolean;
  readonly stands: readonly { readonly id: string; readonly plantName: Readonly<Record<string, string>> }[];
}

/** A place with what was noted of the place itself. */
/** Names the station that a place's dates are reckoned from, or lets it be the nearest. */
export interface AssignStation {
  readonly stationId: string | null;
}
export const assignStationSchema: Schema<AssignStation> = exactly({ stationId: orNull(uuid()) }).required('missing');

export interface PatchDetail extends PatchView {
  /** Chosen by somebody; `null`: the nearest. */
  readonly stationId: string | null;
  /** Those that its dates are reckoned from, greatest share first; shares add up to 1. */
  readonly stationsInUse: readonly { readonly id: string; readonly name: string; readonly share: number }[];
  /** A thermometer that hangs there: by so much it reads more than was to be expected, °C, and over how many days. */
  readonly thermometer: {
    readonly id: string;
    readonly name: string;
    readonly days: number;
    readonly minC: number;
    readonly maxC: number;
  } | null;
  /** Contaminations that were lifted, newest first. */
  readonly lifted: readonly {
    readonly hazards: readonly Hazard[];
    readonly reason: string;
    readonly by: string;
    readonly day: string;
  }[];
  /** What was noted of the place itself: finds, and what was looked for there in vain. */
  readonly finds: readonly {
    readonly id: string;
    readonly day: string;
    readonly by: string;
    readonly body: FindBody;
  }[];
  readonly inVain: readonly { readonly lookedFor: string; readonly day: string; readonly by: string }[];
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
