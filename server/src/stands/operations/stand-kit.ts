import type { StandKit } from '@emberfield/contract';
import { dayNumber } from '@emberfield/core/measure';
import { packSeason, type Site } from '@emberfield/core/phenology';
import type { Dependencies } from '../../dependencies.ts';
import { notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { seesExactly } from '../../patches/index.ts';
import { dossiersOf } from './dossier.ts';
import { forecastInput, seasonNow } from './forecast-input.ts';
import { partsOf, shiftsOf } from './window-knowledge.ts';

const BLUR_DEG = 0.1;
const BLUR_M = 50;
/** Where a secret place is, to whoever is not to know it: about so far from the equator, and about so high. */
const blurred = ({ latitudeDeg, heightM, ...rest }: Site): Site => ({
  ...rest,
  latitudeDeg: Math.round(latitudeDeg / BLUR_DEG) * BLUR_DEG,
  heightM: Math.round(heightM / BLUR_M) * BLUR_M,
});

/** What a device needs to reckon a stand's season by itself. */
export async function viewKit(deps: Dependencies, { group, account, params }: GroupContext<null>): Promise<StandKit> {
  const {
    stands: [dossier],
  } = await dossiersOf(deps, group, params['standId']);
  if (!dossier) throw notFound('stand');
  const today = dayNumber(group.today);
  const season = seasonNow(dossier, today);
  const { site, ...input } = forecastInput(dossier, season, today);
  const exact = seesExactly(dossier.patch, group, account.accountId);
  return {
    season: packSeason({ ...input, site: exact ? site : blurred(site), parts: partsOf(dossier, season, today) }),
    shifts: dossier.plant.profile.windows.map((_w, w) => shiftsOf(dossier, w, today)),
  };
}
