import { ROUTES } from '@emberfield/contract';
import type { Dependencies } from '../dependencies.ts';
import type { Endpoints } from '../platform/http/endpoint.ts';
import { keptOfGroup } from '../stands/index.ts';
import { find } from './operations/find.ts';
import { viewHearth, viewRibbon } from './operations/hearth.ts';

export function mountHearth(endpoints: Endpoints, deps: Dependencies): void {
  // While some of it is still reckoned behind the answer, whoever asks again finds more.
  const whole = keptOfGroup(
    deps,
    'hearth',
    (c) => viewHearth(deps, c),
    (said) => said.waiting === 0,
  );
  endpoints.inGroup(ROUTES.hearth, whole);
  endpoints.inGroup(
    ROUTES.ribbon,
    keptOfGroup(deps, 'ribbon', (c) => viewRibbon(deps, c)),
  );
  endpoints.inGroup(ROUTES.find, (c) => find(deps, c));
}
