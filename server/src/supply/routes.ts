import { ROUTES } from '@emberfield/contract';
import type { Dependencies } from '../dependencies.ts';
import type { Endpoints } from '../platform/http/endpoint.ts';
import { removeWant, saveWant } from './operations/save-want.ts';
import { listWants } from './operations/wants.ts';

/** How it is met is reckoned on the device, from what the stands say. */
export function mountSupply(endpoints: Endpoints, deps: Dependencies): void {
  endpoints.inGroup(ROUTES.wants, (c) => listWants(deps, c));
  endpoints.inGroup(ROUTES.saveWant, (c) => saveWant(deps, c));
  endpoints.inGroup(ROUTES.removeWant, (c) => removeWant(deps, c));
}
