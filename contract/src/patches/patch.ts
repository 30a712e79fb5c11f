import { lazy, mixed, type Schema } from 'yup';
import { isIsoDay } from '@emberfield/core/measure';
import {
  ASPECTS,
  CANOPIES,
  HAZARDS,
  LEAVES,
  MOISTURES,
  SUBSTRATES,
  type FindBody,
  type Hazard,
  type PatchFacts,
  type PatchGeometry,
} from '@emberfield/core/stand';
import type { Retirement } from './retirement.ts';
import {
  clock,
  exactly,
  finite,
  flag,
  freeText,
  given,
  isoDay,
  listOf,
  maybe,
  monthDay,
  oneOf,
  orNull,
  uuid,
  whole,
  nameOf,
} from '../platform/schema.ts';

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

/** Ponds and clearings within a boundary: its rings after the first. */
export const MOST_HOLES = 20;

export const geometrySchema = lazy((value: unknown) =>
  (value as { type?: unknown } | null)?.type === 'Polygon'
    ? exactly({ type: oneOf(['Polygon']), coordinates: listOf(ring(), 1 + MOST_HOLES).min(1, 'missing') }).required(
        'missing',
      )
    : exactly({ type: oneOf(['Point']), coordinates: position() }).required('missing'),
) as unknown as Schema<PatchGeometry>;

/** 29 February is no day of most years. */
const dayOfEveryYear = () =>
  monthDay().test(
    'everyYear',
    'notAMonthDay',
    given((v) => isIsoDay(`2025-${v}`)),
  );

const openHours = () =>
  exactly({ from: clock(), to: clock() }).test(
    'order',
    'hoursBackward',
    given((h) => h.from < h.to),
  );

const facts = {
  name: nameOf(80),
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
  openHours: maybe(orNull(openHours())),
  access: freeText(600),
  hazards: listOf(oneOf(HAZARDS), HAZARDS.length),
  neighbours: freeText(600),
  tended: maybe(flag()),
  secret: flag(),
  seenBy: maybe(listOf(uuid(), 50)),
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

export interface PatchView extends PatchFacts, Retirement {
  readonly id: string;
  readonly version: number;
  readonly areaM2: number | null;
  /** The place is secret and this reader sees only about where it is. */
  readonly blurred: boolean;
  readonly stands: readonly {
    readonly id: string;
    readonly plantKey: string;
    readonly plantName: Readonly<Record<string, string>>;
    readonly retired: boolean;
  }[];
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
  readonly stationsInUse: readonly {
    readonly id: string;
    readonly name: string;
    readonly share: number;
    readonly wayM: number;
    readonly heightM: number;
  }[];
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
