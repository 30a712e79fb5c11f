import type { OnTheGround } from '@emberfield/core/measure';

/** What a base map calls what one walks on. */
const KINDS = ['path', 'track', 'road'];

/** Paths and roads of a base map, as far as it is the GeoJSON that it should be; of what is not, nothing. */
export function pathLines(baseMap: unknown): readonly (readonly OnTheGround[])[] {
  const features = isObject(baseMap) && Array.isArray(baseMap['features']) ? (baseMap['features'] as unknown[]) : [];
  return features.flatMap((f): readonly (readonly OnTheGround[])[] => {
    if (!isObject(f) || !isObject(f['geometry']) || !isObject(f['properties'])) return [];
    if (!KINDS.includes(String(f['properties']['kind']))) return [];
    const { type, coordinates } = f['geometry'] as { readonly type?: unknown; readonly coordinates?: unknown };
    if (type === 'LineString') return [pointsOf(coordinates)];
    return type === 'MultiLineString' && Array.isArray(coordinates) ? coordinates.map(pointsOf) : [];
  });
}

const isObject = (v: unknown): v is Readonly<Record<string, unknown>> => typeof v === 'object' && v !== null;

const pointsOf = (coordinates: unknown): readonly OnTheGround[] =>
  (Array.isArray(coordinates) ? (coordinates as unknown[]) : []).flatMap((c) =>
    Array.isArray(c) && Number.isFinite(c[0]) && Number.isFinite(c[1])
      ? [{ longitudeDeg: c[0] as number, latitudeDeg: c[1] as number }]
      : [],
  );

/** Farther from all places than this no way goes, degrees of latitude: some four kilometres. */
const ABOUT_DEG = 0.04;
/** Of a degree of longitude against one of latitude; nearer to the poles nobody gathers. */
const LEAST_SHRINK = 0.05;
/** Lines of which a point lies about the places. */
export function linesNear(
  lines: readonly (readonly OnTheGround[])[],
  places: readonly OnTheGround[],
): readonly (readonly OnTheGround[])[] {
  const [lats, lons] = [places.map((p) => p.latitudeDeg), places.map((p) => p.longitudeDeg)];
  const shrinks = Math.cos((Math.max(0, ...lats.map(Math.abs)) * Math.PI) / 180);
  const east = ABOUT_DEG / Math.max(LEAST_SHRINK, shrinks);
  const [fromLat, toLat] = [Math.min(...lats) - ABOUT_DEG, Math.max(...lats) + ABOUT_DEG];
  const [fromLon, toLon] = [Math.min(...lons) - east, Math.max(...lons) + east];
  const near = ({ latitudeDeg, longitudeDeg }: OnTheGround): boolean =>
    latitudeDeg >= fromLat && latitudeDeg <= toLat && longitudeDeg >= fromLon && longitudeDeg <= toLon;
  return lines.filter((line) => line.some(near));
}
