export { EIGHT_WINDS, readAsciiGrid, terrainAt, windOf, type HeightGrid, type Terrain } from './grid.ts';
