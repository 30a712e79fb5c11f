/** Fall of temperature with height, °C per metre (environmental lapse of the standard atmosphere, ISO 2533). */
export const LAPSE_C_PER_M = 0.0065;

/**
 * What to add to a station's temperature to get a patch's, from their difference in height alone.
 * @param stationHeightM height of the station, m. @param patchHeightM height of the patch, m.
 * @returns °C, below 0 where the patch lies higher.
 * @example lapseShiftC(100, 300) // -1.3
 */
export function lapseShiftC(stationHeightM: number, patchHeightM: number): number {
  return -LAPSE_C_PER_M * (patchHeightM - stationHeightM) + 0;
}

export interface Position {
  readonly latitudeDeg: number;
  readonly heightM: number;
}

/**
 * Days by which a spring event comes later at a site than at a reference place, by Hopkins' bioclimatic law:
 * 4 days per degree of latitude poleward and per 122 m (400 ft) upward. Autumn events move the other way round.
 * Latitude counts from the equator, so it holds in both hemispheres. The law's longitude term was derived in
 * North America only and is left out.
 * Source: Hopkins, A. D. (1938), Bioclimatics, USDA Miscellaneous Publication 280.
 * @example hopkinsShiftDays({ latitudeDeg: 50, heightM: 100 }, { latitudeDeg: 52, heightM: 222 }) // 12
 */
export function hopkinsShiftDays(
  reference: Position,
  site: Position,
  direction: 'spring' | 'autumn' = 'spring',
): number {
  const poleward = Math.abs(site.latitudeDeg) - Math.abs(reference.latitudeDeg);
  const upward = (site.heightM - reference.heightM) / 122;
  const later = 4 * (poleward + upward);
  return direction === 'spring' ? later : -later + 0;
}
