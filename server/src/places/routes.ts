import { ROUTES } from '@emberfield/contract';
import type { Dependencies } from '../dependencies.ts';
import type { Endpoints } from '../platform/http/endpoint.ts';
import { exportFile } from './operations/exports.ts';
import {
  dropPlaceImport,
  newPlaceImport,
  readPlaceImport,
  storePlaceImport,
  viewPlaceImport,
} from './operations/imports.ts';
import { forgetPath, listPaths } from './operations/paths.ts';
import { undoPlaceImport } from './operations/undo-import.ts';

export function mountPlaces(endpoints: Endpoints, deps: Dependencies): void {
  endpoints.inGroup(ROUTES.newPlaceImport, (c) => newPlaceImport(deps, c));
  endpoints.inGroup(ROUTES.placeImport, (c) => viewPlaceImport(deps, c));
  endpoints.inGroup(ROUTES.readPlaceImport, (c) => readPlaceImport(deps, c));
  endpoints.inGroup(ROUTES.storePlaceImport, (c) => storePlaceImport(deps, c));
  endpoints.inGroup(ROUTES.undoPlaceImport, (c) => undoPlaceImport(deps, c));
  endpoints.inGroup(ROUTES.dropPlaceImport, (c) => dropPlaceImport(deps, c));
  endpoints.inGroup(ROUTES.exportFile, (c) => exportFile(deps, c));
  endpoints.inGroup(ROUTES.paths, (c) => listPaths(deps, c));
  endpoints.inGroup(ROUTES.forgetPath, (c) => forgetPath(deps, c));
}
