import { ROUTES } from '@emberfield/contract';
import type { Dependencies } from '../dependencies.ts';
import type { Endpoints } from '../platform/http/endpoint.ts';
import { removePermit, savePermit } from './operations/save-permit.ts';

/** What was taken of them is told by the stands. */
export function mountPermits(endpoints: Endpoints, deps: Dependencies): void {
  endpoints.inGroup(ROUTES.savePermit, (c) => savePermit(deps, c));
  endpoints.inGroup(ROUTES.removePermit, (c) => removePermit(deps, c));
}
