import { ROUTES } from '@emberfield/contract';
import type { Dependencies } from '../dependencies.ts';
import type { Endpoints } from '../platform/http/endpoint.ts';
import { viewProspects } from './operations/prospects.ts';
import { identityTable } from './operations/identity-table.ts';

export function mountIdentity(endpoints: Endpoints, deps: Dependencies): void {
  endpoints.inGroup(ROUTES.signs, (c) => identityTable(deps, c));
  endpoints.inGroup(ROUTES.prospects, (c) => viewProspects(deps, c));
}
