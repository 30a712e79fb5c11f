import { ROUTES } from '@emberfield/contract';
import type { Dependencies } from '../dependencies.ts';
import type { Endpoints } from '../platform/http/endpoint.ts';
import { removePatch, retirePatch } from './operations/retire.ts';
import { addPatch, assignStation, changePatch, listPatches, onePatch } from './operations/patches.ts';

export function mountPatches(endpoints: Endpoints, deps: Dependencies): void {
  endpoints.inGroup(ROUTES.patches, (c) => listPatches(deps, c));
  endpoints.inGroup(ROUTES.patch, (c) => onePatch(deps, c));
  endpoints.inGroup(ROUTES.newPatch, (c) => addPatch(deps, c));
  endpoints.inGroup(ROUTES.assignStation, (c) => assignStation(deps, c));
  endpoints.inGroup(ROUTES.retirePatch, (c) => retirePatch(deps, c));
  endpoints.inGroup(ROUTES.removePatch, (c) => removePatch(deps, c));
  endpoints.inGroup(ROUTES.changePatch, (c) => changePatch(deps, c));
}
