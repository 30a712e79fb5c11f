import geodesic from 'geographiclib-geodesic';

/** Area of a closed ring of longitudes and latitudes on the WGS 84 ellipsoid, m², by the library. */
export function areaOfRing(ring: readonly (readonly [number, number])[]): number {
  const polygon = geodesic.Geodesic.WGS84.Polygon(false);
  for (const [longitudeDeg, latitudeDeg] of ring.slice(0, -1)) polygon.AddPoint(latitudeDeg, longitudeDeg);
  return Math.round(Math.abs(polygon.Compute(false, true).area ?? 0));
}

/** Area of a boundary less its holes, m²; the holes lie within it and apart from each other. */
export const areaOf = (rings: readonly (readonly (readonly [number, number])[])[]): number =>
  rings.map(areaOfRing).reduce((area, hole) => area - hole);

/** Length of a line of longitudes and latitudes on the WGS 84 ellipsoid, m, by the library. */
export function lengthOfLine(line: readonly (readonly [number, number])[]): number {
  let sumM = 0;
  for (let i = 1; i < line.length; i++)
    sumM += geodesic.Geodesic.WGS84.Inverse(line[i - 1]![1], line[i - 1]![0], line[i]![1], line[i]![0]).s12 ?? 0;
  return Math.round(sumM);
}
