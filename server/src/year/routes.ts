import { ROUTES } from '@emberfield/contract';
import type { Dependencies } from '../dependencies.ts';
import type { Endpoints } from '../platform/http/endpoint.ts';
import { keptOfGroup } from '../stands/index.ts';
import { viewYear } from './operations/year.ts';

export function mountYear(endpoints: Endpoints, deps: Dependencies): void {
  endpoints.inGroup(
    ROUTES.year,
    keptOfGroup(deps, 'year', (c) => viewYear(deps, c)),
  );
}
