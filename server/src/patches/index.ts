export { factsOf } from './operations/view-patch.ts';
export { pathVisibleTo, placeKey, SEES_ALL, seesExactly, visibleTo, type Viewer, type VisiblePatch } from './policy.ts';
export { mountPatches } from './routes.ts';
export { insertPatch, patchById, patchesOf, standKeysOf } from './repository.ts';
export type { PatchRow } from './table.ts';
