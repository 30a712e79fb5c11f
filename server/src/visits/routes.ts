import { ROUTES } from '@emberfield/contract';
import type { Dependencies } from '../dependencies.ts';
import type { Endpoints } from '../platform/http/endpoint.ts';
import { listSought, seek, stopSeeking } from './operations/sought.ts';
import { sync } from './operations/sync.ts';

export function mountVisits(endpoints: Endpoints, deps: Dependencies): void {
  endpoints.inGroup(ROUTES.sync, (c) => sync(deps, c));
  endpoints.inGroup(ROUTES.sought, (c) => listSought(deps, c));
  endpoints.inGroup(ROUTES.seek, (c) => seek(deps, c));
  endpoints.inGroup(ROUTES.stopSeeking, (c) => stopSeeking(deps, c));
}
