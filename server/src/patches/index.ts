export { areaOfRing } from './operations/ring-area.ts';
export { geometryFor, seesExactly } from './operations/view-patch.ts';
export { mountPatches } from './routes.ts';
export { insertPatch, patchById, standKeysOf, type PatchRow } from './repository.ts';
