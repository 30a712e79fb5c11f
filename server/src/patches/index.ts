export { areaOfRing, lengthOfLine } from './operations/ring-area.ts';
export { factsOf, geometryFor, seesExactly } from './operations/view-patch.ts';
export { mountPatches } from './routes.ts';
export { insertPatch, patchById, patchesOf, standKeysOf, type PatchRow } from './repository.ts';
