import { ROUTES } from '@emberfield/contract';
import type { Dependencies } from '../dependencies.ts';
import type { Endpoints } from '../platform/http/endpoint.ts';
import { addTide, listTides, removeTide } from './operations/tides.ts';

export function mountTide(endpoints: Endpoints, deps: Dependencies): void {
  endpoints.inGroup(ROUTES.tides, (c) => listTides(deps, c));
  endpoints.inGroup(ROUTES.newTide, (c) => addTide(deps, c));
  endpoints.inGroup(ROUTES.removeTide, (c) => removeTide(deps, c));
}
