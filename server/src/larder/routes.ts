import { ROUTES } from '@emberfield/contract';
import type { Dependencies } from '../dependencies.ts';
import type { Endpoints } from '../platform/http/endpoint.ts';
import { viewLarder } from './operations/larder.ts';

export function mountLarder(endpoints: Endpoints, deps: Dependencies): void {
  endpoints.inGroup(ROUTES.larder, (c) => viewLarder(deps, c));
}
