import { ROUTES } from '@emberfield/contract';
import type { Dependencies } from '../dependencies.ts';
import type { Endpoints } from '../platform/http/endpoint.ts';
import { listPlants, viewPlant } from './operations/plants.ts';
import { savePlant } from './operations/save-plant.ts';

export function mountPlants(endpoints: Endpoints, deps: Dependencies): void {
  endpoints.inGroup(ROUTES.plants, (c) => listPlants(deps, c));
  endpoints.inGroup(ROUTES.plant, (c) => viewPlant(deps, c));
  endpoints.inGroup(ROUTES.savePlant, (c) => savePlant(deps, c));
}
