import { ROUTES } from '@emberfield/contract';
import type { Dependencies } from '../dependencies.ts';
import type { Endpoints } from '../platform/http/endpoint.ts';
import { makeArchive } from './operations/make-archive.ts';

export function mountArchive(endpoints: Endpoints, deps: Dependencies): void {
  endpoints.inGroup(ROUTES.archive, (c) => makeArchive(deps, c));
}
