import { ROUTES } from '@emberfield/contract';
import type { Dependencies } from '../dependencies.ts';
import type { Endpoints } from '../platform/http/endpoint.ts';
import { keptOfGroup } from '../stands/index.ts';
import { viewLedger } from './operations/ledger.ts';

export function mountLedger(endpoints: Endpoints, deps: Dependencies): void {
  endpoints.inGroup(
    ROUTES.ledger,
    keptOfGroup(deps, 'ledger', (c) => viewLedger(deps, c)),
  );
}
