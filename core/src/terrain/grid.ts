/** Heights on a regular grid in degrees, row by row from the north-west; NaN where nothing is known. */
export interface HeightGrid {
  readonly columns: number;
  readonly rows: number;
  /** Middle of the north-west cell. */
  readonly westDeg: number;
  readonly northDeg: number;
  /** Distance between the middles of two cells. */
  readonly stepLonDeg: number;
  readonly stepLatDeg: number;
  readonly heightsM: Float32Array;
}

export interface Terrain {
  readonly heightM: number;
  readonly slopeDeg: number;
  /** The way downhill, 0 north, 90 east; `null` on level ground. */
  readonly aspectDeg: number | null;
}

/** Below this slope nothing faces anywhere. An estimate: two per cent of a right angle is within what grids err by. */
const LEVEL_DEG = 2;
const M_PER_LAT_DEG = 111_132;

/**
 * Height, slope and aspect at a position: the height between the four cells around it (bilinear), slope and aspect by the
 * weighted differences of the nine cells round the nearest (Horn 1981, Hill shading and the reflectance map, Proc. IEEE 69).
 * Assumes small cells: a degree of longitude is taken at the position's latitude on a sphere.
 * @returns `null` outside the grid, on its rim, or where a height is missing.
 * @example // a plane rising 1 m per metre northward → slope 45°, aspect 180° (it faces south)
 */
export function terrainAt(
  grid: HeightGrid,
  { latitudeDeg, longitudeDeg }: { readonly latitudeDeg: number; readonly longitudeDeg: number },
): Terrain | null {
  const x = (longitudeDeg - grid.westDeg) / grid.stepLonDeg;
  const y = (grid.northDeg - latitudeDeg) / grid.stepLatDeg;
  const [column, row] = [Math.round(x), Math.round(y)];
  if (!(column >= 1 && row >= 1 && column < grid.columns - 1 && row < grid.rows - 1)) return null;
  const at = (dx: number, dy: number): number => grid.heightsM[(row + dy) * grid.columns + column + dx]!;
  const heightM = between(grid, x, y);
  const cellXM = grid.stepLonDeg * M_PER_LAT_DEG * Math.cos((latitudeDeg * Math.PI) / 180);
  const cellYM = grid.stepLatDeg * M_PER_LAT_DEG;
  const eastward = (at(1, -1) + 2 * at(1, 0) + at(1, 1) - (at(-1, -1) + 2 * at(-1, 0) + at(-1, 1))) / (8 * cellXM);
  const northward = (at(-1, -1) + 2 * at(0, -1) + at(1, -1) - (at(-1, 1) + 2 * at(0, 1) + at(1, 1))) / (8 * cellYM);
  const slopeDeg = (Math.atan(Math.hypot(eastward, northward)) * 180) / Math.PI;
  if (!Number.isFinite(heightM) || !Number.isFinite(slopeDeg)) return null;
  const downhill = (Math.atan2(-eastward, -northward) * 180) / Math.PI;
  return { heightM, slopeDeg, aspectDeg: slopeDeg < LEVEL_DEG ? null : (downhill + 360) % 360 };
}

function between({ columns, heightsM }: HeightGrid, x: number, y: number): number {
  const [c, r] = [Math.floor(x), Math.floor(y)];
  const [fx, fy] = [x - c, y - r];
  const at = (dc: number, dr: number): number => heightsM[(r + dr) * columns + c + dc]!;
  return (at(0, 0) * (1 - fx) + at(1, 0) * fx) * (1 - fy) + (at(0, 1) * (1 - fx) + at(1, 1) * fx) * fy;
}

export const EIGHT_WINDS = ['n', 'ne', 'e', 'se', 's', 'sw', 'w', 'nw'] as const;
/** The nearest of eight directions; level ground is "flat". */
export const windOf = (aspectDeg: number | null): (typeof EIGHT_WINDS)[number] | 'flat' =>
  aspectDeg === null ? 'flat' : EIGHT_WINDS[Math.round(aspectDeg / 45) % 8]!;

const MOST_CELLS = 4_000_000;

/**
 * Reads an ESRI ASCII grid of geographic coordinates.
 * @throws RangeError with the code of what is wrong: notAGrid, gridNotInDegrees, gridTooLarge, gridCutOff.
 */
export function readAsciiGrid(text: string): HeightGrid {
  const words = text.trim().split(/\s+/);
  const head = new Map<string, number>();
  let i = 0;
  while (i + 1 < words.length && /^[a-z_]+$/i.test(words[i]!)) {
    head.set(words[i]!.toLowerCase(), Number(words[i + 1]));
    i += 2;
  }
  const number = (name: string): number => {
    const value = head.get(name);
    if (value === undefined || !Number.isFinite(value)) throw new RangeError('notAGrid');
    return value;
  };
  const [columns, rows, step] = [number('ncols'), number('nrows'), number('cellsize')];
  const centred = head.has('xllcenter');
  const half = centred ? 0 : step / 2;
  const west = number(centred ? 'xllcenter' : 'xllcorner') + half;
  const south = number(centred ? 'yllcenter' : 'yllcorner') + half;
  if (!(columns > 0 && rows > 0 && step > 0)) throw new RangeError('notAGrid');
  if (columns * rows > MOST_CELLS) throw new RangeError('gridTooLarge');
  if (Math.abs(west) > 180 || Math.abs(south) > 90 || step > 1) throw new RangeError('gridNotInDegrees');
  if (words.length - i !== columns * rows) throw new RangeError('gridCutOff');
  const missing = head.get('nodata_value') ?? -9999;
  const heightsM = new Float32Array(columns * rows);
  for (let k = 0; k < heightsM.length; k++) {
    const value = Number(words[i + k]);
    heightsM[k] = value === missing ? NaN : value;
  }
  return {
    columns,
    rows,
    westDeg: west,
    northDeg: south + (rows - 1) * step,
    stepLonDeg: step,
    stepLatDeg: step,
    heightsM,
  };
}
