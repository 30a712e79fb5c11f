import { ROUTES } from '@emberfield/contract';
import type { Dependencies } from '../dependencies.ts';
import type { Endpoints } from '../platform/http/endpoint.ts';
import { find, viewHearth, viewRibbon } from './operations/hearth.ts';

export function mountHearth(endpoints: Endpoints, deps: Dependencies): void {
  endpoints.inGroup(ROUTES.hearth, (c) => viewHearth(deps, c));
  endpoints.inGroup(ROUTES.ribbon, (c) => viewRibbon(deps, c));
  endpoints.inGroup(ROUTES.find, (c) => find(deps, c));
}
