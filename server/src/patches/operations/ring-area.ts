import geodesic from 'geographiclib-geodesic';

/** Area of a closed ring of longitudes and latitudes on the WGS 84 ellipsoid, m², by the library. */
export function areaOfRing(ring: readonly (readonly [number, number])[]): number {
  const polygon = geodesic.Geodesic.WGS84.Polygon(false);
  for (const [longitudeDeg, latitudeDeg] of ring.slice(0, -1)) polygon.AddPoint(latitudeDeg, longitudeDeg);
  return Math.round(Math.abs(polygon.Compute(false, true).area ?? 0));
}
