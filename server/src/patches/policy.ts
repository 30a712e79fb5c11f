// Who sees what of a place: every answer about places goes through here.
import { centreOf, type Language, type PatchGeometry, type Role } from '@emberfield/contract';
import type { Dependencies } from '../dependencies.ts';
import type { PatchRow } from './table.ts';

/** Who looks. */
export interface Viewer {
  readonly role: Role;
  readonly accountId: string;
  readonly language: Language;
}

/** The server itself, when it judges a take or learns: nothing of this goes out. */
export const SEES_ALL: Viewer = { role: 'keeper', accountId: '', language: 'en' };

/** A place as one viewer may know it. */
export interface VisiblePatch extends PatchRow {
  /** It is secret, and this viewer knows only about where it is. */
  readonly blurred: boolean;
}

/** Secret places are shown to about a kilometre and a half: a cell of this many degrees. */
const BLUR_DEG = 0.02;
const BLUR_HEIGHT_M = 50;

/** Keepers, whoever marked a secret place, and members named for it see it; all others know about where it is. */
export const seesExactly = (
  row: Pick<PatchRow, 'secret' | 'madeBy' | 'facts'>,
  { role, accountId }: Omit<Viewer, 'language'>,
): boolean =>
  !row.secret || role === 'keeper' || row.madeBy === accountId || (row.facts.seenBy ?? []).includes(accountId);

/** A place as a viewer may know it; whatever is derived from it afterwards knows no more. */
export function visibleTo(viewer: Viewer, row: PatchRow, words: Dependencies['words']): VisiblePatch {
  if (seesExactly(row, viewer)) return clear(row);
  const geometry = cellOf(row.geometry);
  const { longitudeDeg, latitudeDeg } = centreOf(geometry);
  return {
    ...row,
    blurred: true,
    name: words(viewer.language).t('patch.secretPlace'),
    geometry,
    latitudeDeg,
    longitudeDeg,
    heightM: Math.round(row.heightM / BLUR_HEIGHT_M) * BLUR_HEIGHT_M,
    facts: { ...row.facts, owner: '', access: '', neighbours: '', seenBy: [] },
    stationId: null,
  };
}

/** Column by column: what is spread into another object gets a layout of its own each time, and thousands of places are held. */
const clear = (row: PatchRow): VisiblePatch => ({
  id: row.id,
  groupId: row.groupId,
  name: row.name,
  geometry: row.geometry,
  latitudeDeg: row.latitudeDeg,
  longitudeDeg: row.longitudeDeg,
  heightM: row.heightM,
  facts: row.facts,
  secret: row.secret,
  stationId: row.stationId,
  retiredOn: row.retiredOn,
  retiredWhy: row.retiredWhy,
  version: row.version,
  contentDigest: row.contentDigest,
  madeBy: row.madeBy,
  madeAt: row.madeAt,
  blurred: false,
});

/** The middle of the cell of the world in which a place lies: the same for all places in it, however often it is asked for. */
function cellOf(geometry: PatchGeometry): PatchGeometry {
  const { longitudeDeg, latitudeDeg } = centreOf(geometry);
  return { type: 'Point', coordinates: [middle(longitudeDeg), middle(latitudeDeg)] };
}
const middle = (deg: number): number => Math.round((Math.floor(deg / BLUR_DEG) + 0.5) * BLUR_DEG * 1e6) / 1e6;

/** What answers about a place are kept under: those of the blurred place, by what it is called, apart from those of the place. */
export const placeKey = ({
  version,
  blurred,
  name = '',
}: Pick<VisiblePatch, 'version' | 'blurred'> & Partial<Pick<VisiblePatch, 'name'>>): string =>
  blurred ? `${version}~${name}` : `${version}`;

/** A path that comes so near to a place leads to it. */
const NEAR_DEG = 0.03;

/** Whether a path may be shown: not where it leads to a secret place that the viewer does not see, nor to watchers at all. */
export function pathVisibleTo(
  viewer: Viewer,
  coordinates: readonly (readonly [number, number])[],
  places: readonly PatchRow[],
): boolean {
  if (viewer.role === 'watcher') return false;
  const hidden = places.filter((p) => !seesExactly(p, viewer));
  return !hidden.some((p) =>
    coordinates.some(
      ([lon, lat]) => Math.abs(lat - p.latitudeDeg) < NEAR_DEG && Math.abs(lon - p.longitudeDeg) < NEAR_DEG,
    ),
  );
}
