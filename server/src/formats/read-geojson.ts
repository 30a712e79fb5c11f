import { isUuid } from '@emberfield/contract';
import { AppError } from '../platform/errors.ts';
import {
  MOST_FEATURES,
  type LeftOut,
  type OwnFacts,
  type Position,
  type ReadFeature,
  oneLine,
  type ReadPlaces,
} from './feature.ts';
import { positionProblem } from './geometry-check.ts';
import { thinned } from './read-gpx.ts';

interface Json {
  readonly [key: string]: unknown;
}
const isObject = (v: unknown): v is Json => typeof v === 'object' && v !== null && !Array.isArray(v);
const textOf = (v: unknown): string => (typeof v === 'string' ? v.trim() : typeof v === 'number' ? String(v) : '');

/** Reads points, areas and lines of a GeoJSON text; collections are opened, areas of several pieces become several places. */
export function readGeoJson(text: string): ReadPlaces {
  let root: unknown;
  try {
    root = JSON.parse(text);
  } catch (cause) {
    throw new AppError('unreadableFile', { reason: 'brokenJson', cause });
  }
  if (isObject(root) && root['type'] === 'Topology') throw new AppError('unreadableFile', { reason: 'topology' });
  if (!isObject(root) || typeof root['type'] !== 'string')
    throw new AppError('unreadableFile', { reason: 'notGeoJson' });
  return featuresFrom(listOf(root));
}

const listOf = (root: Json): readonly unknown[] =>
  root['type'] === 'FeatureCollection' ? (Array.isArray(root['features']) ? root['features'] : []) : [root];

/** Features of GeoJSON, from wherever it came. */
export function featuresFrom(list: readonly unknown[]): ReadPlaces {
  if (list.length > MOST_FEATURES) throw new AppError('unreadableFile', { reason: 'tooManyPlaces' });
  const features: ReadFeature[] = [];
  const leftOut: LeftOut[] = [];
  for (const [i, item] of list.entries()) {
    const at = i + 1;
    const feature = isObject(item) && item['type'] === 'Feature' ? item : { geometry: item, properties: {} };
    const properties = isObject(feature['properties']) ? feature['properties'] : {};
    const pieces = piecesOf(feature['geometry']);
    if (pieces.length === 0) leftOut.push({ at, reason: 'noPosition' });
    for (const [n, geometry] of pieces.entries()) {
      if (features.length >= MOST_FEATURES) throw new AppError('unreadableFile', { reason: 'tooManyPlaces' });
      const problem = geometry === null ? 'unknownGeometry' : firstProblem(geometry);
      if (geometry === null || problem !== null) leftOut.push({ at, reason: problem ?? 'unknownGeometry' });
      else features.push(readOne({ at, properties, n, several: pieces.length > 1 }, geometry));
    }
  }
  return { features, leftOut };
}

interface Piece {
  readonly at: number;
  readonly properties: Json;
  readonly n: number;
  readonly several: boolean;
}

function readOne({ at, properties, n, several }: Piece, geometry: ReadFeature['geometry']): ReadFeature {
  const name = oneLine(textOf(properties['name'] ?? properties['title'] ?? properties['Name']));
  const height = Number(properties['heightM'] ?? properties['ele'] ?? NaN);
  return {
    at,
    name: several && name ? `${name} ${n + 1}` : name,
    note: textOf(properties['description'] ?? properties['desc'] ?? properties['note']),
    heightM: Number.isFinite(height) ? height : null,
    geometry: geometry.type === 'LineString' ? { ...geometry, coordinates: thinned(geometry.coordinates) } : geometry,
    path: geometry.type === 'LineString' ? (properties['path'] === 'route' ? 'route' : 'track') : null,
    day: /^\d{4}-\d{2}-\d{2}$/.test(textOf(properties['day'])) ? textOf(properties['day']) : null,
    own: several ? null : ownFacts(properties['emberfield']),
  };
}

/** What our own export wrote along; checked against the contract when it is stored. */
function ownFacts(value: unknown): OwnFacts | null {
  if (!isObject(value) || !isUuid(textOf(value['id'])) || !isObject(value['facts']) || !Array.isArray(value['stands']))
    return null;
  return value as unknown as OwnFacts;
}

const isPosition = (v: unknown): v is readonly number[] =>
  Array.isArray(v) && v.length >= 2 && typeof v[0] === 'number' && typeof v[1] === 'number';
const flat = (v: readonly number[]): Position => [v[0]!, v[1]!];
const lineFrom = (v: unknown): readonly Position[] | null =>
  Array.isArray(v) && v.every(isPosition) ? v.map(flat) : null;

/** The simple geometries in one; `null` for a kind that is not read. */
function piecesOf(geometry: unknown): readonly (ReadFeature['geometry'] | null)[] {
  if (!isObject(geometry)) return [];
  const { type, coordinates, geometries } = geometry;
  const each = (of: string) =>
    Array.isArray(coordinates) ? (coordinates as unknown[]).flatMap((c) => piecesOf({ type: of, coordinates: c })) : [];
  switch (type) {
    case 'Point':
      return isPosition(coordinates) ? [{ type, coordinates: flat(coordinates) }] : [];
    case 'LineString': {
      const line = lineFrom(coordinates);
      return line && line.length >= 2 ? [{ type, coordinates: line }] : [];
    }
    case 'Polygon': {
      const rings = Array.isArray(coordinates) ? coordinates.map(lineFrom) : [];
      return rings[0] ? [{ type, coordinates: rings.map((r) => r ?? []) }] : [];
    }
    case 'MultiPoint':
      return each('Point');
    case 'MultiLineString':
      return each('LineString');
    case 'MultiPolygon':
      return each('Polygon');
    case 'GeometryCollection':
      return Array.isArray(geometries) ? geometries.flatMap(piecesOf) : [];
    default:
      return [null];
  }
}

/** A corner or a bend may well lie at 0, 0: only a point there is a device's nought. */
const firstProblem = (g: ReadFeature['geometry']): string | null =>
  allPositions(g)
    .map(positionProblem)
    .find((p) => p !== null && (p !== 'nullIsland' || g.type === 'Point')) ?? null;
const allPositions = (g: ReadFeature['geometry']): readonly Position[] =>
  g.type === 'Point' ? [g.coordinates] : g.type === 'LineString' ? g.coordinates : g.coordinates.flat();
