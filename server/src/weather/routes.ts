import { removeStation, retireStation } from './operations/retire-station.ts';
import { ROUTES } from '@emberfield/contract';
import type { Dependencies } from '../dependencies.ts';
import type { Endpoints } from '../platform/http/endpoint.ts';
import { fetchNow } from './operations/fetch-station.ts';
import { putHandDays } from './operations/hand-days.ts';
import {
  dropImport,
  undoImport,
  listImports,
  newImport,
  readImport,
  storeImport,
  viewImport,
} from './operations/imports.ts';
import { addStation, listDays, listStations } from './operations/stations.ts';

export function mountWeather(endpoints: Endpoints, deps: Dependencies): void {
  endpoints.inGroup(ROUTES.stations, (c) => listStations(deps, c));
  endpoints.inGroup(ROUTES.newStation, (c) => addStation(deps, c));
  endpoints.inGroup(ROUTES.fetchStation, (c) => fetchNow(deps, c));
  endpoints.inGroup(ROUTES.putHandDays, (c) => putHandDays(deps, c));
  endpoints.inGroup(ROUTES.stationDays, (c) => listDays(deps, c));
  endpoints.inGroup(ROUTES.imports, (c) => listImports(deps, c));
  endpoints.inGroup(ROUTES.newImport, (c) => newImport(deps, c));
  endpoints.inGroup(ROUTES.importPreview, (c) => viewImport(deps, c));
  endpoints.inGroup(ROUTES.readImport, (c) => readImport(deps, c));
  endpoints.inGroup(ROUTES.storeImport, (c) => storeImport(deps, c));
  endpoints.inGroup(ROUTES.undoImport, (c) => undoImport(deps, c));
  endpoints.inGroup(ROUTES.retireStation, (c) => retireStation(deps, c));
  endpoints.inGroup(ROUTES.removeStation, (c) => removeStation(deps, c));
  endpoints.inGroup(ROUTES.dropImport, (c) => dropImport(deps, c));
}
