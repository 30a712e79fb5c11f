import { ROUTES } from '@emberfield/contract';
import type { Dependencies } from '../dependencies.ts';
import type { Endpoints } from '../platform/http/endpoint.ts';
import { viewLarder } from './operations/larder.ts';
import { listTastes, removeTaste, saveTaste } from './operations/tastes.ts';

export function mountLarder(endpoints: Endpoints, deps: Dependencies): void {
  endpoints.inGroup(ROUTES.larder, (c) => viewLarder(deps, c));
  endpoints.inGroup(ROUTES.tastes, (c) => listTastes(deps, c));
  endpoints.inGroup(ROUTES.saveTaste, (c) => saveTaste(deps, c));
  endpoints.inGroup(ROUTES.removeTaste, (c) => removeTaste(deps, c));
}
