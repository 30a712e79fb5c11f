/** Somewhere on the ground, degrees of WGS 84. */
export interface OnTheGround {
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
}

/** One sixtieth of it is a nautical mile, 1,852 m, nearly. */
export const METRES_PER_DEGREE = 111_320;

/**
 * Way between two points of the ground, m, as on a plane that touches the earth at the second (equirectangular); right to a few percent
 * within some hundred kilometres, and across the date line. Example: wayBetween({ latitudeDeg: 60, longitudeDeg: 1 },
 * { latitudeDeg: 60, longitudeDeg: 0 }) ≈ 55,660.
 */
export function wayBetween(a: OnTheGround, b: OnTheGround): number {
  const turned = Math.abs(a.longitudeDeg - b.longitudeDeg) % 360;
  const north = (a.latitudeDeg - b.latitudeDeg) * METRES_PER_DEGREE;
  const east = Math.min(turned, 360 - turned) * METRES_PER_DEGREE * Math.cos((b.latitudeDeg * Math.PI) / 180);
  return Math.hypot(north, east);
}

/**
 * In which direction b lies from a, degrees from north by east, 0 up to but not including 360; on the same plane as `wayBetween`. Example: from
 * { latitudeDeg: 46, longitudeDeg: -30 } to a point due east of it ≈ 90. From a point to itself: 0.
 */
export function bearingTo(a: OnTheGround, b: OnTheGround): number {
  const turned = ((b.longitudeDeg - a.longitudeDeg + 540) % 360) - 180;
  const east = turned * Math.cos((b.latitudeDeg * Math.PI) / 180);
  const bearing = (Math.atan2(east, b.latitudeDeg - a.latitudeDeg) * 180) / Math.PI;
  return (bearing + 360) % 360;
}

/** The eight winds, from north by east. */
export const WINDS = ['n', 'ne', 'e', 'se', 's', 'sw', 'w', 'nw'] as const;
export type Wind = (typeof WINDS)[number];
/** The wind nearest to a bearing, degrees. Example: windOf(350) is 'n'. */
export const windOf = (bearingDeg: number): Wind => WINDS[Math.round((((bearingDeg % 360) + 360) % 360) / 45) % 8]!;

/** The nearest of some things to a spot; `null` for none. */
export function nearestTo<T extends OnTheGround>(spot: OnTheGround, things: readonly T[]): T | null {
  return things.reduce<T | null>(
    (best, thing) => (best === null || wayBetween(thing, spot) < wayBetween(best, spot) ? thing : best),
    null,
  );
}
