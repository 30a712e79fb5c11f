import { v7 as newId } from 'uuid';
import {
  centreOf,
  exactly,
  maybe,
  newPatchSchema,
  newStandSchema,
  UNKNOWN_FACTS,
  type NewPatch,
  type NewStand,
  type PatchFacts,
  type PatchGeometry,
} from '@emberfield/contract';
import { feetToMetres, metresToFeet } from '@emberfield/core/measure';
import { numberFrom, typedNumber } from '../kit/typed-number.ts';
import { typedPosition } from './typed-position.ts';

export const blankFacts = (): PatchFacts => ({
  ...UNKNOWN_FACTS,
  name: '',
  geometry: { type: 'Point', coordinates: [0, 0] },
});

/** The form of a new patch with its stand; its keys are made with it, so sending it twice stores it once. */
export interface NewPatchForm {
  patchId: string;
  standId: string;
  existingPatchId: string | null;
  plantKey: string | null;
  geometry: PatchGeometry | null;
  latitude: string;
  longitude: string;
  height: string;
  facts: PatchFacts;
  where: string;
  since: string;
}

export const blankForm = (): NewPatchForm => ({
  patchId: newId(),
  standId: newId(),
  existingPatchId: null,
  plantKey: null,
  geometry: null,
  latitude: '',
  longitude: '',
  height: '',
  facts: blankFacts(),
  where: '',
  since: '',
});

const rounded = (deg: number, digits: number): number => Math.round(deg * 10 ** digits) / 10 ** digits;

/** A point to a tenth of a metre: more is noise of the device. */
export const pointFrom = (latitudeDeg: number, longitudeDeg: number): PatchGeometry => ({
  type: 'Point',
  coordinates: [rounded(longitudeDeg, 6), rounded(latitudeDeg, 6)],
});

/** The point that two typed fields amount to, or one field into which both were pasted; `null` while they are none. */
export function typedPoint(latitude: string, longitude: string): PatchGeometry | null {
  const pasted = typedPosition(latitude);
  const latitudeDeg = pasted?.latitudeDeg ?? typedNumber(latitude);
  const longitudeDeg = pasted?.longitudeDeg ?? typedNumber(longitude);
  if (latitudeDeg === null || longitudeDeg === null) return null;
  if (Math.abs(latitudeDeg) > 90 || Math.abs(longitudeDeg) > 180) return null;
  return pointFrom(latitudeDeg, longitudeDeg);
}

/** What the two fields say of a place that was pressed or drawn on the map: its middle. */
export function positionText(geometry: PatchGeometry): Pick<NewPatchForm, 'latitude' | 'longitude'> {
  const { latitudeDeg, longitudeDeg } = centreOf(geometry);
  return { latitude: String(rounded(latitudeDeg, 5)), longitude: String(rounded(longitudeDeg, 5)) };
}

/** Where the place lies: as drawn, or as typed since. What was typed and is no position is handed on as one that no schema takes. */
export function geometryFrom({ geometry, latitude, longitude }: NewPatchForm): PatchGeometry | undefined {
  if (latitude.trim() === '' && longitude.trim() === '') return geometry ?? undefined;
  const drawn = geometry && positionText(geometry);
  if (geometry && drawn?.latitude === latitude && drawn.longitude === longitude) return geometry;
  return typedPoint(latitude, longitude) ?? { type: 'Point', coordinates: [NaN, NaN] };
}
/** Typed, and no position. */
export const isNowhere = (g: PatchGeometry): boolean => g.type === 'Point' && g.coordinates.some(Number.isNaN);

/** What the form sends: a place, unless it is one that is known, and the stand on it. */
export const newPatchFormSchema = exactly({ place: maybe(newPatchSchema), stand: newStandSchema });

/** A typed height; NaN where it is none, `blankM` where nothing was typed. */
export function heightToM(height: string, imperial: boolean, blankM = 0): number {
  const n = numberFrom(height, null);
  if (n === null) return blankM;
  return imperial ? Math.round(feetToMetres(n) * 10) / 10 : n;
}
export const heightFromM = (heightM: number | null, imperial: boolean): string =>
  heightM === null || Number.isNaN(heightM) ? '' : String(Math.round(imperial ? metresToFeet(heightM) : heightM));
/** A bound of the schema as the field counts it. */
export const heightLimit = (path: string, bound: number, imperial: boolean): number =>
  path.endsWith('heightM') && imperial ? Math.round(metresToFeet(bound)) : bound;

/** @param blankHeightM what a height left blank means: the nearest station's, or nothing above the sea */
export function patchFrom(
  form: NewPatchForm,
  imperial: boolean,
  blankHeightM = 0,
): Omit<NewPatch, 'geometry'> & { readonly geometry: PatchGeometry | undefined } {
  return {
    id: form.patchId,
    ...form.facts,
    name: form.facts.name.trim(),
    geometry: geometryFrom(form),
    heightM: heightToM(form.height, imperial, blankHeightM),
  };
}

export function standFrom(form: NewPatchForm): NewStand {
  return {
    id: form.standId,
    patchId: form.existingPatchId ?? form.patchId,
    plantKey: form.plantKey ?? '',
    where: form.where.trim(),
    since: numberFrom(form.since, null),
    restUntil: null,
  };
}
