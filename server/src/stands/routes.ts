import { ROUTES } from '@emberfield/contract';
import type { Dependencies } from '../dependencies.ts';
import type { Endpoints } from '../platform/http/endpoint.ts';
import { keptOfGroup, keptOfStand } from './operations/group-state.ts';
import { lowerStand } from './operations/lower-stand.ts';
import { viewGroupProof } from './operations/group-proof.ts';
import { viewKit } from './operations/stand-kit.ts';
import { viewStandProof } from './operations/stand-proof.ts';
import { listEfforts } from './operations/efforts.ts';
import { listPlantings } from './operations/plantings.ts';
import { listPermits } from './operations/permits.ts';
import { poisonAt } from './operations/poison-at.ts';
import { removePlant } from './operations/remove-plant.ts';
import { removeStand, retireStand } from './operations/retire.ts';
import { viewStand } from './operations/stand-view.ts';
import { addStand, changeStand, listEntries } from './operations/stands.ts';

export function mountStands(endpoints: Endpoints, deps: Dependencies): void {
  endpoints.inGroup(ROUTES.newStand, (c) => addStand(deps, c));
  endpoints.inGroup(
    ROUTES.stand,
    keptOfStand(deps, 'stand', (c) => viewStand(deps, c)),
  );
  endpoints.inGroup(
    ROUTES.lowerStand,
    keptOfGroup(deps, 'lower', (c) => lowerStand(deps, c)),
  );
  endpoints.inGroup(
    ROUTES.plantings,
    keptOfGroup(deps, 'plantings', (c) => listPlantings(deps, c)),
  );
  endpoints.inGroup(
    ROUTES.efforts,
    keptOfGroup(deps, 'efforts', (c) => listEfforts(deps, c)),
  );
  endpoints.inGroup(
    ROUTES.permits,
    keptOfGroup(deps, 'permits', (c) => listPermits(deps, c)),
  );
  endpoints.inGroup(ROUTES.poison, (c) => poisonAt(deps, c));
  endpoints.inGroup(ROUTES.standKit, (c) => viewKit(deps, c));
  endpoints.inGroup(ROUTES.standProof, (c) => viewStandProof(deps, c));
  endpoints.inGroup(ROUTES.proof, (c) => viewGroupProof(deps, c));
  endpoints.inGroup(ROUTES.changeStand, (c) => changeStand(deps, c));
  endpoints.inGroup(ROUTES.retireStand, (c) => retireStand(deps, c));
  endpoints.inGroup(ROUTES.removePlant, (c) => removePlant(deps, c));
  endpoints.inGroup(ROUTES.removeStand, (c) => removeStand(deps, c));
  endpoints.inGroup(ROUTES.standEntries, (c) => listEntries(deps, c));
}
